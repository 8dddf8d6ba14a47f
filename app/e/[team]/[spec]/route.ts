import { database } from '../../../../server/database';
import { versionsOf } from '../../../../server/edition-files';
import { allowKeys, forReaders } from '../../../readers';

type Named = { team: string; spec: string };

/** The editions of a spec, the newest first, with the address, size and SHA-256 of each of their files. */
export const GET = forReaders<Named>(async (access, _request, { team, spec }, headers) => {
  const versions = await versionsOf(database(), access);
  const editions = versions.map(({ files, ...edition }) => ({
    ...edition,
    files: files.map((file) => ({ ...file, address: `/e/${team}/${spec}/${edition.version}/${file.name}` })),
  }));
  return Response.json({ team, spec, editions }, { headers: { ...headers, 'Cache-Control': 'private, no-cache' } });
});

export const OPTIONS = allowKeys;
