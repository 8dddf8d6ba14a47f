'use client';

import { type FormEvent, useState } from 'react';
import { isOutlined, type OverlayId } from '../../../core/overlay/inks';
import { addCombination, removeCombination, withDrawn, writeMesh } from '../../../core/overlay/write-overlays';
import { OVERLAY_IDS } from '../../../core/spec/overlay-schema';
import { sizeText } from '../../../core/length/size';
import { useDraftStore, useDraft, useView } from '../../draft/draft-context';
import { Button } from '../../parts/button';
import { Choice } from '../../parts/choice';
import { CommitField } from '../../parts/commit-field';
import { Problem } from '../../parts/problem';
import { TextInput } from '../../parts/text-input';
import { OVERLAY_NAMES } from '../sheet/group-mark';
import styles from './inks.module.scss';

const DRAWN = [
  { value: 'filled', title: 'Filled' },
  { value: 'outlines', title: 'Outlines' },
] as const;

/** Whether overlays are filled or outlined, and the squares of the mesh. */
export function DrawnFields() {
  const document = useDraft((draft) => draft.whole);
  const store = useDraftStore();
  const drawn = isOutlined(document) ? 'outlines' : 'filled';
  const { square, strong } = document.mesh ?? {};
  const typed = {
    square: square === undefined ? '' : sizeText(square),
    strong: strong === undefined ? '' : String(strong),
  };
  const writeOn = (part: Partial<typeof typed>) => (): string | null =>
    store.getState().takeWhole(writeMesh(store.getState().whole, { ...typed, ...part }));
  return (
    <div className={styles.drawn}>
      <Choice
        label="Overlays are drawn"
        options={DRAWN}
        value={drawn}
        onChange={(value) => store.getState().changeWhole(withDrawn(store.getState().whole, value))}
      />
      <label>
        Mesh square{' '}
        <CommitField
          label="Mesh square"
          title="Side of a square; empty for the base unit"
          value={typed.square}
          placeholder={sizeText(document.spacing.base)}
          onCommit={(text) => writeOn({ square: text })()}
        />
      </label>
      <label>
        strong line every{' '}
        <CommitField
          label="Strong line every so many squares"
          title="2 to 100 squares; empty for none"
          value={typed.strong}
          placeholder="none"
          onCommit={(text) => writeOn({ strong: text })()}
        />
      </label>
    </div>
  );
}

/** Named combinations of overlays, each on its digit. */
export function Combinations() {
  const document = useDraft((draft) => draft.whole);
  const store = useDraftStore();
  const overlays = useView((view) => view.overlays);
  const showOnly = useView((view) => view.showOnly);
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const shown = OVERLAY_IDS.filter((id) => overlays[id]);
  const all = document.overlays?.combinations ?? [];

  const add = (event: FormEvent): void => {
    event.preventDefault();
    const { whole, takeWhole } = store.getState();
    const refused = takeWhole(addCombination(whole, name, shown));
    setProblem(refused);
    if (refused === null) setName('');
  };
  return (
    <section className={styles.combinations} aria-label="Combinations">
      <h3>Combinations</h3>
      {all.length > 0 && (
        <ul>
          {all.map(({ key, name: own, shows }) => (
            <li key={key}>
              <kbd>{key}</kbd> <strong>{own}</strong> <span className="soft">{inWords(shows)}</span>
              <Button look="quiet" onClick={() => showOnly(shows)}>
                Show
              </Button>
              <Button
                look="quiet"
                aria-label={`Remove ${own}`}
                onClick={() => store.getState().changeWhole(removeCombination(store.getState().whole, key))}
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      <form onSubmit={add}>
        <TextInput
          aria-label="Name of the combination"
          placeholder="Rows for heroes"
          value={name}
          maxLength={60}
          onChange={({ target }) => setName(target.value)}
        />
        <Button type="submit">Save what’s shown</Button>
        <span className="soft">{inWords(shown)}</span>
      </form>
      <Problem says={problem} />
    </section>
  );
}

function inWords(ids: readonly OverlayId[]): string {
  return ids.length === 0 ? 'no overlay' : ids.map((id) => OVERLAY_NAMES[id].toLowerCase()).join(', ');
}
