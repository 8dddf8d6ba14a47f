import type { Metadata } from 'next';
import { DEEDS, LOG_PAGE, logOf } from '../../../server/team/log';
import { membersOf } from '../../../server/team/people';
import { LogPage } from '../../../ui/log/log-page';
import { teamOfPage } from '../../asker';
import { logQuestion } from '../../log-question';
import { TeamBar } from '../../team-bar';
import { wire } from '../../wire';

type Props = { params: Promise<{ team: string }>; searchParams: Promise<Record<string, unknown>> };

export const metadata: Metadata = { title: 'Log · Ypsiline' };

/** Who did what in a team, when, from where. */
export default async function Page({ params, searchParams }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'people', `/log/${team}`);
  const asked = logQuestion(await searchParams);
  const [lines, members] = await Promise.all([
    logOf(db, access, { ...asked, most: LOG_PAGE + 1 }),
    membersOf(db, access),
  ]);
  const shown = wire(lines.slice(0, LOG_PAGE));
  return (
    <>
      <TeamBar person={person} access={access} page="log" />
      <main id="content" className="page">
        <LogPage
          team={access.teamSlug}
          asked={{ person: asked.person ?? '', action: asked.action ?? '' }}
          deeds={Object.entries(DEEDS)}
          members={members.map(({ id, name }) => ({ id, name }))}
          lines={shown.map(({ action, ...line }) => ({ ...line, did: DEEDS[action] ?? action }))}
          earlier={lines.length > LOG_PAGE ? shown.at(-1)!.at : null}
        />
      </main>
    </>
  );
}
