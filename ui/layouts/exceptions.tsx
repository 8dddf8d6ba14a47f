'use client';

import { type FormEvent, useState } from 'react';
import type { Chosen } from '../../core/layouts/arrange';
import { placed, withBlocks, withLayout } from '../../core/layouts/edit-layout';
import type { Placed } from '../../core/layouts/placements';
import { layOver, leave } from '../../core/layouts/write-block';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { ToolButton } from '../parts/toggle';
import styles from './layouts.module.scss';
import type { Write } from './panel-line';
import { ReasonDialog } from './reason-dialog';
import { Button } from '../parts/button';

type Props = { at: Chosen; placement: Placed; write: Write };

/** Where a block leaves the grid or lies over another on purpose: the reasons, and how they are given. */
export function Exceptions({ at, placement: { block, leaves, bleeds, over }, write }: Props) {
  const [asked, ask] = useState<'leaves' | 'over' | null>(null);
  const notOver = (): void =>
    void write((spec) => ({
      value: withLayout(spec, at.layout, (each) =>
        withBlocks(each, at.blocks, (own) => placed(own, at.breakpoint, { over: undefined })),
      ),
    }));
  return (
    <>
      {(bleeds ? [] : leaves).map(({ side, reason }) => (
        <p key={side} className={styles.leaving}>
          Its {side} breaks the grid: {reason}{' '}
          <Button look="link" data-edits onClick={() => write((spec) => leave(spec, at, side, null))}>
            Snap back to the line
          </Button>
        </p>
      ))}
      {over !== null && (
        <p className={styles.leaving}>
          Overlaps another block: {over}{' '}
          <Button look="link" data-edits onClick={notOver}>
            Remove exception
          </Button>
        </p>
      )}
      <div className={styles.acts} data-edits role="group" aria-label="Exceptions">
        <ToolButton
          onClick={() => ask('leaves')}
          title="Move an edge off its column line and enter the reason, or drag it with Alt"
        >
          Break the grid…
        </ToolButton>
        <ToolButton onClick={() => ask('over')} title="Overlap another block on purpose and enter the reason">
          Overlap…
        </ToolButton>
      </div>
      {asked === 'leaves' && (
        <ReasonDialog
          name={block.name}
          onCancel={() => ask(null)}
          onReason={(side, to, reason) => {
            const refused = write((spec) => leave(spec, at, side, { to, reason }));
            if (refused === null) ask(null);
            return refused;
          }}
        />
      )}
      {asked === 'over' && (
        <OverDialog
          name={block.name}
          onCancel={() => ask(null)}
          onReason={(reason) => {
            const refused = write((spec) => layOver(spec, at, reason));
            if (refused === null) ask(null);
            return refused;
          }}
        />
      )}
    </>
  );
}

type OverProps = { name: string; onReason: (reason: string) => string | null; onCancel: () => void };

function OverDialog({ name, onReason, onCancel }: OverProps) {
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setProblem(onReason(reason));
  };
  return (
    <Dialog
      title={`${name} overlaps another block`}
      onClose={onCancel}
      onSubmit={submit}
      answers={<Answers yes="Mark as intended" onNo={onCancel} />}
    >
      <Field
        label="Reason"
        value={reason}
        error={problem ?? undefined}
        onChange={({ target }) => setReason(target.value)}
      />
    </Dialog>
  );
}
