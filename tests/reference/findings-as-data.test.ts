import { describe, expect, test } from 'vitest';
import { KEPT } from './kept/kept';
import { readSpec } from '../../core/document/read';
import { applyEdits } from '../../core/edits/apply-edits';
import { findingsOf } from '../../core/checks/run';
import { mendLabel, sentenceOf } from '../../core/checks/sentence';

describe.each(KEPT)('the findings of %s', (_, spec) => {
  const findings = findingsOf(spec);

  test('lead to documents that can be kept, and each has a button of its own', () => {
    for (const finding of findings) {
      const labels = finding.mends.map((mend) => mendLabel(finding, mend));
      expect(new Set(labels).size, finding.rule).toBe(labels.length);
      for (const mend of finding.mends) {
        const mended = applyEdits(spec, mend.edits);
        expect(mended.problem, finding.rule).toBeUndefined();
        expect(readSpec(mended.value).problem, finding.rule).toBeUndefined();
      }
    }
  });

  test('come from findings that are data alone', () => {
    for (const finding of findings) {
      const carried = JSON.parse(JSON.stringify(finding)) as typeof finding;
      expect(carried).toEqual(finding);
      expect(sentenceOf(carried)).toBe(sentenceOf(finding));
      expect(sentenceOf(finding)).toMatch(/^[\S ]+[.]$/);
      expect(sentenceOf(finding)).not.toMatch(/undefined|NaN|\[object/);
    }
  });
});
