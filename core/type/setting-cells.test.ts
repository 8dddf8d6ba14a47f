import { describe, expect, test } from 'vitest';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import {
  settingsAsText,
  followNarrower,
  pastedSettings,
  settingBeside,
  settingsBetween,
  settingText,
  writeSettings,
} from './setting-cells';
import { addStyle } from './write-style';

const spec = addStyle(practiceSpec('Set'), 'body').value!.spec;
const cells = (of: Spec) =>
  of.breakpoints.map((breakpoint) =>
    (['size', 'leading', 'span'] as const).map((part) => settingText(of, of.type[0]!, breakpoint, part)).join(' '),
  );
const size = (breakpoint: string) => ({ part: 'size' as const, breakpoint });

describe('the cells of a text style', () => {
  test('one text for several breakpoints', () => {
    const places = settingsBetween(spec, size('desktop'), size('tablet')).flat();
    expect(places).toEqual([size('tablet'), size('desktop')]);
    const written = writeSettings(
      spec,
      'body',
      places.map((place) => [place, '18']),
    ).value!;
    expect(cells(written).map((text) => text.split(' ')[0])).toEqual(['16', '18', '18']);
  });

  test('all of it or nothing', () => {
    const { problem } = writeSettings(spec, 'body', [
      [size('phone'), '18'],
      [size('tablet'), 'large'],
    ]);
    expect(problem).toContain('large');
    expect(writeSettings(spec, 'body', [[size('phone'), '16']]).value).toBe(spec);
  });

  test('what is copied is pasted as it was', () => {
    const rows = settingsBetween(spec, size('phone'), { part: 'span', breakpoint: 'desktop' });
    const text = settingsAsText(spec, spec.type[0]!, rows);
    expect(text.split('\n')).toHaveLength(3);
    const pasted = pastedSettings(spec, size('phone'), text).value!;
    expect(writeSettings(spec, 'body', pasted).value).toBe(spec);
    expect(pastedSettings(spec, size('tablet'), text).problem).toBe(
      'The clipboard holds 3 × 3 cells; from here there is room for 3 × 2. Nothing was pasted.',
    );
  });

  test('a cell follows the narrower breakpoint again, and a setting that says nothing of its own is gone', () => {
    const larger = writeSettings(spec, 'body', [[size('tablet'), '20']]).value!;
    const back = followNarrower(larger, 'body', [size('tablet')]).value!;
    expect(cells(back)[1]!.split(' ')[0]).toBe('16');
    const all = settingsBetween(back, size('tablet'), { part: 'span', breakpoint: 'desktop' }).flat();
    expect(Object.keys(followNarrower(back, 'body', all).value!.type[0]!.at)).toEqual(['phone']);
    const alone = followNarrower(back, 'body', all).value!;
    expect(followNarrower(alone, 'body', [size('phone')]).problem).toContain('The only setting of a style stays');
  });

  test('the keys stay inside', () => {
    expect(settingBeside(spec, size('phone'), -1, -1)).toEqual(size('phone'));
    expect(settingBeside(spec, size('phone'), 99, 99)).toEqual({ part: 'span', breakpoint: 'desktop' });
  });
});
