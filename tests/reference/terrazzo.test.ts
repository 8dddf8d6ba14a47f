import { defineConfig, Logger, parse } from '@terrazzo/parser';
import { expect, test } from 'vitest';
import { columnsAt } from '../../core/columns/columns-at';
import { tokensJson } from '../../core/formats/tokens/tokens-json';
import { decimal } from '../../core/length/present';
import { textAt } from '../../core/type/text-at';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** @terrazzo/parser 2, which reads the stable form of the Design Tokens Format Module, takes tokens.json by its default rules, and has the same numbers. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const FILE = new URL('file:///tokens.json');

test.each(DEMO_SPECS.map(({ drafts }) => [drafts[0]!.document.name, drafts[0]!.document] as const))(
  '%s',
  async (_, spec) => {
    const said: string[] = [];
    const logger = new Logger({ level: 'warn' });
    for (const level of ['warn', 'error'] as const) logger[level] = ({ message }) => said.push(message);
    const config = defineConfig({}, { cwd: new URL('file:///') });
    const { tokens } = await parse([{ filename: FILE, src: tokensJson(spec, ORIGIN) }], { config, logger });
    expect(said).toEqual([]);
    for (const breakpoint of spec.breakpoints) {
      const { count, column, gutter } = columnsAt(spec, breakpoint);
      const of = (name: string): unknown => tokens[`breakpoint.${breakpoint.id}.${name}`]?.$value;
      expect(of('count')).toBe(count);
      expect(of('column')).toEqual({ value: Number(decimal(column)), unit: 'px' });
      expect(of('gutter')).toEqual({ value: Number(decimal(gutter)), unit: 'px' });
      for (const style of spec.type) {
        const { size } = textAt(spec, style, breakpoint);
        expect(tokens[`type.${style.name}.${breakpoint.id}`]).toMatchObject({
          $type: 'typography',
          $value: { fontSize: { value: Number(decimal(size)), unit: 'px' } },
        });
      }
    }
    if (spec.spacing.steps.length > 0) expect(Object.keys(tokens).filter((id) => /^space\.space/.test(id))).toEqual([]);
  },
);
