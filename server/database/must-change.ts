/** A statement that changed nothing where it had to: the database’s policies did not let it. */
export class NotTaken extends Error {}

/**
 * Ends a transaction in which a statement changed no row though the gate had let it pass, so that nothing of it is kept.
 *
 * @throws NotTaken
 */
export function mustChange({ count }: { count: number }): void {
  if (count === 0) throw new NotTaken('the database did not take this change');
}

/** Did the database’s policies refuse a statement (insufficient_privilege)? */
export function isForbidden(error: unknown): boolean {
  return (error as { code?: unknown } | null)?.code === '42501';
}
