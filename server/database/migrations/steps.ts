import type { Query } from '../database';
import { revisionsToEdits } from './revisions-to-edits';

/** What a migration does that SQL cannot, by its name; it runs in the migration's transaction, after its text. */
export const STEPS: Readonly<Record<string, (sql: Query) => Promise<void>>> = {
  '005-revisions-as-edits.sql': revisionsToEdits,
};
