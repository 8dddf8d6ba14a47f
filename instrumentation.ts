/** What Next starts with the server: the work that runs beside it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !process.env.PORT) return;
  const [{ database }, { runBeside }] = await Promise.all([import('./server/database'), import('./server/beside')]);
  const { HOST = '127.0.0.1', PORT } = process.env;
  runBeside(database(), `http://${HOST === '0.0.0.0' ? '127.0.0.1' : HOST}:${PORT}`);
}
