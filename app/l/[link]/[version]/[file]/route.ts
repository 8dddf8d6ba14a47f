import { answerVersion } from '../../../../edition-file';
import { allowKeys, forLink } from '../../../../readers';

type Named = { link: string; version: string; file: string };

/** A file of an edition, for whoever has the public link of its spec. */
export const GET = forLink<Named>(async (access, request, { link, version, file }, headers) =>
  answerVersion(access, request, { asked: version, file, address: `/l/${link}` }, headers),
);

export const OPTIONS = allowKeys;
