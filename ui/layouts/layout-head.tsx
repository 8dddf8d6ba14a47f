'use client';

import { PilcrowLeft, Plus, Trash2 } from 'lucide-react';
import { NEW_BLOCKS, newBlock, newSection, type NewBlock } from '../../core/layouts/write-block';
import { sectionOf } from '../../core/layouts/edit-layout';
import { mapped } from '../../core/parsed';
import type { Layout } from '../../core/spec/schema';
import { GROUP_NAMES, GroupMark } from '../bench/sheet/group-mark';
import { useDraft, useDraftStore, useMayEdit, useView } from '../draft/draft-context';
import { OVERLAY_KEYS } from '../draft/preview-keys';
import { Choice } from '../parts/choice';
import { Toggle, ToolButton } from '../parts/toggle';
import styles from './layouts.module.scss';
import { OVERLAYS } from './handling';
import type { ChosenBlocks } from './use-chosen';
import { Select } from '../parts/select';

/** One page, or all of them side by side. */
export type Shown = 'one' | 'all';

const SHOWN = [
  { value: 'one', title: 'One screen' },
  { value: 'all', title: 'All screens' },
] as const;

type Props = {
  layout: Layout;
  chosen: ChosenBlocks;
  shown: Shown;
  onShow: (shown: Shown) => void;
  onNew: () => void;
  say: (problem: string | null) => void;
};

/** Which layout, which breakpoint, what is drawn over it, and what can be put on it. */
export function LayoutHead(props: Props) {
  const { layout, chosen, shown, onShow, onNew, say } = props;
  const store = useDraftStore();
  const mayEdit = useMayEdit();
  const layouts = useDraft(({ document }) => document.layouts);
  const overlays = useView((view) => view.overlays);
  const toggle = useView((view) => view.toggle);
  const direction = useView((view) => view.direction);
  const turn = useView((view) => view.turn);

  const put = (kind: NewBlock): void => {
    const { document, take } = store.getState();
    const section = chosen.blocks[0] === undefined ? undefined : sectionOf(layout, chosen.blocks[0])?.id;
    const added = newBlock(document, layout.id, kind, section);
    const refused = take(mapped(added, ({ spec }) => spec));
    say(refused);
    if (added.value && refused === null) chosen.choose(added.value.id);
  };
  const remove = (): void => {
    const { document, take } = store.getState();
    say(take({ value: { ...document, layouts: document.layouts.filter(({ id }) => id !== layout.id) } }));
  };

  return (
    <>
      <Select
        aria-label="Layout"
        value={layout.id}
        onChange={({ target }) => (target.value === '' ? onNew() : chosen.open(target.value))}
      >
        {layouts.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
        {mayEdit && <option value="">New layout…</option>}
      </Select>
      <ToolButton
        data-edits
        onClick={remove}
        title={`Remove ${layout.name}; Ctrl+Z brings it back`}
        aria-label={`Remove ${layout.name}`}
      >
        <Trash2 size={13} aria-hidden />
      </ToolButton>
      <Choice label="Shown" options={SHOWN} value={shown} onChange={onShow} />
      <span className={styles.toggles}>
        {OVERLAYS.map((id) => (
          <Toggle
            key={id}
            isOn={overlays[id]}
            onClick={() => toggle(id)}
            title={`${GROUP_NAMES[id]} on or off (${OVERLAY_KEYS[id]})`}
            aria-label={GROUP_NAMES[id]}
          >
            <GroupMark group={id} />
          </Toggle>
        ))}
        <Toggle
          isOn={direction === 'rtl'}
          aria-label="Right to left"
          title="Show the page as read from right to left (x)"
          onClick={() => turn(direction === 'ltr' ? 'rtl' : 'ltr')}
        >
          <PilcrowLeft size={14} aria-hidden />
        </Toggle>
      </span>
      <span className={styles.add} data-edits role="group" aria-label="Add">
        <Plus size={13} aria-hidden />
        {NEW_BLOCKS.map(({ id, title }) => (
          <ToolButton key={id} onClick={() => put(id)} title={`Put a ${title.toLowerCase()} at the end of the section`}>
            {title}
          </ToolButton>
        ))}
        <ToolButton
          onClick={() => {
            const { document, take } = store.getState();
            say(take(mapped(newSection(document, layout.id), ({ spec }) => spec)));
          }}
        >
          Section
        </ToolButton>
      </span>
    </>
  );
}
