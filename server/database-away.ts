/** The database does not answer, or a connection to it was cut. Nothing is known of what was asked last. */
export class DatabaseAway extends Error {
  readonly code = 'DATABASE_AWAY';
  constructor(cause: unknown) {
    super('The database does not answer.', { cause });
  }
}

/** Codes of the driver and of the operating system for connections that are gone or cannot be made. */
const LOST = new Set([
  'CONNECTION_CLOSED',
  'CONNECTION_DESTROYED',
  'CONNECTION_ENDED',
  'CONNECT_TIMEOUT',
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'EHOSTUNREACH',
  'DATABASE_AWAY',
  // PostgreSQL, appendix A: admin_shutdown, crash_shutdown, cannot_connect_now, too_many_connections, connection exceptions
  '57P01',
  '57P02',
  '57P03',
  '53300',
  '08000',
  '08003',
  '08006',
]);

/** Is an error one of a connection that was lost, or that could not be made? */
export function isLostConnection(error: unknown): boolean {
  return LOST.has(codeOf(error));
}

/** Codes with which PostgreSQL ends what took too long: statement, lock and transaction time limits. */
const LATE = new Set(['57014', '55P03', '25P03']);

/** Did the database end a question because it took too long? */
export function tookTooLong(error: unknown): boolean {
  return LATE.has(codeOf(error));
}

function codeOf(error: unknown): string {
  return String((error as { code?: unknown } | null)?.code);
}
