import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { layoutHtml } from '../../core/formats/layout/layout-html';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { COMMAND_FILE } from '../../scripts/setup/build.mjs';
import type { Layout, Spec } from '../../core/spec/schema';

/** A specification of the demo, as its newest draft is. */
export function demoSpec(name: string): Spec {
  return DEMO_SPECS.map(({ drafts }) => drafts.at(-1)!.document).find((each) => each.name === name)!;
}

type Respond = (path: string, request: IncomingMessage, response: ServerResponse) => void;

/** Answers with a page. */
export const html =
  (text: string): Respond =>
  (_, __, response) => {
    response.setHeader('Content-Type', 'text/html; charset=utf-8');
    response.end(text);
  };

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

/** A layout as the page that an edition hands over, with more in its head and at its end. */
export function builtPage(spec: Spec, layout: Layout, css = '', more = ''): string {
  const page = layoutHtml(spec, [layout], layoutCss(spec, ORIGIN));
  return page.replace('</head>', () => `<style>${css}</style></head>`).replace('</body>', () => `${more}</body>`);
}

/** A site on loopback for as long as a test needs it. */
export async function withSite<T>(respond: Respond, use: (address: string) => Promise<T>): Promise<T> {
  const server = createServer((request, response) => respond(request.url ?? '/', request, response));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  try {
    return await use(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  } finally {
    server.closeAllConnections();
    server.close();
  }
}

/** What `measure --json` answers. */
export type MeasureAnswer = {
  pages: {
    address: string;
    notes: string[];
    screens: {
      widthPx: number;
      checks: {
        check: string;
        verdict: string;
        held: number;
        why: string | null;
        findings: { says: string; byPx: number | null; elements: string[] }[];
      }[];
    }[];
  }[];
  same: number;
  differs: number;
};

/** The command as the application serves it, called with a browser; what it says, and its exit code. */
export async function measured(
  browser: string,
  spec: Spec,
  args: string[],
  env: Record<string, string> = {},
): Promise<{ says: string; status: number }> {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-measure-'));
  try {
    const file = join(folder, 'spec.json');
    writeFileSync(file, JSON.stringify(spec));
    const child = spawn(process.execPath, [COMMAND_FILE, 'measure', '--browser', browser, '--against', file, ...args], {
      env: { ...process.env, ...env },
    });
    let says = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (says += String(chunk)));
    const [status] = (await once(child, 'close')) as [number];
    return { says, status };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
