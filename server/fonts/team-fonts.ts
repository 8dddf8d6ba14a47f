import { MOST } from '../../core/limits';
import type { Parsed } from '../../core/parsed';
import type { Font } from '../../core/spec/type-schema';
import type { Spec } from '../../core/spec/schema';
import type { TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { sha256 as sha256Of } from '../sha256';
import { fontFormat } from './font-file';
import type { FontFormat } from './font-format';
import { type FontMeasures, measureFont } from './measure-font';

/** A font that a team brought. */
export type TeamFont = { font: Font; uploadedBy: string; uploadedAt: Date };

type Row = { sha256: string; measures: FontMeasures; uploadedBy: string; uploadedAt: Date };

const fontOf = ({ sha256, measures }: Pick<Row, 'sha256' | 'measures'>): Font => ({
  file: `team:${sha256}`,
  ...measures,
});

/** The fonts that a team brought, by family. */
export async function fontsOf(sql: Query, { teamId }: TeamAccess<'read'>): Promise<TeamFont[]> {
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
  { teamId, personId }: TeamAccess<'edit'>,
  file: Buffer,
): Promise<Parsed<Font>> {
  const format = fontFormat(file);
  if (format.problem !== undefined) return format;
  const sha256 = sha256Of(file);
  const [kept] = await sql<Row[]>`select sha256, measures from fonts where team_id = ${teamId} and sha256 = ${sha256}`;
  if (kept) return { value: fontOf(kept) };
  const [held] = await sql<{ count: number }[]>`select count(*)::int from fonts where team_id = ${teamId}`;
  if (held!.count >= MOST.fonts)
    return { problem: `The team has ${MOST.fonts} fonts, the maximum. Remove one that isn’t used.` };
  const measures = await measureFont(file);
  if (measures.problem !== undefined) return measures;
  await sql`
    insert into fonts (team_id, sha256, format, measures, file, uploaded_by)
    values (${teamId}, ${sha256}, ${format.value}, ${sql.json(measures.value)}, ${file}, ${personId})
    on conflict (team_id, sha256) do nothing`;
  return { value: fontOf({ sha256, measures: measures.value }) };
}

/** The file of a font that a team brought. */
export async function fontFile(
  sql: Query,
  { teamId }: TeamAccess<'read'>,
  sha256: string,
): Promise<{ file: Buffer; format: FontFormat } | null> {
  const [row] = await sql<{ file: Buffer; format: FontFormat }[]>`
    select file, format from fonts where team_id = ${teamId} and sha256 = ${sha256}`;
  return row ?? null;
}

/**
 * The font files of a team that some draft or edition names, by SHA-256, with the specifications. Documents name a font
 * as `"team:…"`.
 */
export async function fontUses(sql: Query, { teamId }: TeamAccess<'read'>): Promise<Map<string, string[]>> {
  const rows = await sql<{ file: string; name: string }[]>`
    with documents as (
      select name, document
        from specs
        join drafts on spec_id = specs.id
       where team_id = ${teamId}
       union all
      select name, document from specs join editions on spec_id = specs.id where team_id = ${teamId})
    select distinct style->'font'->>'file' as file, name
      from documents, jsonb_path_query(document, '$.type[*]') as style
     where style->'font'->>'file' like 'team:%'
     order by name`;
  const uses = new Map<string, string[]>();
  for (const { file, name } of rows) uses.set(file, [...(uses.get(file) ?? []), name]);
  return uses;
}

/** Removes a font of a team that no draft and no edition names; else the sentence that says where it is used. */
export async function removeFont(sql: Sql, access: TeamAccess<'edit'>, sha256: string): Promise<Parsed<true>> {
  return sql.begin(async (transaction) => {
    const used = (await fontUses(transaction, access)).get(`team:${sha256}`);
    if (used) return { problem: `This font is used by ${used.join(', ')}. Choose another font there first.` };
    await transaction`delete from fonts where team_id = ${access.teamId} and sha256 = ${sha256}`;
    return { value: true as const };
  });
}

/**
 * Brings the fonts that a document names from another team of the person's, and answers with the families that are
 * nowhere to be had.
 */
export async function bringFonts(
  sql: Query,
  { teamId, personId }: TeamAccess<'edit'>,
  document: Spec,
): Promise<string[]> {
  const named = new Map(document.type.map(({ font }) => [font.file, font.family]));
  const wanted = [...named.keys()].filter((file) => file.startsWith('team:')).map((file) => file.slice('team:'.length));
  if (wanted.length === 0) return [];
  await sql`
    insert into fonts (team_id, sha256, format, measures, file, uploaded_by)
    select distinct on (sha256) ${teamId}::bigint, sha256, format, measures, file, ${personId}::bigint
      from fonts
      join members on members.team_id = fonts.team_id and members.person_id = ${personId}
     where sha256 in ${sql(wanted)}
    on conflict (team_id, sha256) do nothing`;
  const there = await sql<{ sha256: string }[]>`
    select sha256 from fonts where team_id = ${teamId} and sha256 in ${sql(wanted)}`;
  const kept = new Set(there.map(({ sha256 }) => sha256));
  return wanted.filter((sha256) => !kept.has(sha256)).map((sha256) => named.get(`team:${sha256}`)!);
}
