import { holdingBack, judge, toCheck } from '../../core/checks/run';
import { canonicalJson } from '../../core/edition/canonical';
import { byWidth } from '../../core/spec/ranges';
import { readSpec } from '../../core/document/read';
import type { Spec } from '../../core/spec/schema';
import type { Query } from '../database/database';
import { mustChange } from '../database/must-change';
import { sha256 } from '../sha256';

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

/** Counts the findings of a document and takes its hash; done when a draft is saved. */
export function summaryOf(document: Spec): Summary {
  const open = judge(document).filter(({ waiver }) => !waiver);
  return {
    name: document.name,
    mustFix: holdingBack(open).length,
    weigh: toCheck(open).length,
    counts: byWidth(document.breakpoints)
      .map(({ columns }) => columns.count)
      .join(' · '),
    draftHash: sha256(canonicalJson(document)),
  };
}

/** What is set in a row of specs to keep a summary. */
function kept(sql: Query, { name, mustFix, weigh, counts, draftHash }: Summary) {
  return sql`name = ${name}, must_fix = ${mustFix}, weigh = ${weigh}, counts = ${counts}, draft_hash = ${draftHash}`;
}

/** Keeps which revision is the newest, its summary, and who wrote it. */
export async function keepSummary(
  sql: Query,
  specId: string,
  summary: Summary,
  personId: string,
  revision: number,
): Promise<void> {
  mustChange(
    await sql`
      update specs set revision = ${revision}, ${kept(sql, summary)}, changed_by = ${personId}, changed_at = now()
       where id = ${specId}`,
  );
}

/** Counts what was saved before findings were kept; a document that cannot be read stays without a count. */
export async function fillSummaries(sql: Query): Promise<number> {
  const uncounted = await sql<{ id: string; document: unknown }[]>`
    select id, document
      from specs
      join drafts on spec_id = specs.id
     where must_fix is null`;
  let filled = 0;
  for (const { id, document } of uncounted) {
    const read = readSpec(document);
    if (!read.value) continue;
    await sql`update specs set ${kept(sql, summaryOf(read.value))} where id = ${id}`;
    filled++;
  }
  return filled;
}
