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
    says: 'Readers and followers will see a warning, and latest will skip it. Its files stay available. This can’t be undone.',
    label: 'Why shouldn’t anyone build on it?',
    yes: 'Withdraw',
    send: (specId: string, version: string, text: string) =>
      send('POST', `/api/specs/${specId}/withdrawals`, { version, reason: text }),
  },
  set: {
    act: 'Use as starting set…',
    title: (version: string) => `Starting set from ${version}`,
    says: 'The team’s new specifications can start from it and see when it’s updated.',
    label: 'Name',
    yes: 'Create starting set',
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
    if (what === 'set') setDone(`New specifications can now start from ${text.trim()}.`);
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
        <Button look="quiet" aria-label={`Use as starting set: ${version}`} onClick={() => setAsking('set')}>
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
