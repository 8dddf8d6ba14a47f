import { EXACT_VERSION } from '../../../../../../core/edition/version-meant';
import { specAccess } from '../../../../../../server/access/access';
import { database, reading } from '../../../../../../server/database/database';
import { editionFile, versionFor } from '../../../../../../server/editions/edition-files';
import { nothingHere } from '../../../../../answers';
import { forPeople } from '../../../../../endpoint';
import { pointOfReader } from '../../../../../asker';
import { answerFile } from '../../../../../edition-file';

export const GET = forPeople(
  {
    path: '/[team]/[spec]/editions/[version]/[file]',
    does: 'A file of an edition, for readers in the application.',
  },
  async ({ person, request, params: named }) => {
    const read = async () => {
      // asked in here, it may be a replica
      const db = database({ personId: person.id });
      const access = await specAccess(db, person.id, named, 'read');
      const version = access && (await versionFor(db, access, named.version));
      return version && editionFile(db, access, version, named.file);
    };
    const found = await reading(read, {
      point: await pointOfReader(),
      isForEver: EXACT_VERSION.test(named.version),
      isMissing: (file) => !file,
    });
    if (!found) return nothingHere();
    return answerFile(request, found, { ...named, isExact: EXACT_VERSION.test(named.version) });
  },
);
