'use client';

import { removeBreakpoint } from '../../../core/breakpoints/breakpoints';
import { patternName } from '../../../core/breakpoints/naming-pattern';
import { copyGrid } from '../../../core/breakpoints/copy-grid';
import { writeCell } from '../../../core/quantities/write-cell';
import { LIMITS } from '../../../core/limits';
import { byWidth } from '../../../core/spec/ranges';
import { useDraftStore } from '../../draft/draft-context';
import styles from './sheet.module.scss';
import { Menu, MenuAct } from '../../parts/menu';

type Props = {
  id: string;
  name: string;
  /** Only in the selected head keys reach it. */
  isSelected: boolean;
  onSay: (message: string) => void;
};

/** What can be done with a breakpoint as a whole: its grid copied to another, or the breakpoint removed. */
export function BreakpointMenu({ id, name, isSelected, onSay }: Props) {
  const store = useDraftStore();
  const { document, pattern } = store.getState();
  const others = byWidth(document.breakpoints).filter((other) => other.id !== id);

  const copyTo = (other: { id: string; name: string }): void => {
    const bench = store.getState();
    onSay(
      bench.tryChange(copyGrid(bench.document, id, other.id)) ??
        `${other.name} now has the grid of ${name}; Ctrl+Z undoes it.`,
    );
  };
  const nameIt = (): void => {
    const bench = store.getState();
    const breakpoint = bench.document.breakpoints.find((each) => each.id === id)!;
    const named = patternName(pattern, bench.document, breakpoint).slice(0, LIMITS.name);
    onSay(
      bench.take(writeCell(bench.document, id, 'name', named)) ?? `${name} is now named ${named}; Ctrl+Z undoes it.`,
    );
  };
  const remove = (): void => {
    const bench = store.getState();
    onSay(bench.take(removeBreakpoint(bench.document, id)) ?? `${name} removed. Ctrl+Z brings it back.`);
  };

  return (
    <Menu
      align="start"
      className={styles.menu}
      data-edits
      label={`More for ${name}`}
      title="Copy, rename, remove"
      size={13}
      tabIndex={isSelected ? 0 : -1}
      isFixed
      onKeyDown={(event: React.KeyboardEvent) => event.stopPropagation()}
    >
      {others.map((other) => (
        <MenuAct key={other.id} onClick={() => copyTo(other)}>
          Copy grid to {other.name}
        </MenuAct>
      ))}
      {pattern !== '' && (
        <MenuAct onClick={nameIt}>
          Name after pattern:{' '}
          {patternName(
            pattern,
            document,
            document.breakpoints.find((each) => each.id === id)!,
          )}
        </MenuAct>
      )}
      <MenuAct disabled={others.length === 0} onClick={remove}>
        Remove {name}
      </MenuAct>
    </Menu>
  );
}
