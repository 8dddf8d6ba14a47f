import { database } from '../server/database/database';
import { nameOf, versionFor, versionsOf } from '../server/editions/edition-files';
import { inSeries } from '../core/length/present';
import { refuse } from './answers';
import { closedPage, linkPage, wantsPage } from './link-page';
import type { EditionList } from './openapi/schemas';
import type { SpecAccess } from '../server/access/access';

type Asked = {
  /** Under which address their files are. */
  address: string;
  /** One edition alone: a version, or a moving one such as 1 or latest. */
  asked?: string;
  /** Is it never read by people? */
  isForBuilds?: boolean;
};

/** The editions of a spec, the newest first, with the address, size and SHA-256 of each of their files: JSON, or a page for people. */
export async function listEditions(
  access: SpecAccess<'read'>,
  request: Request,
  { address, asked, isForBuilds = false }: Asked,
  headers: Record<string, string>,
): Promise<Response> {
  const sql = database(access);
  const version = asked === undefined ? undefined : await versionFor(sql, access, asked);
  const all = await versionsOf(sql, access);
  const versions = asked === undefined ? all : all.filter((edition) => edition.version === version);
  const isPage = !isForBuilds && wantsPage(request);
  if (asked !== undefined && versions.length === 0) return closed(request, noEdition(asked, access, all), headers);
  const editions = versions.map(({ files, publishedAt, ...edition }) => ({
    ...edition,
    publishedAt: publishedAt.toISOString(),
    files: files.map((file) => ({ ...file, address: `${address}/${edition.version}/${file.name}` })),
  }));
  const { teamSlug: team, specSlug: spec } = access;
  const fresh = { ...headers, 'Cache-Control': 'private, no-cache', ...(isForBuilds ? {} : { Vary: 'Accept' }) };
  if (isPage) return html(linkPage(await nameOf(sql, access), editions), { status: 200, headers: fresh });
  const list: EditionList = { team, spec, editions };
  return Response.json(list, { headers: fresh });
}

/** Why nothing is there, as a page for people or as JSON for builds. */
export function closed(request: Request, problem: string, headers: Record<string, string> = {}): Response {
  if (!wantsPage(request)) return refuse(404, problem, {}, headers);
  return html(closedPage(problem), { status: 404, headers: { ...headers, 'Cache-Control': 'no-store' } });
}

function html(text: string, { status, headers }: { status: number; headers: Record<string, string> }): Response {
  return new Response(text, { status, headers: { ...headers, 'Content-Type': 'text/html; charset=utf-8' } });
}

/** That a spec has no such edition, with those that it has. */
export function noEdition(
  asked: string,
  { specSlug }: Pick<SpecAccess<'read'>, 'specSlug'>,
  all: readonly { version: string }[],
): string {
  const versions = all.map(({ version }) => version);
  const has = versions.length > 0 ? `It has ${inSeries(versions.slice(0, 12))}.` : 'Nothing is published yet.';
  return `${specSlug} has no edition ${asked}. ${has}`;
}
