import { existsSync } from 'node:fs';

/** The Debian package of the second engine in which what is published is held. */
export const FIREFOX_PACKAGE = 'firefox-esr';

/** Debian's Firefox. */
export function findFirefox() {
  const program = process.env.YPSILINE_FIREFOX ?? '/usr/bin/firefox-esr';
  return existsSync(program) ? program : null;
}
