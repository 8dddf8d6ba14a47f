import { describe, expect, test } from 'vitest';
import type { Block, Layout, Section } from '../spec/schema';
import { practiceSpec } from '../spec/testing';
import { readSpec } from './read';

const block = (some: Partial<Block> = {}): Block => ({
  id: 'map',
  name: 'Map',
  holds: { area: 'plain' },
  at: {},
  ...some,
});
const section = (blocks: Block[], some: Partial<Section> = {}): Section => ({
  id: 'top',
  name: 'Top',
  tall: 'content',
  space: {},
  blocks,
  ...some,
});
const layout = (...sections: Section[]): Layout => ({ id: 'home', name: 'Home', notes: '', sections });
const card = (some: object, blocks: Block[] = []): Block =>
  block({ id: 'card', holds: { card: { padding: '8px', columns: 'page', space: {}, blocks, ...some } } });
const problem = (...layouts: unknown[]) => readSpec({ ...practiceSpec('Laid out'), layouts }).problem;

describe('layouts that cannot be kept are refused with their place', () => {
  test.each<[string, unknown[], string]>([
    ['two of one id', [layout(), layout()], 'layouts: Two layouts have the id “home”. Rename one of them.'],
    [
      'two sections of one id',
      [layout(section([]), section([]))],
      'layouts[0].sections: Two sections have the id “top”. Rename one of them.',
    ],
    [
      'two blocks of one id, one in a card',
      [layout(section([block(), card({}, [block()])]))],
      'layouts[0]: Two blocks have the id “map”. Rename one of them.',
    ],
    [
      'a breakpoint that is not there',
      [layout(section([block({ at: { watch: {} } })]))],
      'layouts[0].sections[0].blocks[0].at.watch: There is no breakpoint “watch”; the document has phone, tablet, desktop.',
    ],
    [
      'white space at one that is not there',
      [layout(section([], { space: { watch: { above: 1 } } }))],
      'layouts[0].sections[0].space.watch: There is no breakpoint “watch”; the document has phone, tablet, desktop.',
    ],
    [
      'a style that is not there',
      [layout(section([card({}, [block({ holds: { text: 'lead', words: 'Cross the sound' } })])]))],
      'layouts[0].sections[0].blocks[0].holds.card.blocks[0].holds.text: There is no text style “lead”. Use one of the specification’s.',
    ],
    [
      '201 blocks',
      [
        layout(
          ...[0, 1].map((each) =>
            section(
              Array.from({ length: 101 }, (_, index) => block({ id: `b${each}-${index}` })),
              { id: `s${each}` },
            ),
          ),
        ),
      ],
      'layouts[0]: This layout has 202 blocks, those in cards included; the maximum is 200.',
    ],
    [
      'a ratio of 0',
      [layout(section([block({ holds: { picture: '0/9' } })]))],
      'A ratio is width / height, more than 0',
    ],
    [
      'rows of nothing in a card',
      [layout(section([card({ rows: { height: '0px', gap: '0rem' } })]))],
      'layouts[0].sections[0].blocks[0].holds.card.rows: A row and its gap are both 0 high. Set a height, such as 8px.',
    ],
    [
      'baselines of nothing in a card',
      [layout(section([card({ baseline: { step: '0px', offset: '0px' } })]))],
      'layouts[0].sections[0].blocks[0].holds.card.baseline.step: Baselines are 0 apart. Set a step, such as 4px.',
    ],
    [
      'a reason that is empty',
      [layout(section([block({ at: { phone: { over: '' } } })]))],
      'Exceptions need a reason.',
    ],
    [
      'columns that end before they begin',
      [layout(section([block({ at: { phone: { columns: [4, 2] } } })]))],
      'A block spans columns, such as [1, 6].',
    ],
  ])('%s', (_, layouts, sentence) => expect(problem(...layouts)).toContain(sentence));

  test('markup is text like any other', () =>
    expect(problem(layout(section([block({ name: '<b>Map</b> & key' })])))).toBeUndefined());
});
