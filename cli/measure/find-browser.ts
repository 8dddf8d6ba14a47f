import { existsSync } from 'node:fs';
import { basename, delimiter, join } from 'node:path';
import { Unusable } from '../command';

/** A browser that is there, and by which protocol it is driven. */
export type FoundBrowser = { path: string; kind: 'chrome' | 'firefox' };

/** What is looked for on the search path, the first that is there first. */
const COMMANDS = [
  'chromium',
  'chromium-browser',
  'chromium-headless-shell',
  'google-chrome',
  'google-chrome-stable',
  'microsoft-edge',
  'microsoft-edge-stable',
  'firefox',
  'firefox-esr',
];

/** Where browsers are installed that stand on no search path. */
const PLACES: Partial<Record<NodeJS.Platform, string[]>> = {
  darwin: ['Chromium', 'Google Chrome', 'Microsoft Edge', 'Firefox'].map(
    (name) => `/Applications/${name}.app/Contents/MacOS/${name === 'Firefox' ? 'firefox' : name}`,
  ),
  win32: [process.env['ProgramFiles'], process.env['ProgramFiles(x86)'], process.env['LOCALAPPDATA']].flatMap(
    (folder) =>
      folder === undefined
        ? []
        : [
            join(folder, 'Google', 'Chrome', 'Application', 'chrome.exe'),
            join(folder, 'Microsoft', 'Edge', 'Application', 'msedge.exe'),
            join(folder, 'Mozilla Firefox', 'firefox.exe'),
          ],
  ),
};

/** The browser that is asked for, by its path or its name, or else the first that is there. */
export function findBrowser(asked: string | undefined, env: Record<string, string | undefined>): FoundBrowser {
  const folders = (env['PATH'] ?? '').split(delimiter).filter(Boolean);
  const onPath = (command: string): string | undefined =>
    folders.map((folder) => join(folder, command)).find((path) => existsSync(path));
  if (asked !== undefined) {
    const path = existsSync(asked) ? asked : onPath(asked);
    if (path === undefined) throw new Unusable(`--browser: there is no ${asked}. Use the path of a browser’s program`);
    return { path, kind: kindOfBrowser(path) };
  }
  const path =
    COMMANDS.map(onPath).find(Boolean) ?? (PLACES[process.platform] ?? []).find((place) => existsSync(place));
  if (path === undefined)
    throw new Unusable(
      `no browser was found. Looked for ${COMMANDS.join(', ')} on the search path${PLACES[process.platform] ? ', and where they are usually installed' : ''}. Name one with --browser PATH`,
    );
  return { path, kind: kindOfBrowser(path) };
}

const kindOfBrowser = (path: string): FoundBrowser['kind'] => (/firefox/i.test(basename(path)) ? 'firefox' : 'chrome');
