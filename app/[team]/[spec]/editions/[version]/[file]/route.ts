import { FORMATS } from '../../../../../../core/formats/registry';
import { specAccess } from '../../../../../../server/access/access';
import { database } from '../../../../../../server/database';
import { editionFile } from '../../../../../../server/edition-files';
import { forPeople, nothingHere } from '../../../../../answers';

type Named = { team: string; spec: string; version: string; file: string };

/**
 * A file of an edition, byte for byte as it was written when the edition was published; its ETag is the SHA-256 of these
 * bytes (RFC 9110). "latest" may be another one tomorrow.
 */
export const GET = forPeople<Named>(async (person, request, named) => {
  const access = await specAccess(database(), person.id, named, 'read');
  const found = access && (await editionFile(database(), access, named.version, named.file));
  if (!found) return nothingHere();
  const headers = {
    ETag: `"${found.sha256}"`,
    'Content-Disposition': `inline; filename="${savedName(named, found.version)}"`,
    'Cache-Control': named.version === 'latest' ? 'private, no-cache' : 'private, max-age=31536000, immutable',
  };
  const known = request.headers
    .get('if-none-match')
    ?.split(',')
    .map((tag) => tag.trim().replace(/^W\//, ''));
  if (known?.some((tag) => tag === headers.ETag || tag === '*')) return new Response(null, { status: 304, headers });
  return new Response(new Uint8Array(found.bytes), {
    headers: { ...headers, 'Content-Type': `${found.mediaType}; charset=utf-8` },
  });
});

/** What a saved file is called: after its edition, unless another names it. */
function savedName({ spec, file }: Named, version: string): string {
  return FORMATS.some((format) => format.file === file && format.isLinked) ? file : `${spec}-${version}.${file}`;
}
