import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exactText } from '../length/px';
import type { Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { offScale, spacesInUse, stepName, stepsOf, suggestedSteps, usesOf } from './scale';
import { addStep, nameStep, removeStep, resizeStep } from './write-steps';

const phone = breakpointOf({ margin: '20px', gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: '144px', gutter: '24px' }, 1440, { id: 'desktop', from: 1200 });
const spec = specWith(phone, desktop); // a base of 8; bands of 8 and 8

describe('the scale', () => {
  test('multiples of the base unit, in px and rem', () => {
    const step = stepsOf(spec).find(({ name }) => name === 'space-1-5')!;
    expect([exactText(step.times), exactText(step.px), exactText(step.rem)]).toEqual(['3/2', '12', '3/4']);
  });

  test('from the smallest up, whatever the order of the document', () => {
    const mixed = addStep(removeStep(spec, 1), '1').value!;
    const sizes = stepsOf(mixed).map(({ px }) => px.valueOf());
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b));
  });

  test('which spaces a step stands for', () => {
    const step = stepsOf(spec).find(({ name }) => name === 'space-2')!;
    expect(
      usesOf(step, spacesInUse(spec)).map(({ breakpoint, given }) => `${given.name} of ${breakpoint.name}`),
    ).toEqual(['gutter of Phone']);
  });

  test('spaces on no step; what is larger than the scale is outside it', () => {
    expect(offScale(spec).map(({ given }) => given.name)).toEqual(['margin']); // 20; the 144 of the desktop is beyond 64
    expect(offScale({ ...spec, spacing: { ...spec.spacing, steps: [] } })).toEqual([]);
  });

  test('suggested are first the steps in use, then the usual ones, each once', () => {
    const few: Spec = { ...spec, spacing: { ...spec.spacing, steps: [{ name: 'space-2', times: '2' }] } };
    const suggested = suggestedSteps(few);
    expect(suggested.slice(0, 3).map(({ name, times, why }) => [name, times, why])).toEqual([
      ['space-2-5', '5/2', 'margin of Phone'],
      ['space-1', '1', 'row gap of Phone'],
      ['space-18', '18', 'margin of Desktop'],
    ]);
    const sizes = suggested.map(({ px }) => exactText(px));
    expect(new Set(sizes).size).toBe(sizes.length);
  });

  test('without half steps no half step is suggested', () => {
    const whole: Spec = { ...spec, spacing: { base: '8px', halfSteps: false, steps: [] } };
    expect(suggestedSteps(whole).every(({ times }) => !times.includes('/'))).toBe(true);
  });

  test('every suggestion can be added, and is then suggested no more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5 }), (index) => {
        const bare: Spec = { ...spec, spacing: { ...spec.spacing, steps: [] } };
        const suggestion = suggestedSteps(bare)[index]!;
        const added = addStep(bare, suggestion.times).value!;
        expect(added.spacing.steps[0]!.name).toBe(suggestion.name);
        expect(suggestedSteps(added).some(({ times }) => times === suggestion.times)).toBe(false);
      }),
    );
  });
});

describe('typing steps', () => {
  test.each([
    ['3/2', '3/2'],
    ['1.5', '3/2'],
    ['× 5', '5'],
    ['40px', '5'],
    ['1rem', '2'],
  ])('%s', (text, times) => {
    expect(addStep(spec, text).value!.spacing.steps.at(-1)!.times).toBe(times);
  });

  test.each([
    ['wide', '“wide” isn’t a step. Enter a multiple of the base unit, such as 3/2, or a length, such as 12px.'],
    ['0', 'A step can’t be 0. Enter more, such as 1/2.'],
    ['5000', '“5000” is more than 1,000 base units. Enter a smaller step, such as 8.'],
    ['10%', '“10%” isn’t a step. Enter a multiple of the base unit, such as 3/2, or a length, such as 12px.'],
  ])('%s is refused', (text, problem) => {
    expect(addStep(spec, text).problem).toBe(problem);
    expect(resizeStep(spec, 0, text).problem).toBe(problem);
  });

  test('a length cannot be counted in a base unit of 0', () => {
    const none: Spec = { ...spec, spacing: { ...spec.spacing, base: '0px' } };
    expect(addStep(none, '12px').problem).toBe('The base unit is 0. Set a base unit first, such as 8.');
  });

  test('names become CSS properties', () => {
    expect(nameStep(spec, 0, 'tight').value!.spacing.steps[0]!.name).toBe('tight');
    expect(nameStep(spec, 0, '2 wide').problem).toContain('can’t be a step name');
    expect(nameStep(spec, 0, 'space-2').problem).toBe('Another step is named space-2 already. Enter another name.');
  });

  test('the usual names', () => {
    expect(['1/2', '2', '3/2', '1/3'].map(stepName)).toEqual(['space-0-5', 'space-2', 'space-1-5', 'space-1-3']);
    const twice = addStep(addStep(spec, '5').value!, '5').value!;
    expect(twice.spacing.steps.slice(-2).map(({ name }) => name)).toEqual(['space-5', 'space-5-2']);
  });
});
