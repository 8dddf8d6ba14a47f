'use client';

import { Plus, Trash2 } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { writeGuides } from '../../../core/breakpoints/write-guides';
import { LIMITS } from '../../../core/limits';
import type { Breakpoint, Guide } from '../../../core/spec/schema';
import { useDraftStore } from '../../draft/draft-context';
import { Button } from '../../parts/button';
import { Answers, Dialog } from '../../parts/dialog';
import { NumberTable } from '../../parts/number-table';
import { Problem } from '../../parts/problem';
import { Select } from '../../parts/select';
import { TextInput } from '../../parts/text-input';

const EMPTY: Guide = { name: '', axis: 'y', at: '', from: 'start' };

/** From where a guide is measured, in the words of its axis. */
const FROM: Record<Guide['axis'], Record<Guide['from'], string>> = {
  x: { start: 'the start', end: 'the end', centre: 'the centre' },
  y: { start: 'the top', end: 'the foot', centre: 'the middle' },
};

/** The guides of a breakpoint, all of them changed in one step. */
export function GuidesDialog({ breakpoint, onClose }: { breakpoint: Breakpoint; onClose: () => void }) {
  const store = useDraftStore();
  const [rows, setRows] = useState<Guide[]>(() => [...typedGuides(breakpoint), EMPTY]);
  const [problem, setProblem] = useState<string | null>(null);

  const change = (index: number, part: Partial<Guide>): void => {
    setProblem(null);
    setRows(rows.map((row, at) => (at === index ? { ...row, ...part } : row)));
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const { whole, takeWhole } = store.getState();
    const refused = takeWhole(writeGuides(whole, breakpoint.id, rows));
    setProblem(refused);
    if (refused === null) onClose();
  };

  return (
    <Dialog
      title={`Guides of ${breakpoint.name}`}
      isWide
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Apply" onNo={onClose} />}
    >
      <NumberTable of="words">
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Line</th>
            <th scope="col">At</th>
            <th scope="col">From</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr key={index}>
              <td>
                <TextInput
                  aria-label={`Name of guide ${index + 1}`}
                  value={row.name}
                  maxLength={LIMITS.breakpointName}
                  placeholder="fold"
                  onChange={({ target }) => change(index, { name: target.value })}
                />
              </td>
              <td>
                <Select
                  isSmall
                  aria-label={`Line of guide ${index + 1}`}
                  value={row.axis}
                  onChange={({ target }) => change(index, { axis: target.value as Guide['axis'] })}
                >
                  <option value="y">horizontal</option>
                  <option value="x">vertical</option>
                </Select>
              </td>
              <td>
                <TextInput
                  className="number"
                  aria-label={`Position of guide ${index + 1}`}
                  value={row.at}
                  maxLength={40}
                  placeholder="720 or 50%"
                  onChange={({ target }) => change(index, { at: target.value })}
                />
              </td>
              <td>
                <Select
                  isSmall
                  aria-label={`Guide ${index + 1} is measured from`}
                  value={row.from}
                  onChange={({ target }) => change(index, { from: target.value as Guide['from'] })}
                >
                  {Object.entries(FROM[row.axis]).map(([value, says]) => (
                    <option key={value} value={value}>
                      {says}
                    </option>
                  ))}
                </Select>
              </td>
              <td>
                <Button
                  look="quiet"
                  aria-label={`Remove guide ${index + 1}`}
                  onClick={() => setRows(rows.filter((_, at) => at !== index))}
                >
                  <Trash2 size={14} aria-hidden />
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
      <Button look="quiet" onClick={() => setRows([...rows, EMPTY])}>
        <Plus size={14} aria-hidden /> Add guide
      </Button>
      <p className="soft">Bars and panels don’t move guides. Percentages are of the whole screen.</p>
      <Problem says={problem} />
    </Dialog>
  );
}

function typedGuides({ guides = [] }: Breakpoint): Guide[] {
  return guides.map((line) => ({ ...line, at: line.at.replace(/px$/, '') }));
}
