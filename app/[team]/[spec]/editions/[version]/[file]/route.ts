import { specAccess } from '../../../../../../server/access/access';
import { database, reading } from '../../../../../../server/database';
import { editionFile } from '../../../../../../server/edition-files';
import { forPeople, nothingHere } from '../../../../../answers';
import { pointOfReader } from '../../../../../asker';
import { answerFile } from '../../../../../edition-file';

type Named = { team: string; spec: string; version: string; file: string };

/** A file of an edition, for those who read it in the application. */
export const GET = forPeople<Named>(async (person, request, named) => {
  const read = async () => {
    const access = await specAccess(database({ personId: person.id }), person.id, named, 'read');
    return access && editionFile(database(access), access, named.version, named.file);
  };
  const found = await reading(read, {
    point: await pointOfReader(),
    isForEver: named.version !== 'latest',
    isMissing: (file) => !file,
  });
  if (!found) return nothingHere();
  return answerFile(request, found, { ...named, isExact: named.version !== 'latest' });
});
