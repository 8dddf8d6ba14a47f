'use client';

import { type FormEvent, useState } from 'react';
import { addGrid, nameGrid } from '../../../core/breakpoints/write-grids';
import { LIMITS } from '../../../core/limits';
import { mapped } from '../../../core/parsed';
import type { NamedGrid } from '../../../core/spec/schema';
import { useDraftStore, useView } from '../../draft/draft-context';
import { Answers, Dialog } from '../../parts/dialog';
import { Field } from '../../parts/field';

/** Asks what a grid is called: a new one, or the one that is given. */
export function GridNameDialog({ grid, onClose }: { grid: NamedGrid | null; onClose: () => void }) {
  const store = useDraftStore();
  const choose = useView((view) => view.chooseGrid);
  const [name, setName] = useState(grid?.name ?? '');
  const [problem, setProblem] = useState<string | null>(null);

  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const { whole, takeWhole } = store.getState();
    if (grid) {
      const refused = takeWhole(nameGrid(whole, grid.id, name));
      if (refused === null) return onClose();
      return setProblem(refused);
    }
    const added = addGrid(whole, name);
    const refused = takeWhole(mapped(added, ({ spec }) => spec));
    setProblem(refused);
    if (!added.value || refused !== null) return;
    choose(added.value.id);
    onClose();
  };

  return (
    <Dialog
      title={grid ? 'Rename grid' : 'New grid'}
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes={grid ? 'Rename' : 'Create grid'} onNo={onClose} />}
    >
      <Field
        label="Name"
        value={name}
        maxLength={LIMITS.breakpointName}
        error={problem ?? undefined}
        onChange={({ target }) => setName(target.value)}
      />
      {!grid && (
        <p className="soft">It starts as the main grid. What you change in it is its own, at that breakpoint.</p>
      )}
    </Dialog>
  );
}
