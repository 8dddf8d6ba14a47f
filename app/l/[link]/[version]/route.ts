import { listEditions } from '../../../edition-list';
import { allowKeys, forLink } from '../../../readers';

/** The files of one edition, for whoever has the public link of its spec. */
export const GET = forLink<{ link: string; version: string }>(async (access, request, { link, version }, headers) =>
  listEditions(access, request, { address: `/l/${link}`, asked: version }, headers),
);

export const OPTIONS = allowKeys;
