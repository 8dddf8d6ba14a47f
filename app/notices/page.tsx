import type { Metadata } from 'next';
import { database } from '../../server/database/database';
import { NOTICE_KINDS, type NoticeKind, noticesOf, unwantedBy } from '../../server/team/notices';
import { TopBar } from '../../ui/frame/top-bar';
import { NoticesPage } from '../../ui/notices/notices-page';
import { signedInPerson } from '../asker';
import { wire } from '../wire';
import { drawingsOf } from './drawings';

export const metadata: Metadata = { title: 'Notices' };

/** What one was told, and what one wants to be told. */
export default async function Page() {
  const person = await signedInPerson('/notices');
  const sql = database({ personId: person.id });
  const [notices, unwanted] = await Promise.all([noticesOf(sql, person.id), unwantedBy(sql, person.id)]);
  return (
    <>
      <TopBar person={person.name} />
      <main id="content" className="page">
        <NoticesPage
          notices={wire(notices)}
          drawings={await drawingsOf(person.id, notices)}
          kinds={(Object.entries(NOTICE_KINDS) as [NoticeKind, string][]).map(([kind, says]) => ({
            kind,
            says,
            isWanted: !unwanted.includes(kind),
          }))}
        />
      </main>
    </>
  );
}
