'use client';

import { SAID } from '../../core/limits';
import { useId, useState } from 'react';
import type { Answer } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Problem } from '../parts/problem';
import { type Mentioned, mentionsIn } from './listed-remark';
import styles from './remarks.module.scss';
import { Label } from '../parts/label';
import { Select } from '../parts/select';
import { TextArea } from '../parts/text-input';
import { Button } from '../parts/button';

type Props = {
  label: string;
  action: string;
  first?: string;
  members: readonly Mentioned[];
  /** Sends what was typed; it stays in the field until it was taken. */
  onSend: (text: string, mentions: string[]) => Promise<Answer<unknown>>;
  onCancel?: () => void;
};

/** Writes a remark. “@” and a name mentions somebody, who is told. */
export function RemarkForm({ label, action, first = '', members, onSend, onCancel }: Props) {
  const id = useId();
  const isAwake = useAwake();
  const [text, setText] = useState(first);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const put = async (): Promise<void> => {
    if (text.trim() === '') return setProblem('Enter a comment.');
    setBusy(true);
    const answer = await onSend(text, mentionsIn(text, members));
    setBusy(false);
    setProblem(answer.ok ? null : answer.problem);
    if (answer.ok) setText('');
  };
  const mention = (name: string): void =>
    setText((before) => `${before}${before === '' || /\s$/.test(before) ? '' : ' '}@${name} `);
  return (
    <div className={styles.form}>
      <Label htmlFor={id}>{label}</Label>
      <TextArea
        id={id}
        rows={2}
        maxLength={SAID.remark}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void put();
        }}
      />
      <div className={styles.buttons}>
        <Button look="primary" disabled={!isAwake || isBusy} onClick={() => void put()}>
          {action}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
        <label className={styles.mention}>
          <span className="visually-hidden">Mention someone</span>
          <Select value="" onChange={({ target }) => mention(target.value)}>
            <option value="" disabled>
              Mention…
            </option>
            {members.map(({ id: own, name }) => (
              <option key={own}>{name}</option>
            ))}
          </Select>
        </label>
      </div>
      <Problem says={problem} />
    </div>
  );
}
