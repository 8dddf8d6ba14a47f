import { Moment } from '../frame/moment';
import { Empty } from '../parts/empty';
import { NumberTable } from '../parts/number-table';
import type { ListedInvitation } from './listed-person';
import { Button } from '../parts/button';

type Props = { invitations: readonly ListedInvitation[]; onRevoke: (id: string) => void };

/** Who was invited, and what came of it. */
export function Invitations({ invitations, onRevoke }: Props) {
  return (
    <section aria-labelledby="invitations">
      <h2 id="invitations">Invitations</h2>
      {invitations.length === 0 ? (
        <Empty>Nobody is invited. An invitation is a link that works once, within a week.</Empty>
      ) : (
        <NumberTable of="words">
          <thead>
            <tr>
              <th scope="col">For</th>
              <th scope="col">As</th>
              <th scope="col">Invited</th>
              <th scope="col">State</th>
              <th scope="col">
                <span className="visually-hidden">Take back</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {invitations.map((each) => (
              <tr key={each.id}>
                <th scope="row">{each.email}</th>
                <td>{each.role}</td>
                <td>
                  {each.madeBy}, <Moment at={each.madeAt} />
                </td>
                <td>
                  <State of={each} />
                </td>
                <td>
                  {each.state === 'open' && (
                    <Button
                      look="quiet"
                      aria-label={`Take back the invitation of ${each.email}`}
                      onClick={() => onRevoke(each.id)}
                    >
                      Take back
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </NumberTable>
      )}
    </section>
  );
}

function State({ of: { state, lapsesAt, usedBy } }: { of: ListedInvitation }) {
  if (state === 'used') return `used by ${usedBy ?? 'somebody'}`;
  if (state === 'revoked') return 'taken back';
  return (
    <>
      {state === 'lapsed' ? 'lapsed ' : 'open, lapses '}
      <Moment at={lapsesAt} />
    </>
  );
}
