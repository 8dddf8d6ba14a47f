'use client';

import { useEffect, useMemo, useState } from 'react';
import { useDraft, useView } from '../draft/draft-context';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { Moment } from '../frame/moment';
import type { AnswerOf } from '../../app/api/sent';
import { send } from '../frame/send';
import { Dialog } from '../parts/dialog';
import { Problem } from '../parts/problem';
import type { Mentioned } from './listed-remark';
import { RemarkForm } from './remark-form';
import styles from './remarks.module.scss';
import { subjectsOf } from './subjects';
import { Label } from '../parts/label';
import { Select } from '../parts/select';

type Props = { specId: string; address: string; members: readonly Mentioned[]; onClose: () => void };

/** Writes a remark on what is selected, or on anything else of the draft, under what was said about it before. */
export function RemarkDialog({ specId, address, members, onClose }: Props) {
  const document = useDraft((draft) => draft.document);
  const selected = useView((view) => view.selected);
  const [remarks, setRemarks] = useState<AnswerOf<'GET', `/api/specs/${string}/remarks`>['remarks']>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [said, setSaid] = useState(false);
  const subjects = useMemo(
    () =>
      subjectsOf(
        document,
        selected,
        findingsOfDraft(document).filter(({ waiver }) => !waiver),
      ),
    [document, selected],
  );
  const [key, setKey] = useState(subjects[0]!.key);
  const subject = subjects.find((each) => each.key === key) ?? subjects[0]!;

  const read = async (): Promise<void> => {
    const answer = await send('GET', `/api/specs/${specId}/remarks`);
    if (answer.ok) setRemarks(answer.body.remarks);
    else setProblem(answer.problem);
  };
  useEffect(() => void read(), [specId]);

  const before = remarks.filter(
    ({ at, rule, thread, settledAt, isDeleted }) =>
      thread === null &&
      settledAt === null &&
      !isDeleted &&
      rule === subject.rule &&
      at.join('/') === subject.at.join('/'),
  );
  return (
    <Dialog title="Comment" onClose={onClose}>
      <div className="field">
        <Label htmlFor="remark-about">About</Label>
        <Select id="remark-about" value={subject.key} onChange={({ target }) => setKey(target.value)}>
          {[...new Set(subjects.map(({ group }) => group))].map((group) => (
            <optgroup key={group} label={group}>
              {subjects
                .filter((each) => each.group === group)
                .map((each) => (
                  <option key={each.key} value={each.key}>
                    {each.name}
                  </option>
                ))}
            </optgroup>
          ))}
        </Select>
      </div>
      {subject.rule !== null && <blockquote className={styles.quoted}>{subject.name}</blockquote>}
      {before.map(({ id, madeBy, madeAt, text }) => (
        <p key={id} className={styles.text}>
          <strong>{madeBy}</strong>{' '}
          <span className="soft">
            <Moment at={madeAt} />
          </span>
          <br />
          {text} <a href={`${address}/remarks#${id}`}>Reply</a>
        </p>
      ))}
      <Problem says={problem} />
      <RemarkForm
        label="Your comment"
        action="Comment"
        members={members}
        onSend={async (text, mentions) => {
          const { at, rule, name } = subject;
          const answer = await send('POST', `/api/specs/${specId}/remarks`, { text, mentions, at, rule, about: name });
          setSaid(answer.ok);
          if (answer.ok) void read();
          return answer;
        }}
      />
      {said && (
        <p className="fine" role="status">
          Comment added. Mentioned people are notified. <a href={`${address}/remarks`}>All comments</a>
        </p>
      )}
    </Dialog>
  );
}
