import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import type { Spec, TextStyle } from '../../core/spec/schema';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { browserBaseline } from '../../core/type/line-box';
import { measuresOf } from '../../core/type/measures';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';
import { textAt } from '../../core/type/text-at';
import { shippedPath } from '../../server/fonts/shipped-files';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const STEP = 4;
/** Chromium lays out in 1/64 px. */
const TICK = 1 / 64;

const SETTINGS: { name: string; size: TextStyle['at'][string]['size']; leading: TextStyle['at'][string]['leading'] }[] =
  [
    { name: 'small', size: '13px', leading: '20px' },
    { name: 'body', size: '16px', leading: '24px' },
    { name: 'odd', size: '17.5px', leading: '28px' },
    { name: 'large', size: '41px', leading: '44px' },
    { name: 'growing', size: { between: ['20px', '60px'], over: [400, 1400] }, leading: '64px' },
  ];

const screen = breakpointOf({ count: 4, gutter: '16px', margin: '16px' }, 800, { height: 900 });

/** A spec with one style for each setting, all in one font. */
function specIn(font: TextStyle['font'], stands: TextStyle['stands']): Spec {
  const type = SETTINGS.map(({ name, ...setting }): TextStyle => {
    return { name, role: 'body', font, stands, at: { screen: { ...setting, span: 4 } } };
  });
  return { ...specWith(screen), type };
}

/** The style sheet as a browser without `text-box` reads it. */
function withoutTextBox(css: string): string {
  return css.replaceAll(/@supports \(text-box: trim-both (cap|ex) alphabetic\)/g, '@supports (text-box: none-such)');
}

for (const { id, font } of SHIPPED_FONTS) {
  const face = `@font-face{font-family:'${font.family}';src:url(data:font/woff2;base64,${readFileSync(shippedPath(id)).toString('base64')})}`;

  for (const stands of ['line-box', 'caps', 'x-height'] as const) {
    for (const support of stands === 'line-box' ? [true] : [true, false]) {
      test(`${font.family}, standing on its ${stands}${support ? '' : ', without text-box'}`, async ({ page }) => {
        const spec = specIn(font, stands);
        const css = support ? gridCss(spec, ORIGIN) : withoutTextBox(gridCss(spec, ORIGIN));
        await page.setViewportSize({ width: 800, height: 900 });
        await page.setContent(
          `<!doctype html><style>body{margin:0}${face}${css} p{position:absolute;top:${STEP * 3}px}i{display:inline-block;inline-size:1px;block-size:0}</style>
           ${SETTINGS.map(({ name }) => `<p class="type-${name}">Hxg<i></i><br>Hxg<i></i></p>`).join('')}`,
        );
        await page.evaluate(() => document.fonts.ready);
        for (const [index, { name }] of SETTINGS.entries()) {
          // an inline box without a height stands on the baseline
          const drawn = await page
            .locator(`.type-${name} i`)
            .evaluateAll((marks) => marks.map((mark) => mark.getBoundingClientRect().bottom));
          const text = textAt(spec, spec.type[index]!, screen, 800);
          const box = STEP * 3;
          const line = box + text.baseline.add(text.shift).valueOf();
          expect(line % STEP, 'the predicted line is a baseline').toBeCloseTo(0, 9);
          const isExact = stands !== 'line-box' && support;
          // trimmed by the browser, text stands exact to 1/64 px; an untrimmed line box is snapped to the device pixel
          expect(Math.abs(drawn[0]! - line), `${name}: drawn at ${drawn[0]}, predicted ${line}`).toBeLessThanOrEqual(
            isExact ? TICK : 1,
          );
          if (stands === 'line-box') {
            const { size, leading, shift } = text;
            const snapped =
              box +
              browserBaseline({ measures: measuresOf(font), size, leading })
                .add(shift)
                .valueOf();
            expect(Math.abs(drawn[0]! - snapped), `${name}: snapped as foreseen`).toBeLessThanOrEqual(TICK);
          }
          const between = drawn[1]! - drawn[0]!;
          expect(Math.abs(between - text.leading.valueOf()), `${name}: the second line`).toBeLessThanOrEqual(TICK);
        }
      });
    }
  }
}
