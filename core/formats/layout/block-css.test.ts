import { expect, test } from 'vitest';
import { addLayout } from '../../layouts/starting-layouts';
import { practiceSpec } from '../../spec/testing';
import { blockCss, layoutCss } from './layout-css';

const spec = addLayout(practiceSpec('Trial'), 'front', 'Front').value!.spec;
const [layout] = spec.layouts;
const [phone, , desktop] = spec.breakpoints;

test('is the rule of the style sheet, of one block at one breakpoint', () => {
  const css = blockCss(spec, layout!, desktop!, 'opening-heading');
  expect(css).toMatch(/^\/\* columns 1–6 at 144, .* \*\/\n#front \[data-block='opening-heading'\] \{\n {2}grid-area: /);
  expect(css.endsWith('\n}')).toBe(true);
  const sheet = layoutCss(spec, { version: '1.0.0', published: '', sha256: '' }).replace(/\s+/g, ' ');
  expect(sheet).toContain(css.replace(/\s+/g, ' '));
  expect(blockCss(spec, layout!, phone!, 'opening-heading')).toContain('columns 1–4 at');
  expect(blockCss(spec, layout!, phone!, 'gone')).toBe('');
});
