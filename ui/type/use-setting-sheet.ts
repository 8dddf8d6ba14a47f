'use client';

import { useState } from 'react';
import type { Parsed } from '../../core/length/parsed';
import type { Spec, TextStyle } from '../../core/spec/schema';
import {
  settingsAsText,
  followNarrower,
  pastedSettings,
  settingBeside,
  settingKey,
  type SettingPlace,
  settingsBetween,
  settingText,
  writeSettings,
} from '../../core/type/setting-cells';
import { useDraftStore } from '../draft/draft-context';
import { type Leave, STEPS } from '../frame/grid/cell-field';
import { type GridKeys, gridKeys } from '../frame/grid/grid-keys';

/** What was typed into a cell and not taken. */
type Refused = { key: string; text: string; problem: string };

export type SettingSheetState = {
  selected: SettingPlace;
  anchor: SettingPlace;
  editing: { text: string | null } | null;
  refused: Refused | null;
  message: string | null;
  keys: GridKeys;
  select: (place: SettingPlace, extend: boolean) => void;
  edit: (text: string | null) => void;
  /** Takes a text for every selected cell; null leaves by something other than a key of the cell. */
  commit: (text: string, leave: Leave | null) => void;
  cancel: () => void;
};

/** What is selected, typed and refused in the sheet of a text style. */
export function useSettingSheet(style: TextStyle, shown: string): SettingSheetState {
  const store = useDraftStore();
  const [range, setRange] = useState(() => {
    const first: SettingPlace = { part: 'size', breakpoint: shown };
    return { anchor: first, selected: first };
  });
  const [editing, setEditing] = useState<SettingSheetState['editing']>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [message, setMessage] = useState<string | null>(null);

  const spec = (): Spec => store.getState().document;
  // a breakpoint that is gone meanwhile is selected no longer
  const isThere = ({ breakpoint }: SettingPlace): boolean => spec().breakpoints.some(({ id }) => id === breakpoint);
  const fallback: SettingPlace = { part: 'size', breakpoint: shown };
  const [anchor, selected] = [range.anchor, range.selected].map((place) => (isThere(place) ? place : fallback)) as [
    SettingPlace,
    SettingPlace,
  ];
  const rows = (): SettingPlace[][] => settingsBetween(spec(), anchor, selected);

  const take = (result: Parsed<Spec>): boolean => {
    const problem = store.getState().take(result);
    setMessage(problem);
    return problem === null;
  };
  const select = (place: SettingPlace, extend: boolean): void => {
    setMessage(null);
    setRange({ anchor: extend ? anchor : place, selected: place });
  };
  const write = (texts: [SettingPlace, string][]): Parsed<Spec> => writeSettings(spec(), style.name, texts);

  const commit = (text: string, leave: Leave | null): void => {
    const places = rows().flat();
    const key = settingKey(selected);
    const now = spec().breakpoints.find(({ id }) => id === selected.breakpoint)!;
    const isUntouched = places.length === 1 && text === settingText(spec(), style, now, selected.part);
    const problem = isUntouched ? null : store.getState().take(write(places.map((place) => [place, text])));
    setRefused(problem === null ? null : { key, text, problem });
    if (problem !== null && leave !== null) return;
    setEditing(null);
    if (leave !== null && problem === null) select(settingBeside(spec(), selected, ...STEPS[leave]), false);
  };

  const keys = gridKeys({
    move: (down, across, extend) => select(settingBeside(spec(), selected, down, across), extend),
    edit: (text) => setEditing({ text }),
    clear: () => void take(followNarrower(spec(), style.name, rows().flat())),
    fillRight: () => {
      const last = settingBeside(spec(), selected, 0, 99);
      const each = anchor.breakpoint === selected.breakpoint ? settingsBetween(spec(), anchor, last) : rows();
      const textOf = ({ part, breakpoint: id }: SettingPlace): string =>
        settingText(
          spec(),
          style,
          spec().breakpoints.find((breakpoint) => breakpoint.id === id)!,
          part,
        );
      take(
        write(
          each.flatMap(([first, ...others]) => others.map((place): [SettingPlace, string] => [place, textOf(first!)])),
        ),
      );
    },
    copy: () => {
      setMessage('Copied as tab-separated text.');
      return settingsAsText(spec(), style, rows());
    },
    paste: (text) => {
      const [first] = rows()[0]!;
      const pasted = pastedSettings(spec(), first!, text);
      if (!pasted.value) return setMessage(pasted.problem!);
      if (take(write(pasted.value))) setRange({ anchor: first!, selected: pasted.value.at(-1)![0] });
    },
  });

  return {
    selected,
    anchor,
    editing,
    refused,
    message,
    keys,
    select,
    edit: (text) => setEditing({ text }),
    commit,
    cancel: () => {
      setRefused(null);
      setEditing(null);
    },
  };
}
