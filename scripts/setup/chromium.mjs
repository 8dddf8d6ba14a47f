import { existsSync } from 'node:fs';

/** The Debian package of the browser that tests, benches and pictures drive: Chromium without windows, a third lighter than with. */
export const CHROMIUM_PACKAGE = 'chromium-headless-shell';

/** Debian's Chromium. */
export function findChromium() {
  const program = process.env.YPSILINE_CHROMIUM ?? '/usr/bin/chromium-headless-shell';
  return existsSync(program) ? program : null;
}

/** What Chromium needs to run as root, headless, on a closed network. */
export const CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
