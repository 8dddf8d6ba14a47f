import { describe, expect, test } from 'vitest';
import { copyRange, pasteRange } from '../../sheet/clipboard';
import { placeBeside, placesIn, rangeBetween } from '../../sheet/place';
import { writePlaces } from '../../sheet/write-places';
import type { Spec } from '../../spec/schema';
import { practiceSpec } from '../../spec/testing';
import { addStyle, type SettingPart } from '../../type/write-style';
import { settingsOf } from './settings';

const spec = addStyle(practiceSpec('Set'), 'body').value!.spec;
const rows = settingsOf('body');
const cells = (of: Spec) =>
  of.breakpoints.map((breakpoint) => rows.map(({ read }) => read(of, breakpoint).text).join(' '));
const size = (breakpoint: string) => ({ quantity: 'size' as const, breakpoint });
const span = (breakpoint: string) => ({ quantity: 'span' as const, breakpoint });
type Place = { quantity: SettingPart; breakpoint: string };
const between = (of: Spec, a: Place, b: Place) => placesIn(of, rangeBetween(of, a, b, rows), rows);
const write = (of: Spec, places: Place[], text: (place: Place) => string) => writePlaces(of, places, text, rows);

describe('the cells of a text style', () => {
  test('one text for several breakpoints', () => {
    const places = between(spec, size('desktop'), size('tablet'));
    expect(places).toEqual([size('tablet'), size('desktop')]);
    const written = write(spec, places, () => '18').value!;
    expect(cells(written).map((text) => text.split(' ')[0])).toEqual(['16', '18', '18']);
  });

  test('all of it or nothing', () => {
    const places = [size('phone'), size('tablet')];
    const { problem } = write(spec, places, ({ breakpoint }) => (breakpoint === 'phone' ? '18' : 'large'));
    expect(problem).toContain('large');
    expect(write(spec, [size('phone')], () => '16').value).toBe(spec);
  });

  test('what is copied is pasted as it was', () => {
    const text = copyRange(spec, rangeBetween(spec, size('phone'), span('desktop'), rows), rows);
    expect(text.split('\n')).toHaveLength(3);
    expect(pasteRange(spec, 0, 0, text, rows).value!.spec).toBe(spec);
    expect(pasteRange(spec, 0, 1, text, rows).problem).toBe(
      'The clipboard holds 3 × 3 cells; there’s only room for 3 × 2. Nothing was pasted.',
    );
  });

  test('a cell follows the narrower breakpoint again, and a setting that says nothing of its own is gone', () => {
    const follow = (of: Spec, places: Place[]) => write(of, places, () => '=');
    const larger = write(spec, [size('tablet')], () => '20').value!;
    const back = follow(larger, [size('tablet')]).value!;
    expect(cells(back)[1]!.split(' ')[0]).toBe('16');
    const alone = follow(back, between(back, size('tablet'), span('desktop'))).value!;
    expect(Object.keys(alone.type[0]!.at)).toEqual(['phone']);
    expect(follow(alone, [size('phone')]).problem).toContain('A style keeps its last setting');
  });

  test('the keys stay inside', () => {
    expect(placeBeside(spec, size('phone'), -1, -1, rows)).toEqual(size('phone'));
    expect(placeBeside(spec, size('phone'), 99, 99, rows)).toEqual(span('desktop'));
  });
});
