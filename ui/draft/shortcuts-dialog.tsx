'use client';

import { Dialog } from '../parts/dialog';
import { VIEWS } from '../frame/views';
import { NumberTable } from '../parts/number-table';

const SHORTCUTS: { where: string; keys: [string, string][] }[] = [
  {
    where: 'In the sheet',
    keys: [
      ['Arrows, Home, End', 'move; with Shift, select a range'],
      ['Type, or Enter', 'replace, or edit, what the cell holds'],
      ['Enter, Tab', 'commit and go down, or right; with Shift back'],
      ['Esc', 'put back what was there'],
      ['Alt + Up, Down', 'step by the base unit; with Shift by half of it'],
      ['Alt + Page up, Page down', 'to the next named spacing step'],
      ['Delete', 'let the quantity follow; on a name, remove the breakpoint'],
      ['Alt + R', 'fill right'],
      ['Ctrl + C, Ctrl + V', 'copy and paste, also to and from a spreadsheet'],
      ['Space, Esc', 'where somebody else changed the same cell: take yours, keep theirs'],
    ],
  },
  {
    where: 'Anywhere on the bench',
    keys: [
      ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
      ['c, r, b', 'columns, rows, baseline on or off (outside the sheet)'],
      ['s', 'all screens side by side (outside the sheet)'],
      ['w, n, l', 'widths of the spans, named spacing steps, leadings that fit (outside the sheet)'],
      ['u', 'what lies under the overlays: nothing, a light page, a dark page, your picture'],
      ['d', 'measure distances'],
      ['e', 'while measuring: draw ends to edges, or leave them where they are'],
      ['+, −, 0, 1', 'zoom in, out, the whole page, one px for each px'],
      ['Alt + Shift + G', 'read a grid in from a file'],
      ['Alt + Shift + M', 'write a remark on what is selected'],
      ['?', 'this list'],
    ],
  },
  {
    where: 'On the rail and in the preview',
    keys: [
      ['Left, Right', 'move a boundary or the viewport marker by 1 px; with Shift by the base unit'],
      ['Left, Right in the preview', 'step through margins, columns and gutters'],
      ['Up, Down in the preview', 'step through rows and gaps'],
      ['Shift + arrows in the preview', 'move the page'],
      [
        'Arrows while measuring',
        'move the end of the distance by 1 px, with Shift by the base unit; Enter starts anew there',
      ],
      [
        'Up, Down on the foot of the page',
        'change its height by 1 px; with Shift by the base unit; Delete for the screen’s',
      ],
    ],
  },
  {
    where: 'On a page of Layouts',
    keys: [
      ['Tab; Enter, or Space', 'go from block to block; choose one, with Shift more of them'],
      ['Arrows', 'move what is chosen by a column, or a block by a row'],
      ['Shift + arrows', 'make a block wider, narrower, higher or lower'],
      ['Alt + Up, Down', 'beside the block above; into a lane of its own'],
      ['=, Delete', 'let it follow the narrower breakpoint; take it off the page'],
      ['Alt while dragging a side', 'leave it off the column line, and say why'],
    ],
  },
  {
    where: 'On a screen of Survey',
    keys: [
      ['Arrows', 'go from box to box'],
      ['Delete', 'remove the box'],
      ['Alt + arrows', 'move its end or foot by 1 px; with Shift its start or top'],
      ['Ctrl + V', 'bring a picture or a list of boxes'],
    ],
  },
  {
    where: 'From view to view',
    keys: [
      ...VIEWS.map(({ title, key }): [string, string] => [`Alt + Shift + ${key}`, title]),
      ['Alt + Shift + P', 'publish an edition'],
      ['Tab on a new page', 'skip the bar and go to the content'],
    ],
  },
  {
    where: 'In dialogs',
    keys: [
      ['Enter', 'the answer that is marked'],
      ['Esc', 'close it, and change nothing more'],
    ],
  },
  {
    where: 'In Finder and Sweep',
    keys: [
      ['Enter', 'find, from any field of the conditions'],
      ['Left, Right', 'move the marker of the sweep by 1 px; with Shift by 10'],
    ],
  },
];

/** Every shortcut of the bench. */
export function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog title="Keys" isWide onClose={onClose}>
      <p>
        How the work goes, step by step: the guide <a href="/guide/for-designers">for designers</a> and{' '}
        <a href="/guide/for-developers">for developers</a>.
      </p>
      {SHORTCUTS.map(({ where, keys }) => (
        <section key={where}>
          <h3>{where}</h3>
          <NumberTable of="words">
            <tbody>
              {keys.map(([key, does]) => (
                <tr key={key}>
                  <th scope="row" style={{ inlineSize: '42%' }}>
                    {key}
                  </th>
                  <td>{does}</td>
                </tr>
              ))}
            </tbody>
          </NumberTable>
        </section>
      ))}
    </Dialog>
  );
}
