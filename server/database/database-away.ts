/** The database does not answer, or a connection to it was cut. Nothing is known of what was asked last. */
export class DatabaseAway extends Error {
  readonly code = 'DATABASE_AWAY';
  constructor(cause: unknown) {
    super('The database doesn’t answer.', { cause });
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
  // read_only_sql_transaction: what was the primary has become a replica
  '25006',
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

/** Codes with which PostgreSQL takes back a whole transaction because of what others did at the same time: serialization_failure, deadlock_detected. */
const ROLLED_BACK = new Set(['40001', '40P01']);

/** Did the database take back a whole transaction that can be begun once more? */
export function isRolledBack(error: unknown): boolean {
  return ROLLED_BACK.has(codeOf(error));
}

/** disk_full, and what the driver says of a file that could not grow. */
const FULL = new Set(['53100', 'ENOSPC']);

/** Could something not be written because a disk is full? */
export function isDiskFull(error: unknown): boolean {
  return FULL.has(codeOf(error)) || /No space left on device/.test(String((error as Error | null)?.message));
}

function codeOf(error: unknown): string {
  return String((error as { code?: unknown } | null)?.code);
}

/** Does what is safe to do twice: once more, a moment later, where the connection was lost and it is not known whether it was done. */
export async function safeTwice<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!isLostConnection(error)) throw error;
    await new Promise((resolve) => setTimeout(resolve, 300));
    return work();
  }
}
