import { describe, expect, test } from 'vitest';
import { editsBetween } from '../../../core/edits/edits-between';
import { writeCell } from '../../../core/quantities/write-cell';
import { practiceSpec } from '../../../core/spec/testing';
import type { Spec } from '../../../core/spec/schema';
import { createDraftStore } from '../draft-store';
import { joinedWith, onTopOf } from './joined';

const base = practiceSpec('Shared');
const gutter = (of: Spec, breakpoint: string, text: string): Spec => writeCell(of, breakpoint, 'gutter', text).value!;
const by = (document: Spec) => ({ edits: [editsBetween(base, document)], by: ['Obi Lorne'] });

describe('what others saved', () => {
  const sent = gutter(base, 'phone', '12');
  const theirs = gutter(base, 'tablet', '24');
  const both = gutter(sent, 'tablet', '24');

  test('is put under what was sent, and under what was typed since', () => {
    expect(joinedWith({ base, sent, now: sent }, by(theirs))).toEqual({ saved: both, document: both, collided: false });
    const now = gutter(sent, 'desktop', '32');
    expect(joinedWith({ base, sent, now }, by(theirs))).toEqual({
      saved: both,
      document: gutter(both, 'desktop', '32'),
      collided: false,
    });
    expect(joinedWith({ base, sent, now }, null)).toEqual({ saved: sent, document: now, collided: false });
  });

  test('collides with what was typed since at the same place', () => {
    const now = gutter(sent, 'tablet', '20');
    expect(joinedWith({ base, sent, now }, by(theirs))).toEqual({ saved: both, document: now, collided: true });
  });

  test('stays where one goes on with one’s own', () => {
    const newer = gutter(gutter(base, 'phone', '8'), 'tablet', '24');
    expect(onTopOf(newer, base, sent)).toEqual(both);
  });
});

test('undo takes back one’s own, and says when somebody else’s has come on top', () => {
  const store = createDraftStore(base, 'id');
  store.getState().change(gutter(base, 'phone', '12'));
  store.getState().takeIn(gutter(store.getState().document, 'tablet', '24'));
  store.getState().undo();
  expect(store.getState().document).toEqual(gutter(base, 'tablet', '24'));
  store.getState().redo();
  store.getState().takeIn(gutter(store.getState().document, 'phone', '10'));
  store.getState().undo();
  expect(store.getState().document).toEqual(gutter(gutter(base, 'tablet', '24'), 'phone', '10'));
  expect(store.getState().notTaken).toMatch(/somebody else has changed Gutter, Phone since/);
});
