import { Link } from '../parts/link';
import { counted } from '../../core/length/present';
import { Fractions } from '../drawing/numeral';
import styles from './publish.module.scss';

/** Whom an edition touches, and what of it is not settled. */
export type ForWhom = {
  toWeigh: readonly string[];
  approvals: { missing: string | null; has: number; needed: number; changesAsked: boolean };
  followers: readonly { name: string; version: string; behind: number }[];
  /** Do built pages no longer mean what they did? */
  breaks: boolean;
};

/** What one looks at before one publishes, in a few lines: approvals, who builds on it, what is left to weigh. */
export function WhatItAsks({ address, toWeigh, approvals, followers, breaks }: ForWhom & { address: string }) {
  return (
    <dl className={styles.facts}>
      <dt>Approvals</dt>
      <dd className={approvals.missing ? styles.must : undefined}>
        {approvals.missing ?? approvalWords(approvals)} <Link href={`${address}/review`}>Review</Link>
      </dd>
      <dt>Followers</dt>
      <dd>
        {followers.length === 0 ? (
          <>none yet</>
        ) : (
          <>
            <span className={breaks ? styles.must : undefined}>
              {breaks ? 'breaking for ' : ''}
              {followers.map(({ name, version }) => `${name} (${version})`).join(', ')}
            </span>{' '}
            <Link href={`${address}/followers`}>Followers</Link>
          </>
        )}
      </dd>
      <dt>To check</dt>
      <dd>
        {toWeigh.length === 0 ? (
          'nothing'
        ) : (
          <details>
            <summary>{counted(toWeigh.length, 'finding')}</summary>
            <ul>
              {toWeigh.map((says) => (
                <li key={says}>
                  <Fractions text={says} />
                </li>
              ))}
            </ul>
          </details>
        )}
      </dd>
      <dt>Readers get</dt>
      <dd>the reading page, the files for builds and the release notes below</dd>
    </dl>
  );
}

function approvalWords({ has, needed, changesAsked }: ForWhom['approvals']): string {
  if (changesAsked) return 'Changes requested.';
  if (needed === 0) return has === 0 ? 'None needed.' : `${counted(has, 'approval')}; none needed.`;
  return `${has} of ${needed}.`;
}
