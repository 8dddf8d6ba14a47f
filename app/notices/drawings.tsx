import type { ReactNode } from 'react';
import { specAccess } from '../../server/access/access';
import { database } from '../../server/database/database';
import { editionAt, editionsAround } from '../../server/editions/editions';
import type { Notice } from '../../server/team/notices';
import { SpecStrip } from '../../ui/drawing/spec-strip';

/** So many editions are drawn; further down the list there are words alone. */
const MOST_DRAWN = 12;

const EDITION = /^\/([a-z0-9-]+)\/([a-z0-9-]+)\/editions\/([^/]+)$/;

/** The editions that notices tell of, drawn over what was before them, by the path of the notice; those that the person may not read any more are left out. */
export async function drawingsOf(personId: string, notices: readonly Notice[]): Promise<Record<string, ReactNode>> {
  const told = notices.filter(({ kind, path }) => kind === 'publish' && EDITION.test(path)).map(({ path }) => path);
  const drawn = await Promise.all(
    [...new Set(told)].slice(0, MOST_DRAWN).map(async (path) => [path, await drawingOf(personId, path)] as const),
  );
  return Object.fromEntries(drawn);
}

async function drawingOf(personId: string, path: string): Promise<ReactNode> {
  const [, team = '', spec = '', version = ''] = EDITION.exec(path) ?? [];
  const access = await specAccess(database({ personId }), personId, { team, spec }, 'read-drafts');
  if (!access) return null;
  const sql = database(access);
  const [edition, { before }] = await Promise.all([
    editionAt(sql, access, version).catch(() => null),
    editionsAround(sql, access, version),
  ]);
  return edition && <SpecStrip spec={edition.document} before={before?.document ?? null} />;
}
