'use client';

import { Dialog } from '../parts/dialog';
import { VIEWS } from '../frame/views';
import { NumberTable } from '../parts/number-table';

const SHORTCUTS: { where: string; keys: [string, string][] }[] = [
  {
    where: 'In the sheet',
    keys: [
      ['Arrows, Home, End', 'move; with Shift select a range'],
      ['Type, or Enter', 'replace or edit the value'],
      ['Enter, Tab', 'confirm and go down or right; with Shift go back'],
      ['Esc', 'cancel the edit'],
      ['Alt + Up, Down', 'step by the base unit; with Shift by half of it'],
      ['Alt + Page up, Page down', 'to the next named spacing step'],
      ['Delete', 'set the value to auto; on a name, remove the breakpoint'],
      ['Alt + R', 'fill right'],
      ['Alt + A', 'one value for all breakpoints, or scaled with the screen'],
      ['Ctrl + C, Ctrl + V', 'copy and paste, also to and from a spreadsheet'],
      ['Space, Esc', 'on a conflict: use yours, keep theirs'],
    ],
  },
  {
    where: 'Anywhere on the bench',
    keys: [
      ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
      ['c, r, b, m, g', 'columns, rows, baseline, mesh, guides on or off (outside the sheet)'],
      ['1 to 9', 'show a combination of overlays, where one has that key'],
      ['s', 'all screens side by side (outside the sheet)'],
      ['w, n, l', 'span widths, spacing scale, leadings (outside the sheet)'],
      ['u', 'next backdrop: none, light page, dark page, your picture'],
      ['x', 'the page as read from right to left'],
      ['d', 'measure distances'],
      ['e', 'while measuring: snap to edges on or off'],
      ['+, −, 0, 1', 'zoom in, zoom out, fit page, actual size (100 %)'],
      ['Alt + Shift + G', 'import a grid'],
      ['Alt + Shift + M', 'comment on the selection'],
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
        'move the end point by 1 px, with Shift by the base unit; Enter starts a new measurement there',
      ],
      [
        'Up, Down on the bottom edge of the page',
        'change its height by 1 px; with Shift by the base unit; Delete resets it',
      ],
    ],
  },
  {
    where: 'On a page of Layouts',
    keys: [
      ['Tab; Enter, or Space', 'go from block to block; select it, with Shift add to the selection'],
      ['Enter on a selected text', 'type its words; Enter keeps them, Tab goes on to the next text, Esc leaves them'],
      ['Ctrl + C, X, V; Ctrl + D', 'copy, cut, paste blocks, between specifications too; duplicate them'],
      ['Arrows', 'move the selection by a column or a row'],
      ['Shift + arrows', 'make a block wider, narrower, taller or shorter'],
      ['Alt + Up, Down', 'next to the block above; into its own lane'],
      ['=, Delete', 'place it as at the narrower breakpoint; remove it'],
      ['Alt while dragging a side', 'leave it off the column line and enter a reason'],
      ['Shift while dragging', 'keep to one direction'],
      ['Alt + Up, Down in the list of blocks', 'earlier or later in reading order'],
    ],
  },
  {
    where: 'On a screen of Survey',
    keys: [
      ['Arrows', 'go from box to box'],
      ['Delete', 'remove the box'],
      ['Alt + arrows', 'move its end or bottom by 1 px; with Shift its start or top'],
      ['Ctrl + V', 'paste a screenshot or a list of boxes'],
    ],
  },
  {
    where: 'From view to view',
    keys: [
      ...VIEWS.map(({ title, key }): [string, string] => [`Alt + Shift + ${key}`, title]),
      ['Alt + Shift + P', 'publish an edition'],
      ['Tab on a new page', 'skip to the content'],
    ],
  },
  {
    where: 'In dialogs',
    keys: [
      ['Enter', 'the main button'],
      ['Esc', 'close without changing anything'],
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
        Learn step by step in the guide <a href="/guide/for-designers">for designers</a> and{' '}
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
