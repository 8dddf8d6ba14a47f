/**
 * Where the build puts a program that runs beside the application (`scripts/setup/build.mjs`).
 *
 *     programFile('worker')   // /srv/ypsiline/.next/ypsiline/worker.mjs
 */
export function programFile(name: 'worker' | 'measure-process'): string {
  // said in pieces, so that the build of the pages looks for no module there
  return [process.cwd(), '.next', 'ypsiline', `${name}.mjs`].join('/');
}
