import type { Parsed } from '../../core/parsed';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { tellHooks } from '../hooks/tell-hooks';
import { log } from '../team/log';
import { everybody, tell } from '../team/notices';

/** Why an edition should not be built on any more, who said so, and when. */
export type Withdrawal = { reason: string; withdrawnBy: string; withdrawnAt: Date };

/** Withdraws an edition: it stays readable, and whoever reads or follows it is warned. `latest` is then the newest that is not. */
export async function withdrawEdition(
  sql: Sql,
  access: SpecAccess<'publish'>,
  { version, reason }: { version: string; reason: string },
): Promise<Parsed<true>> {
  const { specId, personId } = access;
  if (reason.trim() === '') return { problem: 'Enter why nobody should build on it. Readers will see it.' };
  return sql.begin(async (transaction): Promise<Parsed<true>> => {
    const [edition] = await transaction<{ id: string; name: string; isWithdrawn: boolean }[]>`
      select editions.id, specs.name, withdrawals.edition_id is not null as is_withdrawn
        from editions
        join specs on specs.id = editions.spec_id
        left join withdrawals on edition_id = editions.id
       where editions.spec_id = ${specId} and version = ${version}`;
    if (!edition) return { problem: `There’s no edition ${version.slice(0, 40)}.` };
    if (edition.isWithdrawn) return { problem: `Edition ${version} is already withdrawn.` };
    await transaction`
      insert into withdrawals (edition_id, spec_id, reason, withdrawn_by)
      values (${edition.id}, ${specId}, ${reason.trim()}, ${personId})`;
    const [behind] = await transaction<{ names: string | null }[]>`
      select string_agg(name, ', ' order by name) as names from followers where spec_id = ${specId} and version = ${version}`;
    await tell(transaction, access, {
      kind: 'withdraw',
      text: `${edition.name} ${version} is withdrawn: ${reason.trim()}${behind?.names ? ` Followers: ${behind.names}.` : ''}`,
      path: `/${access.teamSlug}/${access.specSlug}/editions/${version}`,
      specId,
      people: await everybody(transaction, access),
    });
    await tellHooks(transaction, access, 'withdraw', { name: edition.name, version, reason: reason.trim() });
    await log(transaction, access, {
      action: 'withdraw',
      about: `${edition.name} ${version}: ${reason.trim()}`,
      specId,
    });
    return { value: true };
  });
}

/** The withdrawal of an edition, or null. */
export async function withdrawalOf(
  sql: Query,
  { specId }: SpecAccess<'read'>,
  version: string,
): Promise<Withdrawal | null> {
  const [row] = await sql<Withdrawal[]>`
    select reason, people.name as withdrawn_by, withdrawn_at
      from withdrawals
      join editions on editions.id = edition_id
      left join people on people.id = withdrawn_by
     where editions.spec_id = ${specId} and version = ${version}`;
  return row ?? null;
}
