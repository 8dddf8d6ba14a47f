/** What Next starts with the server: the work that runs beside it, and what the server asks the application. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !process.env.PORT) return;
  const [{ database }, { runBeside }, { answerTheServer }] = await Promise.all([
    import('./server/database/database'),
    import('./server/running/beside'),
    import('./server/running/for-the-server'),
  ]);
  const { HOST = '127.0.0.1', PORT } = process.env;
  runBeside(database(), `http://${HOST === '0.0.0.0' ? '127.0.0.1' : HOST}:${PORT}`);
  answerTheServer();
}
