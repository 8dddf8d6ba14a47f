import { createHash } from 'node:crypto';
import { judge } from '../core/checks/run';
import { canonicalJson } from '../core/edition/canonical';
import { byWidth } from '../core/spec/ranges';
import { readSpec } from '../core/spec/read';
import type { Spec } from '../core/spec/schema';
import type { Query } from './database';

/** What a list shows of a draft without reading its document. */
export type Summary = {
  name: string;
  mustFix: number;
  weigh: number;
  /** Column counts from the narrowest breakpoint up: `4 · 8 · 12`. */
  counts: string;
  /** SHA-256 of the canonical document: the same as an edition's where the two say the same. */
  draftHash: string;
};

export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}

/** Counts the findings of a document and takes its hash; done when a draft is saved. */
export function summaryOf(document: Spec): Summary {
  const open = judge(document).filter(({ waiver }) => !waiver);
  return {
    name: document.name,
    mustFix: open.filter(({ weight }) => weight === 'must-fix').length,
    weigh: open.filter(({ weight }) => weight === 'weigh').length,
    counts: byWidth(document.breakpoints)
      .map(({ columns }) => columns.count)
      .join(' · '),
    draftHash: sha256(canonicalJson(document)),
  };
}

/** Keeps the summary of the draft that was just written, with who wrote it. */
export async function keepSummary(
  sql: Query,
  specId: string,
  { name, mustFix, weigh, counts, draftHash }: Summary,
  personId: string,
): Promise<void> {
  await sql`
    update specs
       set name = ${name}, must_fix = ${mustFix}, weigh = ${weigh}, counts = ${counts}, draft_hash = ${draftHash},
           changed_by = ${personId}, changed_at = now()
     where id = ${specId}`;
}

/** Counts what was saved before findings were kept; a document that cannot be read stays without a count. */
export async function fillSummaries(sql: Query): Promise<number> {
  const uncounted = await sql<{ id: string; document: unknown }[]>`
    select id, document
      from specs
      join revisions on spec_id = specs.id and revisions.revision = specs.revision
     where must_fix is null`;
  let filled = 0;
  for (const { id, document } of uncounted) {
    const read = readSpec(document);
    if (!read.value) continue;
    const { mustFix, weigh, counts, draftHash } = summaryOf(read.value);
    await sql`
      update specs set must_fix = ${mustFix}, weigh = ${weigh}, counts = ${counts}, draft_hash = ${draftHash}
       where id = ${id}`;
    filled++;
  }
  return filled;
}
