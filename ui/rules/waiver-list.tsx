'use client';

import { RULES } from '../../core/checks/registry';
import { withoutWaiver } from '../../core/checks/waivers';
import type { Waiver } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import styles from './rules.module.scss';
import { Button } from '../parts/button';

/** The waivers of a draft: those that hold, and those that lapsed since what they were about has changed. */
export function WaiverList({ waivers, lapsed }: { waivers: Waiver[]; lapsed: Waiver[] }) {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const names = new Map(document.breakpoints.map(({ id, name }) => [id, name]));
  if (waivers.length === 0) return null;

  const remove = (gone: Waiver): void => change(withoutWaiver(document, gone));

  return (
    <section className={styles.waivers} aria-labelledby="waivers">
      <h2 id="waivers">Waivers</h2>
      <ul>
        {waivers.map((waiver, index) => {
          const { rule, breakpoint, reason, by } = waiver;
          const hasLapsed = lapsed.includes(waiver);
          return (
            <li key={index} data-lapsed={hasLapsed || undefined}>
              <strong>{RULES.find(({ id }) => id === rule)?.title ?? rule}</strong>
              <span>{breakpoint === null ? 'All' : (names.get(breakpoint) ?? breakpoint)}</span>
              <span>
                {reason} <span className="soft">({by})</span>
                {hasLapsed && <em> Expired: the numbers it’s about have changed.</em>}
              </span>
              <Button look="quiet" data-edits onClick={() => remove(waiver)}>
                Remove waiver
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
