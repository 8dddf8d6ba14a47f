import { savedName } from '../core/formats/registry';
import type { SpecAccess } from '../server/access/access';
import { database } from '../server/database/database';
import { type EditionFile, exactFile, versionFor, versionsOf } from '../server/editions/edition-files';
import { inSeries } from '../core/length/present';
import { refuse } from './answers';
import { noEdition } from './edition-list';

/** Media types that are text, which are answered in UTF-8. */
const TEXT = /^(text\/|application\/json$|image\/svg)/;

type Served = {
  /** What it is called when it is saved. */
  spec: string;
  file: string;
  /** Does the address mean this very edition, for ever, or the newest of some? */
  isExact: boolean;
  headers?: Record<string, string>;
};

/**
 * A file of an edition, byte for byte as it was written when the edition was published; its ETag is the SHA-256 of these
 * bytes (RFC 9110). What is asked by an exact version never changes, what is asked by a moving one is asked again each time.
 */
export function answerFile(
  request: Request,
  found: EditionFile,
  { spec, file, isExact, headers: more = {} }: Served,
): Response {
  const headers = {
    ...more,
    ETag: `"${found.sha256}"`,
    'Content-Disposition': `inline; filename="${savedName(spec, found.version, file)}"`,
    'Cache-Control': isExact ? 'private, max-age=31536000, immutable' : 'private, no-cache',
  };
  const known = request.headers
    .get('if-none-match')
    ?.split(',')
    .map((tag) => tag.trim().replace(/^W\//, ''));
  if (known?.some((tag) => tag === headers.ETag || tag === '*')) return new Response(null, { status: 304, headers });
  const type = TEXT.test(found.mediaType) ? `${found.mediaType}; charset=utf-8` : found.mediaType;
  return new Response(new Uint8Array(found.bytes), { headers: { ...headers, 'Content-Type': type } });
}

/**
 * A file by an exact version, or by `1.2`, `1` or `latest`: then `Content-Location` says where it stands for ever.
 */
export async function answerVersion(
  access: SpecAccess<'read'>,
  request: Request,
  { asked, file, address, vary }: { asked: string; file: string; address: string; vary?: string },
  headers: Record<string, string>,
): Promise<Response> {
  const version = await versionFor(database(access), access, asked);
  const found = version === null ? null : await exactFile(database(access), access, version, file);
  if (!found) return refuse(404, await whyMissing(access, { asked, version, file }), {}, headers);
  const isExact = version === asked;
  const location = `${address}/${version}/${file}`;
  return answerFile(request, found, {
    spec: access.specSlug,
    file,
    isExact,
    headers: { ...headers, ...(vary ? { Vary: vary } : {}), ...(isExact ? {} : { 'Content-Location': location }) },
  });
}

/** What is not there: the edition, or the file of it; with what is. */
async function whyMissing(
  access: SpecAccess<'read'>,
  { asked, version, file }: { asked: string; version: string | null; file: string },
): Promise<string> {
  const all = await versionsOf(database(access), access);
  const edition = all.find((each) => each.version === version);
  if (!edition) return noEdition(asked, access, all);
  return `${edition.version} has no file ${file}. It has ${inSeries(edition.files.map(({ name }) => name))}.`;
}
