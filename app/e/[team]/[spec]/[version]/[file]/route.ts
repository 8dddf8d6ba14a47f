import { database } from '../../../../../../server/database';
import { editionFile, versionFor } from '../../../../../../server/edition-files';
import { nothingHere } from '../../../../../answers';
import { answerFile } from '../../../../../edition-file';
import { allowKeys, forReaders } from '../../../../../readers';

type Named = { team: string; spec: string; version: string; file: string };

/**
 * A file of an edition for builds, by an exact version, or by `1.2`, `1` or `latest`: then `Content-Location` says where it stands for ever.
 */
export const GET = forReaders<Named>(async (access, request, { team, spec, version: asked, file }, headers) => {
  const version = await versionFor(database(), access, asked);
  const found = version === null ? null : await editionFile(database(), access, version, file);
  if (!found) return nothingHere();
  const isExact = version === asked;
  const location = `/e/${team}/${spec}/${version}/${file}`;
  return answerFile(request, found, {
    spec,
    file,
    isExact,
    headers: { ...headers, Vary: 'Authorization, Cookie', ...(isExact ? {} : { 'Content-Location': location }) },
  });
});

export const OPTIONS = allowKeys;
