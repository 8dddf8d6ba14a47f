import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { allTables } from '../../core/edition/all-tables';
import { editionFiles } from '../../core/formats/registry';
import { decimal } from '../../core/length/present';
import { anyPage } from '../../core/layouts/testing';
import { byWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** Every number that a file says is the core's: for the demo's documents and fifty random ones. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const specs: Spec[] = [
  ...DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)),
  ...fc.sample(anyPage, { numRuns: 50, seed: 12 }),
];

const fileOf = (spec: Spec, name: string): string =>
  editionFiles(spec)
    .find((file) => file.name === name)!
    .write(ORIGIN);

type Token = { $type?: string; $value?: unknown };
type Tokens = { [name: string]: Tokens & Token };

describe.each(specs.map((spec, index) => [index, spec] as const))('document %i', (_, spec) => {
  test('values.csv has every value of every table, and nothing else (read by papaparse)', () => {
    const { data, errors } = Papa.parse<string[]>(fileOf(spec, 'values.csv').trim());
    expect(errors).toEqual([]);
    const rows = allTables(spec).flatMap(({ title, table }) =>
      table.rows
        .flatMap((row) => row.each ?? [row])
        .flatMap(({ label, values }) =>
          values.flatMap((value, index) => (value ? [[title, label, table.head[index], value.copy]] : [])),
        ),
    );
    expect(data.slice(1).map((row) => row.map(undefused))).toEqual(rows);
  });

  test('values.md has them as people read them', () => {
    const lines = fileOf(spec, 'values.md').split('\n');
    for (const { table } of allTables(spec)) {
      for (const { label, values } of table.rows) {
        const line = `| ${[label, ...values.map((value) => [value?.shown, value?.note].filter(Boolean).join('; '))].map(escaped).join(' | ')} |`;
        expect(lines).toContain(line);
      }
    }
  });

  test('tokens.json has columns, gutters, margins, container and spans of every breakpoint', () => {
    const tokens = JSON.parse(fileOf(spec, 'tokens.json')) as Tokens;
    for (const breakpoint of spec.breakpoints) {
      const { count, column, gutter, marginStart, marginEnd, container, viewport } = columnsAt(spec, breakpoint);
      const group = tokens['breakpoint']![breakpoint.id]!;
      expect(group['count']!.$value).toBe(count);
      const lengths = {
        column,
        gutter,
        container,
        'margin-start': marginStart,
        'margin-end': marginEnd,
        reference: viewport,
      };
      for (const [name, length] of Object.entries(lengths))
        expect(group[name]!.$value).toEqual({ value: Number(decimal(length)), unit: 'px' });
      expect(Object.keys(group['span']!)).toHaveLength(count);
      expect(group['span']![String(count)]!.$value).toEqual({
        value: Number(decimal(column.mul(count).add(gutter.mul(count - 1)))),
        unit: 'px',
      });
    }
  });

  test('each drawing has every column at its edges, and snapped to whole px', () => {
    for (const breakpoint of byWidth(spec.breakpoints)) {
      const svg = fileOf(spec, `overlay-${breakpoint.id}.svg`);
      const bars = [...layerOf(svg, 'columns').matchAll(/x="([^"]+)" width="([^"]+)"/g)].map(([, x, width]) => [
        x,
        width,
      ]);
      const edges = columnEdges(columnsAt(spec, breakpoint)).filter(([start, end]) => end.compare(start) > 0);
      expect(bars).toEqual(edges.map(([start, end]) => [decimal(start), decimal(end.sub(start))]));
      for (const [, x, width] of layerOf(svg, 'columns-snapped').matchAll(/x="([^"]+)" width="([^"]+)"/g))
        expect([Number(x) % 1, Number(width) % 1].map(Math.abs)).toEqual([0, 0]);
    }
  });
});

function layerOf(svg: string, id: string): string {
  return new RegExp(`<g id="${id}".*</g>`).exec(svg)?.[0] ?? '';
}

function undefused(cell: string): string {
  return /^'[=+\-@]/.test(cell) ? cell.slice(1) : cell;
}

function escaped(text: string): string {
  return text.replace(/\s+/g, ' ').replace(/([\\`*_[\]<>|#~])/g, '\\$1');
}
