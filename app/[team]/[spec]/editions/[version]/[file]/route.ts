import { specAccess } from '../../../../../../server/access/access';
import { database } from '../../../../../../server/database';
import { editionFile } from '../../../../../../server/edition-files';
import { forPeople, nothingHere } from '../../../../../answers';
import { answerFile } from '../../../../../edition-file';

type Named = { team: string; spec: string; version: string; file: string };

/** A file of an edition, for those who read it in the application. */
export const GET = forPeople<Named>(async (person, request, named) => {
  const access = await specAccess(database({ personId: person.id }), person.id, named, 'read');
  const found = access && (await editionFile(database(access), access, named.version, named.file));
  if (!found) return nothingHere();
  return answerFile(request, found, { ...named, isExact: named.version !== 'latest' });
});
