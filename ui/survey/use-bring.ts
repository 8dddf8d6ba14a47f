'use client';

import { FILE_BYTES } from '../../core/limits';
import pLimit from 'p-limit';
import { useEffect, useRef, useState } from 'react';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { SurveyedScreen } from '../../core/survey/correct';
import { readBoxes } from '../../core/survey/read-boxes';
import type { Screen } from '../../core/survey/screens';
import { askWorker, Ended } from './ask-worker';
import { turned } from '../../core/survey/turned';
import { megabytes } from '../frame/megabytes';
import { useSurveySpec, useSurveyStore } from './survey-context';

/** A picture that is being read. */
export type Reading = { id: string; name: string; done: number; end: () => void };

/** A file, or a list, that needs an answer before it becomes screens. */
export type Wanted = { is: 'boxes'; name: string; text: string } | { is: 'page'; name: string; html: string };

export type Bringing = {
  readings: readonly Reading[];
  problems: readonly string[];
  wanted: Wanted | null;
  bring: (files: readonly File[]) => void;
  want: (wanted: Wanted | null) => void;
  /** Reads a picture again, at another density. */
  readAgain: (screen: SurveyedScreen, density: number) => void;
  putAway: () => void;
};

const newId = (): string => crypto.randomUUID();

/** Screens of a list or a page as they stand in a survey. */
export function asSurveyed(screens: readonly Screen[], source: SurveyedScreen['source']): SurveyedScreen[] {
  return screens.map((screen) => ({ ...screen, id: newId(), source, density: 1, leftOut: [] }));
}

/** Brings files into the survey: pictures one after the other in a worker, lists and pages by asking what they do not say. */
export function useBring(): Bringing {
  const store = useSurveyStore();
  const spec = useSurveySpec();
  const [readings, setReadings] = useState<readonly Reading[]>([]);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [wanted, want] = useState<Wanted | null>(null);
  const [one] = useState(() => pLimit(1));
  const open = useRef(new Map<string, () => void>());
  useEffect(() => () => open.current.forEach((end) => end()), []);

  const say = (problem: string | null): void => {
    if (problem !== null) setProblems((before) => [...before, problem]);
  };
  const change = (id: string, next: Partial<Reading> | null): void =>
    setReadings((before) =>
      next === null
        ? before.filter((own) => own.id !== id)
        : before.map((own) => (own.id === id ? { ...own, ...next } : own)),
    );

  const readPicture = (file: Blob, name: string, again?: { screen: SurveyedScreen; density: number }): void => {
    const id = newId();
    let isEnded = false;
    const end = (): void => {
      isEnded = true;
      open.current.get(id)?.();
      change(id, null);
    };
    setReadings((before) => [...before, { id, name, done: 0, end }]);
    void one(async () => {
      if (isEnded) return;
      const densityFor = spec ? spec.breakpoints.map(({ reference }) => reference.width) : [];
      const asked = askWorker({ is: 'read', file, name, densityFor, density: again?.density ?? null }, (done) =>
        change(id, { done }),
      );
      open.current.set(id, asked.end);
      try {
        const news = await asked.news;
        if (news.is === 'refused') say(news.problem);
        if (news.is !== 'read') return;
        const { width, height, density } = news;
        const boxes = news.boxes.map(({ x, y, width: wide, height: high, name: own }) => ({
          x,
          y,
          width: wide,
          height: high,
          name: own,
        }));
        if (again) {
          store.getState().correct(again.screen.id, ({ direction, ...screen }) => {
            const read = { ...screen, width, height, density, boxes, leftOut: [] };
            return direction === 'rtl' ? turned(read) : read;
          });
          return;
        }
        const screen: SurveyedScreen = { id, name, width, height, density, boxes, source: 'picture', leftOut: [] };
        say(store.getState().add([screen], { [id]: file }));
        if (boxes.length === 0)
          say(`${name} has no boxes: it’s a single colour or a photograph. Use a screenshot of a page.`);
      } catch (error) {
        if (!(error instanceof Ended)) throw error;
      } finally {
        open.current.delete(id);
        change(id, null);
      }
    });
  };

  const bringOne = async (file: File): Promise<void> => {
    const name = file.name.replace(/\.[a-z0-9]{1,5}$/i, '') || 'Screen';
    if (/\.(html?|xhtml)$/i.test(file.name)) {
      if (file.size > FILE_BYTES.page)
        return say(
          `${file.name} has ${megabytes(file.size)} MB; a saved page can have up to ${megabytes(FILE_BYTES.page)}. Save it without pictures.`,
        );
      return want({ is: 'page', name, html: await file.text() });
    }
    if (/\.(csv|tsv|txt|json)$/i.test(file.name)) {
      if (file.size > FILE_BYTES.page)
        return say(
          `${file.name} has ${megabytes(file.size)} MB; a list of boxes can have up to ${megabytes(FILE_BYTES.page)}.`,
        );
      const text = await file.text();
      const { value } = readBoxes(text);
      if (value?.screens) return say(store.getState().add(asSurveyed(value.screens, 'boxes')));
      return want({ is: 'boxes', name, text });
    }
    if (file.size > FILE_BYTES.picture)
      return say(
        `${file.name} has ${megabytes(file.size)} MB; a picture can have up to ${megabytes(FILE_BYTES.picture)}.`,
      );
    if (/\.(png|jpe?g|webp|gif|bmp|avif|tiff?|svg|heic)$/i.test(file.name) || file.type.startsWith('image/'))
      return readPicture(file, name);
    say(`${file.name} can’t be surveyed. Use a screenshot, a saved page or a list of boxes.`);
  };

  return {
    readings,
    problems,
    wanted,
    want,
    bring: (files) => {
      setProblems([]);
      for (const file of files) void bringOne(file);
    },
    readAgain: (screen, density) => {
      const file = store.getState().pictures[screen.id];
      if (file) readPicture(file, screen.name, { screen, density });
    },
    putAway: () => setProblems([]),
  };
}

/** The widths at which a saved page is measured: those at which the spec is drawn, or usual ones (common practice, no source). */
export function usualWidths(spec: ReturnType<typeof useSurveySpec>): number[] {
  return spec
    ? byWidth(spec.breakpoints).map((breakpoint) => Math.round(shownWidth(spec, breakpoint)))
    : [412, 820, 1512];
}
