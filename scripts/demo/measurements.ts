import { randomUUID } from 'node:crypto';
import type { Measured } from '../../core/built/measured';
import { holdPage, type MeasuredPage, offInAll } from '../../core/built/measurement';
import { canonicalJson } from '../../core/edition/canonical';
import { solveLayout } from '../../core/layouts/solve-layout';
import type { Layout, Spec } from '../../core/spec/schema';
import { teamAccess } from '../../server/access/access';
import { keyAccess, mayReport } from '../../server/access/key-access';
import { makeKey } from '../../server/access/keys';
import { actingAs } from '../../server/database/acting-as';
import type { Sql } from '../../server/database/database';
import { editionAt } from '../../server/editions/editions';
import { keepMeasurement } from '../../server/editions/measurements';
import { sha256 } from '../../server/sha256';
import { DEMO_TEAM } from '../../server/team/demo-people';
import { done } from './done';

const WIDTHS = [412, 820, 1512];
const TOLERANCE = 0.5;
const SPEC = 'passenger-site';

/** How long ago each build measured, and the blocks that stood a few px off then. */
const BUILDS: { ago: string; slips: RegExp; by: number }[] = [
  { ago: '61 days', slips: /./, by: 3 },
  { ago: '47 days', slips: /^(Farholm|The Ness|Departures|Field, (from|to|day))/, by: 4 },
  { ago: '33 days', slips: /^(Farholm|The Ness|Field, (from|to))$/, by: 4 },
  { ago: '19 days', slips: /^Field, (from|to)$/, by: 6 },
  { ago: '2 days', slips: /^(Farholm|Field, to)$/, by: 2 },
];

/** A layout as it was built at a width: as it is meant, but for some blocks. */
function builtLayout(spec: Spec, layout: Layout, width: number, slips: RegExp, by: number): Measured {
  const { blocks, height } = solveLayout(spec, layout, width);
  const placed = blocks.map((block) => ({
    id: block.placed.block.id,
    name: `[data-block='${block.placed.block.id}']`,
    x: block.x.valueOf() + (slips.test(block.placed.block.name) ? by : 0),
    y: block.y.valueOf(),
    width: block.width.valueOf(),
    height: block.height.valueOf(),
  }));
  const seen = placed.filter((box) => box.width > 0 && box.height > 0);
  return {
    width,
    height: Math.ceil(height.valueOf()),
    screen: 900,
    direction: 'ltr',
    origin: { x: 0, y: 0 },
    over: { by: 0, names: [] },
    boxes: seen.map(({ id, ...box }) => ({ ...box, seen: 'painted', block: id })),
    texts: [],
    layout: { id: layout.id, blocks: seen },
  };
}

/** What builds of the passenger site sent over two months, with a key that may report. */
export async function measuredByBuilds(sql: Sql, ownerId: string): Promise<void> {
  const owner = (await teamAccess(sql, ownerId, DEMO_TEAM.slug, 'share'))!;
  const key = done(
    'key',
    await makeKey(sql, owner, {
      name: 'Nightly measurement',
      specIds: null,
      days: 365,
      mayReport: true,
    }),
  );
  const access = (await keyAccess(sql, key.secret, { team: DEMO_TEAM.slug, spec: SPEC }))!;
  const asKey = actingAs(sql, access);
  const reporting = (await mayReport(asKey, access))!;
  const { document: spec } = (await editionAt(sql, access, 'latest'))!;
  for (const { ago, slips, by } of BUILDS) {
    const pages = spec.layouts.map((layout): MeasuredPage => ({
      page: `/${layout.id}`,
      screens: WIDTHS.map((width) => builtLayout(spec, layout, width, slips, by)),
    }));
    const off = offInAll(pages.map((page) => holdPage(page, spec, TOLERANCE)));
    const sum = sha256(canonicalJson(spec));
    const report = {
      id: randomUUID(),
      name: 'main',
      document: { canonical: sum, file: sum },
      tolerance: TOLERANCE,
      off,
      pages,
    };
    done('measurement', await keepMeasurement(asKey, reporting, report));
    await sql`update measurements set measured_at = now() - ${ago}::interval where id = ${report.id}`;
  }
}
