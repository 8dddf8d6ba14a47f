import type { Block, Holds, Layout, Placement, Section } from '../../core/spec/schema';
import { block, inStyle, picture } from './blocks';

type Space = Section['space'];

/** The same count of rows everywhere between, and around, at every breakpoint; desktop counts base units. */
function space(above: number, between: number[], below: number, desktop?: [number, number[], number]): Space {
  const [a, b, c] = desktop ?? [above * 2 + 1, between.map((rows) => rows * 2 + 1), below * 2 + 1];
  return {
    phone: { above, between, below },
    desktop: { above: a, between: b, below: c },
    wide: { above, between, below },
  };
}

/** A crossing: its picture, where it goes, and a line on it. */
function crossing(id: string, name: string, said: string, at: Record<string, Placement>): Block {
  const inner = (part: string, holds: Holds, rows: Placement): Block =>
    block(`${id}-${part}`, `${name}, ${part}`, holds, { phone: rows });
  return block(
    id,
    name,
    {
      card: {
        padding: '0px',
        columns: 'page',
        baseline: { step: '4px', offset: '0px' },
        space: { phone: { between: [4, 2] } },
        blocks: [
          inner('picture', picture('3/2', true), { columns: [1, 4] }),
          inner('name', inStyle('timetable', name), { columns: [1, 4], height: { lines: 1 }, stands: 'x-height' }),
          inner('line', inStyle('body', said), { columns: [1, 4], height: { lines: 3 }, stands: 'baseline' }),
        ],
      },
    },
    at,
  );
}

/** A full-screen opening on divided rows, then three crossings. */
const front: Layout = {
  id: 'front',
  name: 'Front page',
  notes: '',
  sections: [
    {
      id: 'opening',
      name: 'Opening',
      tall: 'screen',
      space: space(5, [3], 5, [1, [0], 0]),
      blocks: [
        block('promise', 'Headline', inStyle('headline', 'Cross the sound in nineteen minutes'), {
          phone: { columns: [1, 4], height: { lines: 3 }, stands: 'caps' },
          tablet: { height: { lines: 2 } },
          desktop: { columns: [1, 6], lanes: [1, 1], height: { lines: 3 } },
        }),
        block('harbour', 'Harbour', picture('4/3', true), {
          phone: { columns: [1, 4] },
          tablet: { columns: [1, 8], height: { rows: 40 } },
          laptop: { columns: [1, 12], height: { rows: 30 } },
          desktop: {
            columns: [8, 12],
            lanes: [1, 1],
            height: 'section',
            leaves: [{ side: 'end', to: 'screen', reason: 'The quay runs out of the picture.' }],
          },
        }),
      ],
    },
    {
      id: 'crossings',
      name: 'Crossings',
      tall: 'content',
      ground: { tint: 'light', to: 'screen' },
      space: space(6, [3], 6),
      blocks: [
        block('where-to', 'Where to', inStyle('headline', 'Where to'), {
          phone: { columns: [1, 4], height: { lines: 1 }, stands: 'caps' },
        }),
        crossing('skerry', 'Skerry', 'Eleven crossings a day, the first before the school bell.', {
          phone: { columns: [1, 4], lanes: [2, 2] },
          tablet: { columns: [1, 4], lanes: [2, 2] },
          laptop: { columns: [1, 4], lanes: [2, 2] },
        }),
        crossing('farholm', 'Farholm', 'Cars on the lower deck, bicycles free of charge.', {
          phone: { columns: [1, 4], lanes: [3, 3] },
          tablet: { columns: [5, 8], lanes: [2, 2] },
          laptop: { columns: [5, 8], lanes: [2, 2] },
        }),
        crossing('ness', 'The Ness', 'Summer only; the last boat waits for the last train.', {
          phone: { columns: [1, 4], lanes: [4, 4] },
          tablet: { columns: [1, 4], lanes: [3, 3] },
          laptop: { columns: [9, 12], lanes: [2, 2] },
        }),
      ],
    },
  ],
};

const timetable: Layout = {
  id: 'timetable',
  name: 'Timetable',
  notes: 'The day’s crossings, with what changes today beside them.',
  sections: [
    {
      id: 'today',
      name: 'Today',
      tall: 'content',
      space: space(6, [3], 6),
      blocks: [
        block('title', 'Title', inStyle('headline', 'Crossings today'), {
          phone: { columns: [1, 4], height: { lines: 2 }, stands: 'caps' },
          tablet: { height: { lines: 1 } },
        }),
        block(
          'table',
          'Departures',
          { table: 'body', rows: 9, pad: '8px', heads: ['Time', 'To', 'Slip'] },
          {
            phone: { columns: [1, 4], lanes: [2, 2] },
            laptop: { columns: [1, 8], lanes: [2, 2] },
          },
        ),
        block('notice', 'Notice', inStyle('body', 'High water at noon: the Ness boat leaves from the outer slip.'), {
          phone: { columns: [1, 4], lanes: [3, 3], height: { lines: 3 } },
          laptop: { columns: [9, 12], lanes: [2, 2], height: { lines: 4 } },
        }),
      ],
    },
  ],
};

/** What is asked for a booking, with what somebody entered. */
const FIELDS = [
  ['from', 'From', 'Tidewick'],
  ['to', 'To', 'Skerry'],
  ['travellers', 'Travellers', '2 adults'],
] as const;

const booking: Layout = {
  id: 'booking',
  name: 'Booking form',
  notes: '',
  sections: [
    {
      id: 'form',
      name: 'Form',
      tall: 'content',
      space: space(6, [3, 1, 1, 2], 6),
      blocks: [
        block('book', 'Heading', inStyle('headline', 'Book a crossing'), {
          phone: { columns: [1, 4], height: { lines: 2 }, stands: 'caps' },
          tablet: { height: { lines: 1 } },
        }),
        ...FIELDS.map(([id, label, said], index) =>
          block(
            id,
            `Field, ${label.toLowerCase()}`,
            { field: 'body', label, words: said, pad: ['8px', '12px'] },
            {
              phone: { columns: [1, 4], lanes: [index + 2, index + 2] },
              tablet: { columns: [1, 4], lanes: [index + 2, index + 2] },
              laptop: { columns: [1, 6], lanes: [index + 2, index + 2] },
            },
          ),
        ),
        block(
          'fare',
          'Fare',
          {
            card: {
              padding: '24px',
              columns: { count: 2, gutter: '16px' },
              baseline: { step: '4px', offset: '0px' },
              space: { phone: { between: [4] } },
              blocks: [
                block('fare-total', 'Total', inStyle('timetable', 'Total'), {
                  phone: { columns: [1, 1], lanes: [1, 1], height: { lines: 1 }, stands: 'x-height' },
                }),
                block('fare-sum', 'Sum', inStyle('timetable', '31 crowns'), {
                  phone: { columns: [2, 2], lanes: [1, 1], height: { lines: 1 }, stands: 'x-height' },
                }),
                block('fare-terms', 'Terms', inStyle('body', 'Changes are free until an hour before the boat.'), {
                  phone: { columns: [1, 2], lanes: [2, 2], height: { lines: 3 }, stands: 'baseline' },
                }),
              ],
            },
          },
          {
            phone: { columns: [1, 4], lanes: [5, 5] },
            tablet: { columns: [5, 8], lanes: [2, 4], height: 'lanes' },
            laptop: { columns: [8, 12], lanes: [2, 4], height: 'lanes' },
          },
        ),
      ],
    },
  ],
};

export const PASSENGER_LAYOUTS: Layout[] = [front, timetable, booking];

/** With slips: the second crossing half a column wider, and more air over one heading than over the others. */
export const SLIPPED_LAYOUTS: Layout[] = PASSENGER_LAYOUTS.map((layout) => ({
  ...layout,
  sections: layout.sections.map((section) => ({
    ...section,
    space:
      section.id === 'today'
        ? { ...section.space, laptop: { above: 7 }, desktop: { ...section.space['desktop'], above: 15 } }
        : section.space,
    blocks: section.blocks.map((each) =>
      each.id === 'farholm' ? { ...each, at: { ...each.at, laptop: { columns: [5, 9.5], lanes: [2, 2] } } } : each,
    ),
  })),
}));
