import type { Person } from '../server/sign-in/sessions';
import { mayDo } from '../server/access/permissions';
import type { SpecAccess } from '../server/access/access';
import { SpecBar } from '../ui/frame/spec-bar';
import { type SpecPage, SpecTabs } from '../ui/frame/spec-tabs';
import { openThreadsOfPage, reviewOfPage } from './asker';
import type { SpecRecord } from '../server/specs/specs';

type Props = { person: Person; spec: SpecRecord; access: SpecAccess<'read-drafts'>; page: SpecPage | null };

/** What stands over the pages of a spec for the team: the bar, and the pages with what waits on them. */
export async function SpecHead({ person, spec, access, page }: Props) {
  const [threads, { review }] = await Promise.all([openThreadsOfPage(access), reviewOfPage(access)]);
  return (
    <div className="no-print">
      <SpecBar person={person.name} spec={spec} mayPublish={mayDo(access.role, 'publish')} />
      <SpecTabs
        address={`/${access.teamSlug}/${access.specSlug}`}
        page={page}
        counts={{ remarks: threads, review: review ? 1 : 0 }}
      />
    </div>
  );
}
