import type { Metadata } from 'next';
import * as z from 'zod';
import { STARTING_SETS } from '../../core/document/defaults';
import { readSpec } from '../../core/document/read';
import { mayDo } from '../../server/access/permissions';
import { membersOf } from '../../server/team/people';
import { type ListedRecord, SORTS, specPage } from '../../server/specs/spec-list';
import { SpecStrip } from '../../ui/drawing/spec-strip';
import type { ListedSpec } from '../../ui/specs/listed-spec';
import { SpecList } from '../../ui/specs/spec-list';
import { teamOfPage } from '../asker';
import { TeamBar } from '../team-bar';

type Props = { params: Promise<{ team: string }>; searchParams: Promise<Record<string, unknown>> };

export const metadata: Metadata = { title: 'Specifications' };

/** What an address asks of the list; what makes no sense there is left aside. */
const question = z.object({
  q: z.string().max(120).catch(''),
  sort: z.enum(SORTS).catch('changed'),
  page: z.coerce.number().int().min(1).max(100_000).catch(1),
  archived: z.literal('1').optional().catch(undefined),
});

/** The specifications of a team, a page at a time. */
export default async function Page({ params, searchParams }: Props) {
  const { team: slug } = await params;
  const { person, access, db } = await teamOfPage(slug, 'read', `/${slug}`);
  const team = { id: access.teamId, slug, name: access.teamName };
  const { q, sort, page, archived } = question.parse(await searchParams);
  const asked = { sought: q, sort, page, archived: archived === '1' };
  const [list, members] = await Promise.all([specPage(db, access, asked), membersOf(db, access)]);
  return (
    <>
      <TeamBar person={person} access={access} page="specs" />
      <main id="content" className="page">
        <SpecList
          sample={list.all === 0 && <SpecStrip spec={STARTING_SETS[0]!.spec('')} />}
          team={team}
          list={{ ...list, specs: list.specs.map(listed) }}
          asked={asked}
          may={{
            edit: mayDo(access.role, 'edit'),
            archive: mayDo(access.role, 'archive'),
            remove: mayDo(access.role, 'people'),
          }}
          members={members.map(({ name, says }) => ({ name, says }))}
        />
      </main>
    </>
  );
}

function listed({ document, changedAt, archivedAt, ...record }: ListedRecord): ListedSpec {
  const read = readSpec(document);
  return {
    ...record,
    drawing: read.value ? <SpecStrip spec={read.value} /> : null,
    problem: read.problem ?? null,
    changedAt: changedAt.toISOString(),
    archived: archivedAt !== null,
  };
}
