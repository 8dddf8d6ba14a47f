import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { jumps, sweepReport } from './sweep-report';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const tablet = breakpointOf({ margin: '32px', count: 8, gutter: '16px' }, 744, { id: 'tablet', from: 600 });
const spec = specWith(phone, tablet);

test('whole widths, the narrowest and the widest column, findings by breakpoint', () => {
  const { breakpoints } = sweepReport(spec, 580, 620);
  expect(breakpoints.map(({ findings, ...rest }) => ({ ...rest, findings: findings.map(({ rule }) => rule) }))).toEqual(
    [
      {
        id: 'phone',
        from: 580,
        to: 599,
        whole: [580, 584, 588, 592, 596],
        narrowest: { width: 580, column: '125' },
        widest: { width: 599, column: '519/4' },
        type: [],
        findings: ['column-whole'],
      },
      {
        id: 'tablet',
        from: 600,
        to: 620,
        whole: [600, 608, 616],
        narrowest: { width: 600, column: '53' },
        widest: { width: 620, column: '111/2' },
        type: [],
        findings: ['content-grows'],
      },
    ],
  );
});

test('jumps at a breakpoint', () => {
  expect(jumps(spec)).toEqual([
    {
      at: 600,
      from: 'Phone',
      to: 'Tablet',
      parts: [
        { part: 'container', before: '567', after: '536' },
        { part: 'column', before: '519/4', after: '53' },
        { part: 'gutter', before: '16', after: '16' },
        { part: 'margin', before: '16', after: '32' },
      ],
    },
  ]);
});
