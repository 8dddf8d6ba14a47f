import { byWidth } from '../spec/ranges';
import { idOf } from '../spec/slug';
import type { Block, BlockHeight, Holds, Section, Spec } from '../spec/schema';
import { pageOf, section } from './page-maker';
import { partsAcross } from './parts-across';
import type { StartingLayout } from './starting-kinds';

/** The sections of a starting layout, for the breakpoints and styles of a spec. */
export function sectionsOf(spec: Spec, start: StartingLayout): Section[] {
  const page = pageOf(spec);
  const { text, block, across, half, space } = page;
  const body = page.styleFor('body');
  const heading = (words: string, lane = 1): Block =>
    block('Heading', text('heading', words), () => ({ lanes: [lane, lane], height: { lines: 1 } }));
  switch (start) {
    case 'front':
      return [
        section('Opening', 'screen', space(3, 2, 3, 'screen'), [
          block('Opening heading', text('heading', 'What this page is for'), (at) => ({
            ...half(at, 0),
            lanes: [1, 1],
            height: { lines: 2 },
          })),
          block('Opening picture', { picture: '4/3', cropped: true }, (at) => ({
            ...half(at, 1),
            lanes: page.isHalved(at) ? [1, 1] : [2, 2],
            height: { rows: page.rowsFor(at, 280, 'screen') },
          })),
        ]),
        section('Cards', 'content', space(4, 2, 4), [heading('What to choose from'), ...across(3, 2, card)]),
      ];
    case 'article':
      return [
        section('Article', 'content', space(4, 2, 4), [
          heading('What happened'),
          block('Picture', { picture: '16/9' }, () => ({ lanes: [2, 2] })),
          block('Text', text('body', 'The first paragraph says what the others explain.'), (at) => ({
            ...page.readable(at),
            lanes: [3, 3],
            height: { lines: 8 },
          })),
        ]),
      ];
    case 'cards':
      return [section('Cards', 'content', space(4, 2, 4), [heading('All of them'), ...across(6, 2, card)])];
    case 'form':
      return [
        section('Form', 'content', space(4, 2, 4), [
          heading('Your details'),
          ...['First field', 'Second field', 'Third field'].map((name, index) =>
            block(name, field(name), (at) => ({ ...half(at, 0), lanes: [index + 2, index + 2] })),
          ),
          block('Send', button('Send'), (at) => ({ ...half(at, 0), lanes: [5, 5] })),
          block('Note', text('body', 'What the fields are asked for.'), (at) => ({
            ...page.readable(at, half(at, 1).columns[0]),
            lanes: page.isHalved(at) ? [2, 4] : [6, 6],
            height: { lines: 3 },
          })),
        ]),
      ];
    case 'dashboard':
      return [
        section('Figures', 'content', space(3, 2, 2), [heading('How it is going'), ...across(3, 2, figure, 'Figure')]),
        section('Details', 'content', space(2, 2, 4), [
          block('Chart', { picture: '16/9', cropped: true }, (at) => ({
            ...half(at, 0),
            lanes: [1, 1],
            height: { rows: page.rowsFor(at, 280) },
          })),
          block('Newest', { list: body, items: ['First entry', 'Second entry', 'Third entry', 'Fourth entry'], gap: 1 }, (at) => ({ ...half(at, 1), lanes: page.isHalved(at) ? [1, 1] : [2, 2] })), // prettier-ignore
          block('All entries', { table: body, rows: 6, pad: '8px', heads: ['Name', 'State', 'Amount'] }, (at) => {
            const lane = page.isHalved(at) ? 2 : 3;
            return { lanes: [lane, lane] };
          }),
        ]),
      ];
    case 'shop':
      return [
        section('Products', 'content', space(4, 2, 4), [
          heading('All products'),
          ...across(6, 2, product, 'Product'),
          block('More', button('Show more'), (at) => {
            const lane = 2 + 6 / partsAcross(at.breakpoint, at.count);
            return { ...half(at, 0), lanes: [lane, lane] };
          }),
        ]),
      ];
    case 'email':
      return [
        section('Message', 'content', space(2, 2, 3), [
          block('Logo', { logo: '5/1', high: '32px' }, () => ({ lanes: [1, 1] })),
          heading('What this message is about', 2),
          block('Picture', { picture: '2/1', cropped: true }, (at) => ({
            lanes: [3, 3],
            height: { rows: page.rowsFor(at, at.breakpoint.reference.width / 2.5) },
          })),
          block('Text', text('body', 'The one thing that it says, in a few lines.'), (at) => ({
            ...page.readable(at),
            lanes: [4, 4],
            height: { lines: 4 },
          })),
          block('Open', button('Open it'), () => ({ lanes: [5, 5] })),
        ]),
      ];
    case 'board':
      return [
        {
          ...section('Board', 'screen', space(2, 2, 2, 'screen'), [
            heading('What leaves next'),
            block('Rows', { table: body, rows: 7, pad: '12px', heads: ['Time', 'To', 'State'] }, () => ({ lanes: [2, 2] })), // prettier-ignore
          ]),
          ground: { tint: 'dark', to: 'screen' },
        },
      ];
    case 'empty':
      return [section('Section', 'content', space(2, 2, 2), [])];
  }

  /** A picture over a line of text. */
  function card(name: string): Holds {
    return stacked(name, [
      ['picture', { picture: '3/2' }],
      ['text', text('body', name), { lines: 2 }],
    ]);
  }

  /** A number over what it counts. */
  function figure(name: string): Holds {
    return stacked(name, [
      ['number', text('heading', '128'), { lines: 1 }],
      ['text', text('body', name), { lines: 1 }],
    ]);
  }

  /** A picture over a name and a price. */
  function product(name: string): Holds {
    return stacked(name, [
      ['picture', { picture: '4/5' }],
      ['name', text('body', name), { lines: 1 }],
      ['price', text('body', '24.00'), { lines: 1 }],
    ]);
  }

  /** A card on the page’s columns, one thing under the other. */
  function stacked(name: string, parts: [part: string, holds: Holds, height?: BlockHeight][]): Holds {
    const first = byWidth(spec.breakpoints)[0]!.id;
    const blocks = parts.map(([part, holds, height], index): Block => ({
      id: idOf('block', `${name} ${part}`, []),
      name: `${name}, ${part}`,
      holds,
      at: { [first]: { lanes: [index + 1, index + 1], ...(height ? { height } : {}) } },
    }));
    return { card: { padding: '0px', columns: 'page', space: { [first]: { between: [1] } }, blocks } };
  }

  function button(words: string): Holds {
    return { button: body, words, pad: ['12px', '24px'], width: 'words' };
  }

  function field(label: string): Holds {
    return { field: body, label, words: '', pad: ['12px', '16px'] };
  }
}
