/** Limits of event streams and of who is shown at a draft. */
export const STREAM_LIMITS = {
  /** Open at once for one person: at one process as streams, in the database as windows that are shown (`limit_windows`). */
  ofOne: 30,
  /** Open at once at one process. */
  ofProcess: 5_000,
  /** What is written to one stream before it is ended and its window comes back, in bytes: so much at most waits where nobody reads. */
  bytes: 512_000,
};
