import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { holdingBack, judge } from '../../core/checks/run';
import { byWidth } from '../../core/spec/ranges';
import { database } from '../../server/database';
import { membersOf, teamOf } from '../../server/people';
import { type SpecRecord, specsOf } from '../../server/specs';
import { SpecStrip } from '../../ui/drawing/spec-strip';
import { TopBar } from '../../ui/frame/top-bar';
import { SpecList, type ListedSpec } from '../../ui/specs/spec-list';
import { signedInPerson } from '../asker';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Specifications' };

/** The specifications of a team. */
export default async function Page({ params }: Props) {
  const { team: slug } = await params;
  const person = await signedInPerson(`/${slug}`);
  const team = (await teamOf(database(), person.id, slug)) ?? notFound();
  const [specs, members] = await Promise.all([specsOf(database(), person.id, slug), membersOf(database(), team.id)]);
  return (
    <>
      <TopBar person={person.name} place={{ team }} />
      <main className="page">
        <SpecList team={team} specs={specs.map(listed)} members={members.map(({ name, says }) => ({ name, says }))} />
      </main>
    </>
  );
}

function listed(record: SpecRecord): ListedSpec {
  const { document } = record;
  const findings = judge(document).filter(({ waiver }) => !waiver);
  return {
    id: record.id,
    slug: record.slug,
    name: document.name,
    breakpoints: byWidth(document.breakpoints)
      .map(({ columns }) => columns.count)
      .join(' · '),
    drawing: <SpecStrip spec={document} />,
    mustFix: holdingBack(findings).length,
    weigh: findings.filter(({ weight }) => weight === 'weigh').length,
    revision: record.revision,
    lastEdition: record.lastEdition,
    ahead: record.lastEditionRevision === null ? null : record.revision - record.lastEditionRevision,
    changedBy: record.changedBy,
    changedAt: record.changedAt.toISOString(),
    archived: record.archivedAt !== null,
  };
}
