import { describe, expect, test } from 'vitest';
import type { Spec } from '../spec/schema';
import { shippedFont } from '../type/shipped-fonts';
import { slug } from '../spec/slug';
import { breakpointOf, specWith } from '../spec/testing';
import {
  addBreakpoint,
  moveBoundary,
  nameBreakpoint,
  removeBreakpoint,
  roomForBreakpoint,
  startAt,
} from './breakpoints';
import { allowHalfSteps, writeBase, writeUnits } from '../spacing/rhythm';
import { writeCell } from '../quantities/write-cell';

const phone = breakpointOf({ count: 4 }, 390, { id: 'phone' });
const tablet = breakpointOf({ count: 8 }, 744, { id: 'tablet', from: 600 });
const desktop = breakpointOf({ count: 12 }, 1440, { id: 'desktop', from: 1200 });
const spec = specWith(phone, tablet, desktop);
const froms = ({ breakpoints }: typeof spec) => breakpoints.map(({ id, from }) => `${id} ${from}`);

describe('adding', () => {
  test('splits a range; the new part is drawn where it starts', () => {
    const { value } = addBreakpoint(spec, 900);
    expect(froms(value!.spec)).toEqual(['phone 0', 'tablet 600', 'breakpoint-4 900', 'desktop 1200']);
    expect(value!.spec.breakpoints[2]).toMatchObject({ reference: { width: 900 }, columns: { count: 8 } });
  });
  test('keeps the reference size where it lies in the new range', () => {
    expect(addBreakpoint(spec, 1300).value!.spec.breakpoints[3]!.reference.width).toBe(1440);
  });
  test('two at one width is refused', () => {
    expect(addBreakpoint(spec, 600).problem).toBe('Tablet already starts at 600 px. Enter another width.');
  });
  test('25 are too many', () => {
    const full = specWith(
      ...Array.from({ length: 24 }, (_, index) => breakpointOf({}, 100, { id: `b${index}`, from: index * 100 })),
    );
    expect(addBreakpoint(full, 50).problem).toBe('A specification can have up to 24 breakpoints. Remove one first.');
  });
  test('room is where one points, where two ranges are left that mean something, else past the last one', () => {
    expect(roomForBreakpoint(spec, 900)).toBe(900);
    expect(roomForBreakpoint(spec, 1199)).toBe(1600);
    expect(roomForBreakpoint(spec, 600)).toBe(1600);
    expect(roomForBreakpoint(spec, 1440)).toBe(1440);
  });

  test('no second one starts at a width', () => {
    expect(startAt(spec, spec.breakpoints[2]!, 600).problem).toBe(
      'Tablet already starts at 600 px. Enter another width.',
    );
    expect(startAt(spec, spec.breakpoints[1]!, 600).value).toEqual(spec);
  });
});

describe('removing', () => {
  test('the range below takes over', () =>
    expect(froms(removeBreakpoint(spec, 'tablet').value!)).toEqual(['phone 0', 'desktop 1200']));
  test('without the first, the next starts at 0', () =>
    expect(froms(removeBreakpoint(spec, 'phone').value!)).toEqual(['tablet 0', 'desktop 1200']));
  test('the last one stays', () =>
    expect(removeBreakpoint(specWith(phone), 'phone').problem).toContain('at least one breakpoint'));
});

describe('moving', () => {
  test('a boundary stays between its neighbours', () => {
    expect(froms(moveBoundary(spec, 'tablet', 1300))).toContain('tablet 1199');
    expect(froms(moveBoundary(spec, 'tablet', -20))).toContain('tablet 1');
    expect(froms(moveBoundary(spec, 'tablet', 640.4))).toContain('tablet 640');
  });
  test('a width typed beyond the next breakpoint puts it behind', () => {
    expect(froms(writeCell(spec, 'tablet', 'from', '1500').value!)).toEqual(['phone 0', 'desktop 1200', 'tablet 1500']);
  });
});

describe('text styles follow their breakpoints', () => {
  const setting = { size: '16px', leading: '24px', span: 4 };
  const withStyle = (at: Record<string, typeof setting>): Spec => ({
    ...spec,
    type: [{ name: 'body', role: 'body', font: shippedFont('vollkorn'), stands: 'line-box', at }],
  });

  test('a breakpoint that gets its id from its name takes its settings along', () => {
    const { spec: added, id } = addBreakpoint(withStyle({ phone: setting }), 900).value!;
    const styled = { ...added, type: [{ ...added.type[0]!, at: { ...added.type[0]!.at, [id]: setting } }] };
    expect(Object.keys(nameBreakpoint(styled, id, 'Wide').value!.type[0]!.at)).toEqual(['phone', 'wide']);
  });

  test('what a wider breakpoint took from one that is removed stays as it was', () => {
    const wide = { ...setting, size: '20px' };
    const left = removeBreakpoint(withStyle({ phone: setting, tablet: wide }), 'tablet').value!;
    expect(left.type[0]!.at).toEqual({ phone: setting, desktop: wide });
  });

  test('a breakpoint that is removed takes its settings along, unless there are no others', () => {
    const [first, second] = spec.breakpoints.map(({ id }) => id) as [string, string];
    const both = withStyle({ [first]: setting, [second]: setting });
    expect(Object.keys(removeBreakpoint(both, second).value!.type[0]!.at)).toEqual([first]);
    expect(Object.keys(removeBreakpoint(withStyle({ [second]: setting }), second).value!.type[0]!.at)).toEqual([first]);
  });
});

describe('naming', () => {
  test('keeps the id that stands in class names', () => {
    expect(nameBreakpoint(spec, 'tablet', 'Crew tablet').value!.breakpoints[1]).toMatchObject({
      id: 'tablet',
      name: 'Crew tablet',
    });
  });
  test('gives an id to one that was never named', () => {
    const added = addBreakpoint(spec, 900).value!.spec;
    expect(nameBreakpoint(added, 'breakpoint-4', 'Small laptop').value!.breakpoints[2]!.id).toBe('small-laptop');
    expect(nameBreakpoint(added, 'breakpoint-4', 'Phone').value!.breakpoints[2]!.id).toBe('phone-2');
    expect(nameBreakpoint(added, 'breakpoint-4', '2xl').value!.breakpoints[2]!.id).toBe('range-2xl');
  });
  test.each([
    ['Crew tablet, wide', 'crew-tablet-wide'],
    ['Großes Pult', 'gro-es-pult'],
    ['  42 Été ', '42-ete'],
    ['—', ''],
  ])('the address of %s', (name, expected) => expect(slug(name)).toBe(expected));
});

describe('rhythm', () => {
  test('a base unit may be in px or rem, or arithmetic', () => {
    expect(writeBase(spec, '4').value!.spacing.base).toBe('4px');
    expect(writeBase(spec, '0.5rem').value!.spacing.base).toBe('0.5rem');
    expect(writeBase(spec, '16/2').value!.spacing.base).toEqual({ typed: '16/2', is: '8px' });
  });
  test.each([
    ['0', 'A base unit can’t be 0. Enter one such as 8 or 4.'],
    ['2vw', '“2vw” changes with the screen. A base unit is fixed, such as 8 or 0.5rem.'],
    ['-8', '“-8” is below zero. Enter 0 or more.'],
  ])('%s is refused', (text, problem) => expect(writeBase(spec, text)).toEqual({ problem }));
  test('what rem and absolute units count on', () => {
    expect(writeUnits(spec, '10px', 72).value).toMatchObject({ rootFontSize: 10, pixelsPerInch: 72 });
    expect(writeUnits(spec, '0', 96).problem).toBe('“0” isn’t a root font size. Enter px from 1 to 200, such as 16.');
  });
  test('half steps', () => expect(allowHalfSteps(spec, false).spacing.halfSteps).toBe(false));
});
