import type { Layout } from '../../core/spec/schema';
import { area, block, inStyle, picture } from './blocks';

/** Layouts of the smaller products. */

export const KIOSK_LAYOUTS: Layout[] = [
  {
    id: 'ticket',
    name: 'Choose a ticket',
    notes: '',
    sections: [
      {
        id: 'choose',
        name: 'Choose',
        tall: 'screen',
        space: { portrait: { above: 4, between: [4, 2, 2], below: 4 } },
        blocks: [
          block('ask', 'Question', inStyle('body', 'Where are you going today?'), {
            portrait: { columns: [1, 6], height: { lines: 2 } },
          }),
          ...['Skerry', 'Farholm', 'The Ness'].map((name, index) =>
            block(`choice-${index + 1}`, name, inStyle('button', name), {
              portrait: { columns: [1, 6], lanes: [index + 2, index + 2], height: { rows: 9 }, stands: 'caps' },
            }),
          ),
        ],
      },
    ],
  },
];

export const EMAIL_LAYOUTS: Layout[] = [
  {
    id: 'weekly',
    name: 'Weekly timetable',
    notes: '',
    sections: [
      {
        id: 'mail',
        name: 'Mail',
        tall: 'content',
        space: { narrow: { above: 2, between: [2], below: 2 } },
        blocks: [
          block('quay', 'Quay', picture('2/1', true), {
            narrow: { columns: [1, 2], height: { rows: 11 } },
            fixed: { height: { rows: 18 } },
          }),
          block('week', 'Week', area, {
            narrow: { columns: [1, 2], lanes: [2, 2], height: { rows: 16 } },
            fixed: { columns: [1, 4], lanes: [2, 2] },
          }),
          block('prices', 'Prices', area, {
            narrow: { columns: [1, 2], lanes: [3, 3], height: { rows: 8 } },
            fixed: { columns: [5, 6], lanes: [2, 2], height: 'lanes' },
          }),
        ],
      },
    ],
  },
];
