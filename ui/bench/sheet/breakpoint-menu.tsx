'use client';

import { Ellipsis } from 'lucide-react';
import Dropdown from 'react-bootstrap/Dropdown';
import { removeBreakpoint } from '../../../core/breakpoints/breakpoints';
import { patternName } from '../../../core/breakpoints/naming-pattern';
import { copyGrid } from '../../../core/breakpoints/copy-grid';
import { writeCell } from '../../../core/quantities/write-cell';
import { LIMITS } from '../../../core/limits';
import { byWidth } from '../../../core/spec/ranges';
import { useDraftStore } from '../../draft/draft-context';
import styles from './sheet.module.scss';

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
        `${other.name} has the grid of ${name}; undo takes it back.`,
    );
  };
  const nameIt = (): void => {
    const bench = store.getState();
    const breakpoint = bench.document.breakpoints.find((each) => each.id === id)!;
    const named = patternName(pattern, bench.document, breakpoint).slice(0, LIMITS.name);
    onSay(bench.take(writeCell(bench.document, id, 'name', named)) ?? `${name} is named ${named}; undo takes it back.`);
  };
  const remove = (): void => {
    const bench = store.getState();
    onSay(bench.take(removeBreakpoint(bench.document, id)) ?? `${name} is removed; undo brings it back.`);
  };

  return (
    <Dropdown className={styles.menu} data-edits onKeyDown={(event) => event.stopPropagation()}>
      <Dropdown.Toggle
        as="button"
        bsPrefix="quiet"
        tabIndex={isSelected ? 0 : -1}
        aria-label={`More for ${name}`}
        title="Copy to another breakpoint, remove"
      >
        <Ellipsis size={13} aria-hidden />
      </Dropdown.Toggle>
      <Dropdown.Menu renderOnMount={false} popperConfig={{ strategy: 'fixed' }}>
        {others.map((other) => (
          <Dropdown.Item key={other.id} as="button" onClick={() => copyTo(other)}>
            Copy the grid to {other.name}
          </Dropdown.Item>
        ))}
        {pattern !== '' && (
          <Dropdown.Item as="button" onClick={nameIt}>
            Name it{' '}
            {patternName(
              pattern,
              document,
              document.breakpoints.find((each) => each.id === id)!,
            )}
          </Dropdown.Item>
        )}
        <Dropdown.Item as="button" disabled={others.length === 0} onClick={remove}>
          Remove {name}
        </Dropdown.Item>
      </Dropdown.Menu>
    </Dropdown>
  );
}
