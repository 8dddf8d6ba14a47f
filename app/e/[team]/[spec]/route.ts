import { listEditions } from '../../../edition-list';
import { allowKeys, forReaders } from '../../../readers';

type Named = { team: string; spec: string };

/** The editions of a spec, for builds. */
export const GET = forReaders<Named>(async (access, _request, { team, spec }, headers) =>
  listEditions(access, `/e/${team}/${spec}`, headers),
);

export const OPTIONS = allowKeys;
