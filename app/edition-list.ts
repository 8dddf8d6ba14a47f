import { database } from '../server/database';
import { versionsOf } from '../server/edition-files';
import type { EditionList } from './openapi/schemas';
import type { SpecAccess } from '../server/access/access';

/** The editions of a spec, the newest first, with the address, size and SHA-256 of each of their files. */
export async function listEditions(
  access: SpecAccess<'read'>,
  address: string,
  headers: Record<string, string>,
): Promise<Response> {
  const versions = await versionsOf(database(access), access);
  const editions = versions.map(({ files, publishedAt, ...edition }) => ({
    ...edition,
    publishedAt: publishedAt.toISOString(),
    files: files.map((file) => ({ ...file, address: `${address}/${edition.version}/${file.name}` })),
  }));
  const { teamSlug: team, specSlug: spec } = access;
  const list: EditionList = { team, spec, editions };
  return Response.json(list, { headers: { ...headers, 'Cache-Control': 'private, no-cache' } });
}
