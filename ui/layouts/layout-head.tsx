'use client';

import { Plus, Trash2 } from 'lucide-react';
import { addBlocks, NEW_BLOCKS, type NewBlock } from '../../core/layouts/add-blocks';
import { newSection } from '../../core/layouts/write-sections';
import { mapped } from '../../core/parsed';
import type { Layout } from '../../core/spec/schema';
import { GROUP_NAMES, GroupMark } from '../bench/sheet/group-mark';
import { useDraft, useDraftStore, useMayEdit, useView } from '../draft/draft-context';
import { OVERLAY_KEYS } from '../draft/preview-keys';
import { ZoomTools } from '../draft/zoom-tools';
import { Choice } from '../parts/choice';
import { DirectionToggle, TURNS_PAGE } from '../parts/direction-toggle';
import { Menu, MenuAct } from '../parts/menu';
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

/** What has a button of its own; the others are in the menu beside it. */
const FIRST: readonly NewBlock[] = ['heading', 'body', 'button', 'picture', 'card'];
const OTHERS = NEW_BLOCKS.filter(({ id }) => !FIRST.includes(id));

function addSays(kind: NewBlock, title: string): string {
  return kind === 'card'
    ? 'Add three cards side by side; one, where a card is selected'
    : `${title}, after the selected block or at the end of the page`;
}

type Props = {
  layout: Layout;
  chosen: ChosenBlocks;
  shown: Shown;
  onShow: (shown: Shown) => void;
  onNew: () => void;
  /** Lets the words of a block be typed. */
  onType: (block: string | null) => void;
  say: (problem: string | null) => void;
};

/** Which layout, which breakpoint, what is drawn over it, and what can be put on it. */
export function LayoutHead(props: Props) {
  const { layout, chosen, shown, onShow, onNew, onType, say } = props;
  const store = useDraftStore();
  const mayEdit = useMayEdit();
  const layouts = useDraft(({ document }) => document.layouts);
  const overlays = useView((view) => view.overlays);
  const toggle = useView((view) => view.toggle);
  const direction = useView((view) => view.direction);
  const turn = useView((view) => view.turn);

  const put = (kind: NewBlock): void => {
    const { document, take } = store.getState();
    const added = addBlocks(document, layout.id, kind, chosen.blocks.at(-1) ?? null);
    const refused = take(mapped(added, ({ spec }) => spec));
    say(refused);
    if (!added.value || refused !== null) return;
    chosen.choose(added.value.ids[0]!);
    // the words that are there are to be replaced
    if (shown === 'one') onType(added.value.words);
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
        <DirectionToggle direction={direction} title={TURNS_PAGE} onTurn={turn} />
        {shown === 'one' && <ZoomTools />}
      </span>
      <span className={styles.add} data-edits role="group" aria-label="Add">
        <Plus size={13} aria-hidden />
        {NEW_BLOCKS.filter(({ id }) => FIRST.includes(id)).map(({ id, title }) => (
          <ToolButton key={id} onClick={() => put(id)} title={addSays(id, title)}>
            {title}
          </ToolButton>
        ))}
        <Menu label="More to add" title="Field, list, quote, table, logo, area" isFixed>
          {OTHERS.map(({ id, title }) => (
            <MenuAct key={id} onClick={() => put(id)}>
              {title}
            </MenuAct>
          ))}
        </Menu>
        <ToolButton
          title="Add a section at the bottom of the page"
          onClick={() => {
            const { document, take } = store.getState();
            say(take(mapped(newSection(document, layout.id), ({ spec }) => spec)));
            // what is added next goes into it
            chosen.clear();
          }}
        >
          Section
        </ToolButton>
      </span>
    </>
  );
}
