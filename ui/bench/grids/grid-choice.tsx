'use client';

import { removeGrid } from '../../../core/breakpoints/write-grids';
import { useDraft, useDraftStore, useMayEdit, useView } from '../../draft/draft-context';
import { Menu, MenuAct } from '../../parts/menu';
import { Select } from '../../parts/select';
import styles from './grids.module.scss';

const NEW = ' new';

type Props = {
  /** Asks for the name of a new grid, or of the one that is shown; without it grids are only chosen here. */
  onName?: (asks: 'new' | 'name') => void;
};

/** Which of the document's grids is shown and changed. */
export function GridChoice({ onName }: Props) {
  const whole = useDraft((draft) => draft.whole);
  const grid = useDraft((draft) => draft.grid);
  const chosen = useView((view) => view.grid);
  const choose = useView((view) => view.chooseGrid);
  const store = useDraftStore();
  const mayEdit = useMayEdit() && onName !== undefined;
  const grids = whole.grids ?? [];
  // where there is none beside it, the main grid is all that can be shown
  if (grids.length === 0 && !mayEdit) return null;
  const isThere = grids.some(({ id }) => id === chosen);

  const remove = (): void => {
    if (!grid) return;
    choose(null);
    store.getState().changeWhole(removeGrid(whole, grid.id));
  };

  return (
    // its keys are no keys of the sheet that it stands in
    <span className={styles.choice} onKeyDown={(event) => event.stopPropagation()}>
      <Select
        isSmall
        aria-label="Grid"
        title="Grid shown and edited"
        value={isThere ? chosen! : ''}
        onChange={({ target }) => (target.value === NEW ? onName?.('new') : choose(target.value || null))}
      >
        <option value="">Main grid</option>
        {grids.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
        {mayEdit && <option value={NEW}>New grid…</option>}
      </Select>
      {mayEdit && grid && (
        <Menu label={`More for ${grid.name}`} title="Rename, remove" size={13} isFixed align="start">
          <MenuAct onClick={() => onName('name')}>Rename…</MenuAct>
          <MenuAct onClick={remove}>Remove {grid.name}</MenuAct>
        </Menu>
      )}
    </span>
  );
}
