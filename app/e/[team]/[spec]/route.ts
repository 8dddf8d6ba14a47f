import { listEditions } from '../../../edition-list';
import { allowKeys, forReaders } from '../../../readers';

type Named = { team: string; spec: string };

/** The editions of a spec, for builds. */
export const GET = forReaders<Named>(async (access, request, { team, spec }, headers) =>
  listEditions(access, request, { address: `/e/${team}/${spec}`, isForBuilds: true }, headers),
);

export const OPTIONS = allowKeys;
