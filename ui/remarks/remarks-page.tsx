'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import { Choice } from '../parts/choice';
import { Empty } from '../parts/empty';
import type { ListedRemark, Mentioned } from './listed-remark';
import { RemarkForm } from './remark-form';
import { Thread } from './thread';
import styles from './remarks.module.scss';

type Props = {
  specId: string;
  address: string;
  self: string;
  members: readonly Mentioned[];
  remarks: readonly ListedRemark[];
  /** What a new remark is about: a line of a comparison that led here; otherwise the whole. */
  about: { at: string[]; name: string } | null;
};

/** Every thread about a spec: open ones, or those that are settled; and a remark on the whole. */
export function RemarksPage({ specId, address, self, members, remarks, about }: Props) {
  const router = useRouter();
  const [shown, setShown] = useState<'open' | 'settled'>('open');
  const refresh = (): void => router.refresh();
  const threads = remarks
    .filter(({ thread }) => thread === null)
    .map((first) => ({ first, answers: remarks.filter(({ thread }) => thread === first.id) }))
    // what was deleted before anybody answered is gone
    .filter(({ first, answers }) => !first.isDeleted || answers.some(({ isDeleted }) => !isDeleted));
  const open = threads.filter(({ first }) => first.settledAt === null);
  const settled = threads.filter(({ first }) => first.settledAt !== null);
  const listed = shown === 'open' ? open : settled;
  const form = (
    <RemarkForm
      label={about ? 'Comment on this line' : 'Comment on the whole specification'}
      action="Comment"
      members={members}
      onSend={async (text, mentions) => {
        const answer = await send('POST', `/api/specs/${specId}/remarks`, {
          text,
          mentions,
          ...(about && { at: about.at, about: about.name }),
        });
        if (answer.ok) refresh();
        return answer;
      }}
    />
  );
  return (
    <>
      <div className={styles.head}>
        <h1>Comments</h1>
        <Choice
          label="Filter comments"
          value={shown}
          options={[
            { value: 'open', title: `Open: ${open.length}` },
            { value: 'settled', title: `Resolved: ${settled.length}` },
          ]}
          onChange={setShown}
        />
      </div>
      <p className="soft">
        Comment on a cell, a breakpoint or a finding on the <a href={address}>bench</a> with Alt + Shift + M. Notes for
        readers are part of the specification and get published.
      </p>
      {about && (
        <section aria-label="Comment on a line">
          <blockquote className={styles.quoted}>{about.name}</blockquote>
          {form}
        </section>
      )}
      {listed.length === 0 ? (
        <Empty>{shown === 'open' ? 'No open comments.' : 'No resolved comments.'}</Empty>
      ) : (
        <ul className={styles.threads}>
          {listed.map(({ first, answers }) => (
            <Thread key={first.id} {...{ specId, first, answers, self, members }} onDone={refresh} />
          ))}
        </ul>
      )}
      {!about && form}
    </>
  );
}
