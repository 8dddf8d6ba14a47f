import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readSurvey, writeSurvey } from './kept-survey';
import { surveyReport } from '../report/survey-report';
import { readBoxes, screenOfBoxes } from './read-boxes';
import { readScreens } from './read-screens';

/** Whatever comes in is read or refused in one sentence, and what was read is surveyed without a fault. */

const line = fc
  .array(
    fc.oneof(fc.integer(), fc.double(), fc.string({ maxLength: 12 }), fc.constantFrom('20px', '1,5', 'NaN', '=1', '')),
    {
      maxLength: 7,
    },
  )
  .chain((cells) => fc.constantFrom('\t', ',', ';', ' ').map((by) => cells.join(by)));
const text = fc.oneof(
  fc.string(),
  fc.array(line, { maxLength: 12 }).map((lines) => lines.join('\n')),
  fc.json(),
);

const odd = fc.oneof(
  fc.integer({ min: -3000, max: 12_000 }),
  fc.double(),
  fc.constantFrom(0, -0, 1e9, Number.MIN_VALUE),
);
const box = fc.tuple(odd, odd, odd, odd, fc.oneof(fc.string(), fc.constant('box')));
const survey = fc.record({
  name: fc.oneof(fc.string(), fc.constant('Survey')),
  screens: fc.array(
    fc.record({
      name: fc.oneof(fc.string(), fc.constant('Home')),
      width: fc.oneof(odd, fc.integer({ min: 1, max: 3000 })),
      height: fc.oneof(odd, fc.constant(4000)),
      boxes: fc.array(fc.oneof({ weight: 9, arbitrary: box }, { weight: 1, arbitrary: fc.jsonValue() }), {
        maxLength: 30,
      }),
    }),
    { maxLength: 3 },
  ),
  chosen: fc.oneof(fc.constant([]), fc.jsonValue()),
});

const isSentence = (problem: string): void => {
  expect(problem).toMatch(/\.$/);
  expect(problem).not.toContain('\n');
  expect(problem.length).toBeLessThan(500);
};

test('lists of boxes', () => {
  fc.assert(
    fc.property(text, fc.string({ maxLength: 8 }), (list, width) => {
      const { value, problem } = readBoxes(list);
      if (problem !== undefined) return isSentence(problem);
      const screens =
        value!.screens ??
        [screenOfBoxes('Home', width, value!.boxes!), screenOfBoxes('Home', '1440', value!.boxes!)].flatMap((one) => {
          if (one.problem !== undefined) isSentence(one.problem);
          return one.value ? [one.value] : [];
        });
      surveyReport(screens);
    }),
    { numRuns: 400, seed: 7 },
  );
});

test('surveys that are to be kept', () => {
  fc.assert(
    fc.property(fc.oneof(survey, fc.jsonValue()), (json) => {
      const { value, problem } = readSurvey(json);
      if (problem !== undefined) return isSentence(problem);
      expect(readSurvey(JSON.parse(JSON.stringify(writeSurvey(value!)))).value).toEqual(
        JSON.parse(JSON.stringify(value)),
      );
    }),
    { numRuns: 600, seed: 8 },
  );
});

test('screens with any numbers are surveyed', () => {
  fc.assert(
    fc.property(survey, (json) => {
      const { value } = readScreens(json);
      if (value) JSON.stringify(surveyReport(value));
    }),
    { numRuns: 400, seed: 9 },
  );
});
