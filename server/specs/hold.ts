import type { Transaction } from '../database/database';

/**
 * Holds a spec until the transaction ends, so that nobody else changes it; rows that belong to it can be written meanwhile. Whoever waited for that reads with the next
 * statement what others have done to it.
 */
export async function hold(transaction: Transaction, specId: string): Promise<void> {
  await transaction`select 1 from specs where id = ${specId} for no key update`;
}
