import { createHash } from 'node:crypto';
import type { Parsed } from '../../core/length/parsed';
import type { Font } from '../../core/spec/type-schema';
import type { Query } from '../database';
import { fontFormat, type FontFormat } from './font-file';
import { type FontMeasures, measureFont } from './measure-font';

/** A font that a team brought. */
export type TeamFont = { font: Font; uploadedBy: string; uploadedAt: Date };

const MOST_FONTS = 200;

type Row = { sha256: string; measures: FontMeasures; uploadedBy: string; uploadedAt: Date };

const fontOf = ({ sha256, measures }: Pick<Row, 'sha256' | 'measures'>): Font => ({
  file: `team:${sha256}`,
  ...measures,
});

/** The fonts that a team brought, by family. The caller has made sure that the asker is a member. */
export async function fontsOf(sql: Query, teamId: string): Promise<TeamFont[]> {
  const rows = await sql<Row[]>`
    select sha256, measures, name as uploaded_by, uploaded_at
      from fonts
      join people on people.id = fonts.uploaded_by
     where team_id = ${teamId}
     order by measures->>'family', fonts.id`;
  return rows.map(({ uploadedBy, uploadedAt, ...row }) => ({ font: fontOf(row), uploadedBy, uploadedAt }));
}

/**
 * Keeps a font file for a team, after it was read; a broken one is refused with a sentence, and one that the team has
 * already is answered with as it is.
 */
export async function keepFont(
  sql: Query,
  { teamId, personId, file }: { teamId: string; personId: string; file: Buffer },
): Promise<Parsed<Font>> {
  const format = fontFormat(file);
  if (format.problem !== undefined) return format;
  const sha256 = createHash('sha256').update(file).digest('hex');
  const [kept] = await sql<Row[]>`select sha256, measures from fonts where team_id = ${teamId} and sha256 = ${sha256}`;
  if (kept) return { value: fontOf(kept) };
  const measures = await measureFont(file);
  if (measures.problem !== undefined) return measures;
  const [held] = await sql<{ count: number }[]>`select count(*)::int from fonts where team_id = ${teamId}`;
  if (held!.count >= MOST_FONTS) return { problem: `The team keeps ${MOST_FONTS} fonts already; that is the most.` };
  await sql`
    insert into fonts (team_id, sha256, format, measures, file, uploaded_by)
    values (${teamId}, ${sha256}, ${format.value}, ${sql.json(measures.value)}, ${file}, ${personId})
    on conflict (team_id, sha256) do nothing`;
  return { value: fontOf({ sha256, measures: measures.value }) };
}

/** The file of a font that a team brought. */
export async function fontFile(
  sql: Query,
  teamId: string,
  sha256: string,
): Promise<{ file: Buffer; format: FontFormat } | null> {
  const [row] = await sql<{ file: Buffer; format: FontFormat }[]>`
    select file, format from fonts where team_id = ${teamId} and sha256 = ${sha256}`;
  return row ?? null;
}
