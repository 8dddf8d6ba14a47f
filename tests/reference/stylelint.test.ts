import stylelint from 'stylelint';
import { expect, test } from 'vitest';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { DEMO_SPECS } from '../../scripts/demo/specs';

// rules of stylelint 16 that find what is wrong, not what is a matter of taste
const RULES = {
  'at-rule-no-unknown': true,
  'block-no-empty': true,
  'color-no-invalid-hex': true,
  'custom-property-no-missing-var-function': true,
  'declaration-block-no-duplicate-properties': true,
  'declaration-property-value-no-unknown': true,
  'function-calc-no-unspaced-operator': true,
  'media-feature-name-no-unknown': true,
  'media-query-no-invalid': true,
  'named-grid-areas-no-invalid': true,
  'property-no-unknown': true,
  'selector-pseudo-class-no-unknown': true,
  'selector-pseudo-element-no-unknown': true,
  'string-no-newline': true,
  'unit-no-unknown': true,
};
const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

async function wrongs(code: string): Promise<string[]> {
  const { results } = await stylelint.lint({ code, config: { rules: RULES } });
  return results.flatMap(({ warnings, parseErrors }) => [...warnings, ...parseErrors].map(({ text }) => text));
}

test('the linter finds what is wrong', async () =>
  expect(await wrongs('a { colr: red; width: calc(1px+2px) }')).not.toEqual([]));

test.each(DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => [document.name, document] as const)))(
  '%s',
  async (_, spec) => {
    expect(await wrongs(gridCss(spec, ORIGIN))).toEqual([]);
    expect(await wrongs(layoutCss(spec, ORIGIN))).toEqual([]);
    for (const gutters of ['padding', 'shares'] as const)
      expect(
        await wrongs(gridCssWith(spec, ORIGIN, { gutters, prefix: 'tw', layer: 'grid', media: 'min-max' }).value!),
      ).toEqual([]);
  },
);
