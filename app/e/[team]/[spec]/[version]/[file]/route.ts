import { answerVersion } from '../../../../../edition-file';
import { allowKeys, forReaders } from '../../../../../readers';

type Named = { team: string; spec: string; version: string; file: string };

/** A file of an edition, for builds. */
export const GET = forReaders<Named>(async (access, request, { team, spec, version, file }, headers) =>
  answerVersion(
    access,
    request,
    { asked: version, file, address: `/e/${team}/${spec}`, vary: 'Authorization, Cookie' },
    headers,
  ),
);

export const OPTIONS = allowKeys;
