import type { ReactNode } from 'react';

/** A specification as the list shows it. */
export type ListedSpec = {
  id: string;
  slug: string;
  name: string;
  counts: string;
  drawing: ReactNode;
  /** Why the stored document cannot be read; null where it can. */
  problem: string | null;
  mustFix: number | null;
  weigh: number | null;
  revision: number;
  lastEdition: string | null;
  /** Does the draft say something else than the last edition? */
  differs: boolean;
  inReview: boolean;
  /** Who has changed it since its last edition. */
  people: string[];
  changedBy: string;
  changedAt: string;
  archived: boolean;
};
