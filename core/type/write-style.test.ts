import { describe, expect, test } from 'vitest';
import { judge } from '../checks/run';
import { readSpec } from '../document/read';
import { STARTING_SETS } from '../document/defaults';
import { practiceSpec } from '../spec/testing';
import { leadingText, settingText } from './style-text';
import { addStyle, nameStyle, removeStyle, type SettingPart, writeSetting } from './write-style';

const spec = addStyle(practiceSpec('Trial'), 'body').value!.spec;
const phone = spec.breakpoints[0]!;

describe('a new style', () => {
  test.each(['body', 'heading', 'label'] as const)('%s is on the grid and finds nothing to say', (role) => {
    for (const set of STARTING_SETS) {
      const { spec: added, name } = addStyle(set.spec('Trial'), role).value!;
      expect(name).toBe(role);
      expect(readSpec(added).problem).toBeUndefined();
      const about = judge(added).filter(({ subject: [at], weight }) => at?.[0] === 'type' && weight !== 'note');
      expect(about.map(({ rule, breakpoint }) => [rule, breakpoint])).toEqual(
        // a phone column of 350 px holds what it holds
        about.filter(({ rule }) => rule === 'line-length').map(({ rule, breakpoint }) => [rule, breakpoint]),
      );
    }
  });

  test('has a name of its own', () => {
    const second = addStyle(spec, 'body').value!;
    expect(second.name).toBe('body-2');
    expect(removeStyle(second.spec, 'body-2').value).toEqual(spec);
  });
});

describe('what is typed', () => {
  const typed = (part: SettingPart, text: string) => writeSetting(spec, 'body', phone, part, text);

  test.each<[SettingPart, string, string]>([
    ['size', '18', '18 / 24'],
    ['size', '1.125rem', '1.125rem / 24'],
    ['size', '16 to 20 over 600 to 1440', '16 to 20 over 600 to 1440 / 24'],
    ['leading', '28', '16 / 28'],
    ['leading', '1.5', '16 / 1.5 ×'],
    ['leading', '150 %', '16 / 3/2 ×'],
    ['leading', '× 1.6', '16 / 1.6 ×'],
    ['leading', '1.75rem', '16 / 1.75rem'],
    ['leading', '1024/43', '16 / 1024/43'],
  ])('%s %s', (part, text, expected) => {
    expect(settingText(typed(part, text).value!.type[0]!.at.phone!)).toBe(`${expected} over 4 columns`);
  });

  test('a bare number from 4 up is a length', () => {
    expect(leadingText(typed('leading', '4').value!.type[0]!.at.phone!.leading)).toBe('4');
  });

  test.each<[SettingPart, string, string]>([
    ['size', 'big', '“big” isn’t a length'],
    ['size', '0', 'A size of 0 isn’t possible. Enter 1 to 2,000 px'],
    ['size', '3000', 'A size of 3000 isn’t possible'],
    ['size', '120%', 'A size can’t be in %'],
    ['size', '2% to 20 over 600 to 1440', '2% already changes with the screen'],
    ['leading', '0', 'A leading of 0 isn’t possible'],
    ['span', '0', '“0” isn’t a span. Enter how many columns the text spans, such as 6.'],
    ['span', '1.5', '“1.5” isn’t a span'],
  ])('%s %s is refused', (part, text, problem) => {
    expect(typed(part, text).problem).toContain(problem);
  });

  test('names become CSS classes', () => {
    expect(nameStyle(spec, 'body', 'body-small').value!.type[0]!.name).toBe('body-small');
    expect(nameStyle(spec, 'body', 'Body Text').problem).toContain('can’t be a style name');
    const two = addStyle(spec, 'label').value!.spec;
    expect(nameStyle(two, 'label', 'body').problem).toBe('Another style is named body already. Enter another name.');
  });
});
