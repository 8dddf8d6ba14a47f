import { Moment } from '../frame/moment';
import { Empty } from '../parts/empty';
import { Texts } from '../parts/texts';
import type { ListedLetter } from './listed-person';

/** The messages that this installation would have sent: it ships without a mail server, so owners send them themselves. */
export function Outbox({ letters }: { letters: readonly ListedLetter[] }) {
  return (
    <section aria-labelledby="outbox">
      <h2 id="outbox">Outbox</h2>
      <p className="soft">No mail server is set up. Copy these messages and send them yourself.</p>
      {letters.length === 0 ? (
        <Empty>No messages yet. Invitations and password links appear here.</Empty>
      ) : (
        <Texts
          texts={letters.map(({ id, recipient, subject, text, madeAt }) => ({
            id,
            summary: (
              <>
                {subject}, to {recipient}, <Moment at={madeAt} />
              </>
            ),
            text,
          }))}
        />
      )}
    </section>
  );
}
