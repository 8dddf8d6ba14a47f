import { type BuiltScreen, holdBuilt } from '../../core/built/hold-built';
import { type Measurement, offInAll, offOnPage, type OffOnPage, type MeasuredPage } from '../../core/built/measurement';
import type { Parsed } from '../../core/parsed';
import { setImmediate } from 'node:timers/promises';
import type { SpecAccess } from '../access/access';
import type { ReportAccess } from '../access/key-access';
import type { Query } from '../database/database';
import { storedSpec } from '../database/stored-spec';
import { isUuid } from '../uuid';

/** A measurement in a list. */
export type ListedMeasurement = {
  id: string;
  name: string;
  version: string;
  measuredAt: Date;
  off: number;
  /** Are its boxes still there? Those of the newest are. */
  hasPages: boolean;
};

/** How much was off on each page of a measurement, and what. */
export type CountedMeasurement = Omit<ListedMeasurement, 'id' | 'hasPages'> & { counts: OffOnPage[] };

/** So many are listed; older ones are kept, and counted nowhere. */
const LISTED = 200;

/** What builds measured of running pages, the newest first. */
export async function measurementsOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<ListedMeasurement[]> {
  return sql<ListedMeasurement[]>`
    select id, name, version, measured_at, off, pages is not null as has_pages
      from measurements
     where spec_id = ${specId}
     order by measured_at desc, id
     limit ${LISTED}`;
}

/** What was off at each of them. */
export async function countsOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<CountedMeasurement[]> {
  return sql<CountedMeasurement[]>`
    select name, version, measured_at, off, counts
      from measurements
     where spec_id = ${specId}
     order by measured_at desc, id
     limit ${LISTED}`;
}

/** The pages of a measurement; null where there is none, or newer ones took their place. */
export async function measuredPages(
  sql: Query,
  { specId }: SpecAccess<'read-drafts'>,
  id: string,
): Promise<{ pages: MeasuredPage[]; tolerance: number } | null> {
  if (!isUuid(id)) return null;
  const [row] = await sql<{ pages: MeasuredPage[]; tolerance: number }[]>`
    select pages, tolerance from measurements where spec_id = ${specId} and id = ${id} and pages is not null`;
  return row ?? null;
}

/**
 * Keeps what a build measured: against the edition whose document it names, counted anew. The same again is known by its id.
 */
export async function keepMeasurement(
  sql: Query,
  { specId, specSlug }: ReportAccess,
  { id, name, document, tolerance, off, pages }: Measurement,
): Promise<Parsed<{ version: string; off: number }>> {
  const [edition] = await sql<{ version: string; document: unknown }[]>`
    select version, document
      from editions
     where spec_id = ${specId}
       and (sha256 = ${document.canonical}
            or exists (select from edition_files where edition_id = editions.id and edition_files.name = 'spec.json' and edition_files.sha256 = ${document.file}))
     order by id desc
     limit 1`;
  if (!edition)
    return {
      problem: `This document is no edition of ${specSlug}: it’s a draft, was changed, or is of another specification. Measure against the spec.json of an edition.`,
    };
  const spec = storedSpec(edition.document);
  const counts: OffOnPage[] = [];
  for (const { page, screens } of pages) {
    const held: BuiltScreen[] = [];
    for (const measured of screens) {
      held.push(holdBuilt(spec, measured, tolerance));
      // what others ask is answered between two screens
      await setImmediate();
    }
    counts.push(offOnPage(page, held));
  }
  const counted = offInAll(counts);
  if (counted !== off)
    return {
      problem: `The report says ${off} off, and its boxes ${counted}: it was changed, or another version of ypsiline.mjs made it. Measure again with the one of this address.`,
    };
  await sql`select keep_measurement(${specId}, ${id}, ${edition.version}, ${name}, ${tolerance}, ${off}, ${sql.json(counts as never)}, ${sql.json(pages as never)})`;
  return { value: { version: edition.version, off } };
}

/** Removes a measurement; false where there is none. */
export async function removeMeasurement(sql: Query, { specId }: SpecAccess<'edit'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  const removed = await sql`delete from measurements where spec_id = ${specId} and id = ${id}`;
  return removed.count > 0;
}
