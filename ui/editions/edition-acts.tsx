'use client';

import { SAID } from '../../core/limits';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import styles from './edition-list.module.scss';
import { Button } from '../parts/button';

type Props = { specId: string; version: string; isWithdrawn: boolean; may: { publish: boolean; edit: boolean } };

const ASKED = {
  withdraw: {
    act: 'Withdraw…',
    title: (version: string) => `Withdraw ${version}?`,
    says: 'It stays readable, its readers and followers are warned, and latest passes it by. That is not taken back.',
    label: 'Why nobody should build on it',
    yes: 'Withdraw it',
    send: (specId: string, version: string, text: string) =>
      send('POST', `/api/specs/${specId}/withdrawals`, { version, reason: text }),
  },
  set: {
    act: 'Make a starting set…',
    title: (version: string) => `A starting set of ${version}`,
    says: 'New specifications of the team can begin from it, and remember that they did.',
    label: 'Name of the set',
    yes: 'Make the set',
    send: (specId: string, version: string, text: string) =>
      send('POST', `/api/specs/${specId}/starting-sets`, { version, name: text }),
  },
} as const;

/** What can be done with an edition that is there: withdrawn, or begun from. */
export function EditionActs({ specId, version, isWithdrawn, may }: Props) {
  const router = useRouter();
  const [asking, setAsking] = useState<keyof typeof ASKED | null>(null);
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const close = (): void => {
    setAsking(null);
    setText('');
    setProblem(null);
  };
  const act = async (what: keyof typeof ASKED): Promise<void> => {
    const answer = await ASKED[what].send(specId, version, text);
    if (!answer.ok) return setProblem(answer.problem);
    if (what === 'set') setDone(`New specifications can begin from ${text.trim()}.`);
    close();
    router.refresh();
  };
  const asked = asking && ASKED[asking];
  return (
    <div className={styles.acts}>
      {may.publish && !isWithdrawn && (
        <Button look="quiet" aria-label={`Withdraw ${version}`} onClick={() => setAsking('withdraw')}>
          {ASKED.withdraw.act}
        </Button>
      )}
      {may.edit && !isWithdrawn && (
        <Button look="quiet" aria-label={`Make a starting set of ${version}`} onClick={() => setAsking('set')}>
          {ASKED.set.act}
        </Button>
      )}
      {done && (
        <span className="fine" role="status">
          {done}
        </span>
      )}
      {asked && (
        <Dialog
          title={asked.title(version)}
          onClose={close}
          onSubmit={(event) => {
            event.preventDefault();
            void act(asking);
          }}
          answers={<Answers yes={asked.yes} onNo={close} />}
        >
          <p>{asked.says}</p>
          <Field
            label={asked.label}
            autoComplete="off"
            maxLength={SAID.reason}
            value={text}
            error={problem ?? undefined}
            onChange={({ target }) => setText(target.value)}
          />
        </Dialog>
      )}
    </div>
  );
}
