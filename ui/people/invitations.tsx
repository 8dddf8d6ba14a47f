import { Moment } from '../frame/moment';
import { Button } from '../parts/button';
import { type Column, RecordTable } from '../parts/record-table';
import type { ListedInvitation } from './listed-person';

type Props = { invitations: readonly ListedInvitation[]; onRevoke: (id: string) => void };

/** Who was invited, and what came of it. */
export function Invitations({ invitations, onRevoke }: Props) {
  return (
    <section aria-labelledby="invitations">
      <h2 id="invitations">Invitations</h2>
      <RecordTable
        label="Invitations"
        records={invitations}
        columns={COLUMNS}
        isOver={({ state }) => state !== 'open'}
        acts={({ id, email, state }) =>
          state === 'open' && (
            <Button look="quiet" aria-label={`Revoke the invitation of ${email}`} onClick={() => onRevoke(id)}>
              Revoke
            </Button>
          )
        }
        empty="No invitations. An invitation is a link that works once and expires after a week."
      />
    </section>
  );
}

const COLUMNS: Column<ListedInvitation>[] = [
  { head: 'E-mail', says: ({ email }) => email },
  { head: 'Role', says: ({ role }) => role },
  {
    head: 'Invited by',
    says: ({ madeBy, madeAt }) => (
      <>
        {madeBy}, <Moment at={madeAt} />
      </>
    ),
  },
  { head: 'State', says: (invitation) => <State of={invitation} /> },
];

function State({ of: { state, lapsesAt, usedBy } }: { of: ListedInvitation }) {
  if (state === 'used') return `accepted${usedBy ? ` by ${usedBy}` : ''}`;
  if (state === 'revoked') return 'revoked';
  return (
    <>
      {state === 'lapsed' ? 'expired ' : 'open, expires '}
      <Moment at={lapsesAt} />
    </>
  );
}
