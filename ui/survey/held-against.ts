'use client';

import { useMemo } from 'react';
import { countingBoxes, surveyed, type SurveyedScreen } from '../../core/survey/correct';
import type { FoundGrid } from '../../core/survey/find-grids';
import { linesOf, specLines } from '../../core/survey/lines';
import { type Lines, type Off, offGrid } from '../../core/survey/off';
import type { Spec } from '../../core/spec/schema';
import type { ChosenGrid } from '../../core/survey/kept-survey';
import { type Together, togetherWith } from '../../core/survey/together';
import type { Chosen } from './survey-store';
import { useSurvey, useSurveySpec } from './survey-context';
import type { Found } from './survey.worker';

/** A screen with the grid that it is held against: one that was chosen, else the first that was found, else the spec’s own. */
export type Held = { screen: SurveyedScreen; by: Chosen | null; lines: Lines | null; off: Off | null };

export function useHeld(found: Found | null): Held[] {
  const screens = useSurvey((survey) => survey.screens);
  const chosen = useSurvey((survey) => survey.chosen);
  const spec = useSurveySpec();
  return useMemo(
    () => screens.map((screen) => held(screen, chosen[screen.width] ?? null, found, spec)),
    [screens, chosen, found, spec],
  );
}

function held(screen: SurveyedScreen, chosen: Chosen | null, found: Found | null, spec: Spec | null): Held {
  const by = (chosen === 'spec' && !spec ? null : chosen) ?? bestAt(found, screen.width) ?? (spec ? 'spec' : null);
  if (by === null || countingBoxes(screen).length === 0) return { screen, by, lines: null, off: null };
  const lines = by === 'spec' ? specLines(spec!, screen.width) : linesOf(by, screen.width);
  return { screen, by, lines, off: offGrid(surveyed(screen), lines) };
}

/** What the grids of all widths have in common: those that were chosen, else those that go best together. */
export function useFoundTogether(found: Found | null): Together | null {
  const screens = useSurvey((survey) => survey.screens);
  const chosen = useSurvey((survey) => survey.chosen);
  return useMemo(() => {
    const at = (width: number): ChosenGrid | null => {
      const own = chosen[width];
      return own === undefined || own === 'spec' ? null : own;
    };
    return found?.together ? togetherWith(found.together, at, screens.map(surveyed)) : null;
  }, [found, screens, chosen]);
}

/** The grid of a width that goes best with those of the others. */
export function bestAt(found: Found | null, width: number): FoundGrid | null {
  const together = found?.together?.grids.find((grid) => grid.width === width);
  return together ?? found?.grids.find(([own]) => own === width)?.[1][0] ?? null;
}

export function isSameGrid(one: Chosen | null, other: Chosen | null): boolean {
  if (one === null || other === null || one === 'spec' || other === 'spec') return one === other;
  return (['width', 'start', 'end', 'count', 'gutter'] as const).every((key) => one[key] === other[key]);
}
