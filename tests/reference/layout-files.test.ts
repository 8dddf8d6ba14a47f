import * as cssTree from 'css-tree';
import fc from 'fast-check';
import { HtmlValidate } from 'html-validate';
import { expect, test } from 'vitest';
import { judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { layoutHtml } from '../../core/formats/layout/layout-html';
import { editionFiles } from '../../core/formats/registry';
import { addLayout } from '../../core/layouts/starting-layouts';
import { anyLayout, anyPage } from '../../core/layouts/testing';
import type { Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { rendered } from '../../server/rendering/rendered';

/** The files of layouts against other packages’ readings of CSS and HTML. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const specs: Spec[] = [
  ...DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)).filter(
    ({ layouts }) => layouts.length > 0,
  ),
  ...fc
    .sample(fc.tuple(anyPage, anyLayout), { numRuns: 40, seed: 2 })
    .map(([spec, layout]) => ({ ...spec, layouts: [layout] })),
];

test('css-tree reads the whole style sheet, and takes every set of areas for one that is valid', () => {
  let areas = 0;
  for (const spec of specs) {
    const ast = cssTree.parse(layoutCss(spec, ORIGIN), {
      parseCustomProperty: true,
      onParseError: (error) => expect.unreachable(error.message),
    });
    cssTree.walk(ast, (node) => {
      if (node.type !== 'Declaration' || node.property !== 'grid-template-areas') return;
      areas++;
      const { error } = cssTree.lexer.matchDeclaration(node);
      expect(error, cssTree.generate(node)).toBeNull();
      const rows = cssTree.generate(node.value).match(/"[^"]*"/g) ?? [];
      const widths = rows.map((row) => row.slice(1, -1).trim().split(/\s+/).length);
      expect(new Set(widths).size, rows.join('\n')).toBeLessThanOrEqual(1);
    });
  }
  expect(areas).toBeGreaterThan(100);
});

test('html-validate finds nothing wrong with the page', async () => {
  const validator = new HtmlValidate({
    extends: ['html-validate:standard', 'html-validate:a11y'],
    rules: { 'heading-level': 'off' },
  });
  for (const spec of specs) {
    const { results } = await validator.validateString(layoutHtml(spec));
    expect(
      results.flatMap(({ messages }) => messages.map(({ ruleId, message, line }) => `${ruleId} ${line}: ${message}`)),
    ).toEqual([]);
  }
});

test('whatever blocks hold and wherever they are hidden, it is checked in sentences, and every file is written, the PDF too', async () => {
  for (const spec of specs) {
    for (const sentence of judge(spec).map(sentenceOf)) expect(sentence).toMatch(/[.?]$/u);
    const files = editionFiles(spec).filter(({ name }) => !name.startsWith('overlay'));
    for (const { name, write } of files) expect(write(ORIGIN).length, name).toBeGreaterThan(0);
  }
  const texts = specs.slice(0, 8).map((spec) =>
    editionFiles(spec)
      .find(({ name }) => name === 'page.pdf')!
      .write(ORIGIN),
  );
  for (const { problem, bytes } of await rendered(texts.map((text) => ({ becomes: 'pdf' as const, text })))) {
    expect(problem).toBeUndefined();
    expect(bytes!.length).toBeGreaterThan(10_000);
  }
}, 300_000);

test('words are text, never HTML', () => {
  const { value } = addLayout(practiceSpec('Marked <up>'), 'empty', '"><script>');
  const spec = value!.spec;
  const [layout] = spec.layouts;
  const words = '<b>bold</b> & "quoted" </h1><script>alert(1)</script>';
  const styled = { ...addLayout(spec, 'article', 'Article').value!.spec };
  const held = styled.layouts.map((each) =>
    each.id === layout!.id
      ? each
      : {
          ...each,
          sections: each.sections.map((section) => ({
            ...section,
            blocks: section.blocks.map((block) =>
              'text' in block.holds ? { ...block, holds: { ...block.holds, words } } : block,
            ),
          })),
        },
  );
  const html = layoutHtml({ ...styled, layouts: held });
  expect(html).not.toMatch(/<script|<b>/);
  expect(html).toContain('&lt;b&gt;bold&lt;/b&gt; &amp; &quot;quoted&quot;');
});

test('a front page reads as a picture of itself', () => {
  const { spec } = addLayout(practiceSpec('Front'), 'front', 'Front').value!;
  const css = layoutCss(spec, ORIGIN);
  const desktop = css.slice(css.indexOf('/* Desktop */'));
  expect(desktop).toContain(`[data-section='cards'] {`);
  expect(
    desktop.match(/"card-1 +card-1 +card-1 +card-1 +card-2 +card-2 +card-2 +card-2 +card-3 +card-3 +card-3 +card-3"/),
  ).not.toBeNull();
});
