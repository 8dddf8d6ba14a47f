import { Moment } from '../frame/moment';
import { Texts } from '../parts/texts';
import styles from './hooks.module.scss';
import type { Wire } from '../../app/wire';
import type { ListedDelivery, ReceivedBody } from '../../server/hooks/hooks';

export type Deliveries = readonly Wire<ListedDelivery>[];
export type ReceivedList = readonly Wire<ReceivedBody>[];

/** What was sent, or waits to be. */
export function Delivered({ deliveries }: { deliveries: Deliveries }) {
  return (
    <section className={styles.section} aria-labelledby="deliveries">
      <h2 id="deliveries">Deliveries</h2>
      <Texts
        texts={deliveries.map((delivery) => ({
          id: delivery.id,
          summary: (
            <>
              {eventOf(delivery.body)}, to {delivery.hook}, <Moment at={delivery.madeAt} />: {stateOf(delivery)}
            </>
          ),
          text: shown(delivery.body),
        }))}
      />
    </section>
  );
}

/** What came to the receiver that is shipped; all of it was signed. */
export function Received({ received }: { received: ReceivedList }) {
  return (
    <section className={styles.section} aria-labelledby="received">
      <h2 id="received">Received by the test endpoint</h2>
      <Texts
        texts={received.map(({ id, hook, body, isGenuine, receivedAt }) => ({
          id,
          summary: (
            <>
              {eventOf(body)}, from {hook}, <Moment at={receivedAt} />,{' '}
              {isGenuine ? 'valid signature' : 'wrong signature'}
            </>
          ),
          text: shown(body),
        }))}
      />
    </section>
  );
}

function stateOf({ deliveredAt, nextTryAt, tries, said }: Deliveries[number]): string {
  if (deliveredAt !== null) return `delivered, ${said}`;
  if (tries === 0) return 'waiting';
  const turns = tries === 1 ? 'one try' : `${tries} tries`;
  return nextTryAt ? `${said}; ${turns} so far, will retry` : `${said}; failed after ${turns}`;
}

/** What a body tells of, in a few words: “publish, Passenger site 1.0.0”. */
function eventOf(body: string): string {
  try {
    const { event, name, version } = JSON.parse(body) as Record<string, unknown>;
    return [event, [name, version].filter(Boolean).join(' ')].filter(Boolean).join(', ');
  } catch {
    return 'unknown event';
  }
}

/** JSON with its lines, as it is easier to read. */
function shown(body: string): string {
  try {
    return JSON.stringify(JSON.parse(body), null, 2);
  } catch {
    return body;
  }
}
