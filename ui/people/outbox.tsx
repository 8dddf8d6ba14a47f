import { Moment } from '../frame/moment';
import { Empty } from '../parts/empty';
import type { ListedLetter } from './listed-person';
import styles from './people.module.scss';

/** The letters that this installation would have sent: it ships without a mail service, so that owners pass them on. */
export function Outbox({ letters }: { letters: readonly ListedLetter[] }) {
  return (
    <section aria-labelledby="outbox">
      <h2 id="outbox">Outbox</h2>
      <p className="soft">No mail service is set up here: what would be sent waits here, for you to pass on.</p>
      {letters.length === 0 ? (
        <Empty>Nothing was sent yet.</Empty>
      ) : (
        <ul className={styles.letters}>
          {letters.map(({ id, recipient, subject, text, madeAt }) => (
            <li key={id}>
              <details>
                <summary>
                  {subject}, to {recipient}, <Moment at={madeAt} />
                </summary>
                <pre tabIndex={0}>{text}</pre>
              </details>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
