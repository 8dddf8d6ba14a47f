import { listEditions } from '../../edition-list';
import { allowKeys, forLink } from '../../readers';

/** The editions of a spec, for whoever has its public link. */
export const GET = forLink<{ link: string }>(async (access, request, { link }, headers) =>
  listEditions(access, request, { address: `/l/${link}` }, headers),
);

export const OPTIONS = allowKeys;
