import { specAccess } from '../../../../../../server/access/access';
import { reading } from '../../../../../../server/database';
import { editionFile } from '../../../../../../server/edition-files';
import { nothingHere } from '../../../../../answers';
import { forPeople } from '../../../../../endpoint';
import { pointOfReader } from '../../../../../asker';
import { answerFile } from '../../../../../edition-file';

export const GET = forPeople(
  {
    path: '/[team]/[spec]/editions/[version]/[file]',
    does: 'A file of an edition, for those who read it in the application.',
  },
  async ({ person, db, request, params: named }) => {
    const read = async () => {
      const access = await specAccess(db, person.id, named, 'read');
      return access && editionFile(db, access, named.version, named.file);
    };
    const found = await reading(read, {
      point: await pointOfReader(),
      isForEver: named.version !== 'latest',
      isMissing: (file) => !file,
    });
    if (!found) return nothingHere();
    return answerFile(request, found, { ...named, isExact: named.version !== 'latest' });
  },
);
