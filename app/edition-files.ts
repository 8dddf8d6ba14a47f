import { canonicalJson } from '../core/edition/canonical';
import { gridCss } from '../core/formats/grid-css/grid-css';
import { valuesJson } from '../core/formats/values-json';
import { database } from '../server/database';
import { type Edition, editionAt } from '../server/editions';
import { specAt } from '../server/specs';
import { forPeople, nothingHere } from './answers';

/** The style sheet of an edition. */
export function cssOf({ document, version, publishedAt, sha256 }: Edition): string {
  return gridCss(document, { version, published: publishedAt.toISOString().slice(0, 10), sha256 });
}

/** The document of an edition, in the form its SHA-256 is taken of. */
export const jsonOf = ({ document }: Edition): string => canonicalJson(document);

/** What follows from the document of an edition at each reference size, exact. */
export const valuesOf = ({ document, version, sha256 }: Edition): string => valuesJson(document, { version, sha256 });

/**
 * A route that answers with a file of an edition. The file never changes for a version, and its ETag is the edition's
 * SHA-256 (RFC 9110); "latest" may be another one tomorrow.
 */
export function editionFile(type: string, file: string, write: (edition: Edition) => string) {
  return forPeople<{ team: string; spec: string; version: string }>(
    async (person, request, { team, spec: slug, version }) => {
      const spec = await specAt(database(), person.id, team, slug);
      const edition = spec && (await editionAt(database(), spec.id, version));
      if (!edition) return nothingHere();
      const headers = {
        ETag: `"${edition.sha256}"`,
        'Content-Disposition': `inline; filename="${slug}-${edition.version}.${file}"`,
        'Cache-Control': version === 'latest' ? 'private, no-cache' : 'private, max-age=31536000, immutable',
      };
      const known = request.headers
        .get('if-none-match')
        ?.split(',')
        .map((tag) => tag.trim().replace(/^W\//, ''));
      if (known?.some((tag) => tag === headers.ETag || tag === '*'))
        return new Response(null, { status: 304, headers });
      return new Response(write(edition), { headers: { ...headers, 'Content-Type': `${type}; charset=utf-8` } });
    },
  );
}
