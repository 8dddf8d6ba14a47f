'use client';

import { asAt, following, sameAtWider, sideBySide, stacked, withoutBlocks } from '../../core/layouts/arrange';
import { blockOf, idsOf, sectionOf } from '../../core/layouts/edit-layout';
import { fittedLines } from '../../core/layouts/fit-lines';
import { gapText } from '../../core/layouts/gap-between';
import { isWorded } from '../../core/spec/block-kinds';
import { readBy } from '../../core/layouts/reading-order';
import { solvedAt } from '../../core/layouts/solved-at';
import { bleed, hide, nameLayout } from '../../core/layouts/write-block';
import type { Parsed } from '../../core/parsed';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import { useDraft, useDraftStore } from '../draft/draft-context';
import { CommitField } from '../parts/commit-field';
import { EditFields } from '../draft/edit-fields';
import { Toggle, ToolButton } from '../parts/toggle';
import { spokenBlock } from './block-on-page';
import { BlockCode } from './block-code';
import { BlockFields } from './block-fields';
import { Exceptions } from './exceptions';
import styles from './layouts.module.scss';
import { Line } from './panel-line';
import { linesNeeded } from './lines-needed';
import { SectionLine } from './section-line';
import type { ChosenBlocks } from './use-chosen';
import { useClipboard } from './use-clipboard';
import { Select } from '../parts/select';

type Props = {
  team: string;
  layout: Layout;
  breakpoint: Breakpoint;
  chosen: ChosenBlocks;
  say: (problem: string | null) => void;
};

const FITS = 'As many lines as the words need, at every breakpoint';

/** What is chosen on the page, and what can be done with it; where nothing is, the layout itself. */
export function BlockPanel({ team, layout, breakpoint, chosen, say }: Props) {
  const store = useDraftStore();
  const document = useDraft((draft) => draft.document);
  const write = (written: (spec: Spec) => Parsed<Spec>): string | null =>
    store.getState().take(written(store.getState().document));
  const act = (written: (spec: Spec) => Parsed<Spec>) => () => say(write(written));
  const clipboard = useClipboard(layout, chosen, say);
  /** Measures the page as it is now, and writes what its words need then. */
  const fit = (blocks: readonly string[]) => (): void =>
    void linesNeeded(document, layout, team, blocks).then((needed) =>
      say(write((spec) => ({ value: fittedLines(spec, layout.id, needed) }))),
    );
  const [first] = chosen.blocks;
  const found = first === undefined ? null : blockOf(layout, first);
  const at = { layout: layout.id, blocks: chosen.blocks, breakpoint: breakpoint.id };
  const others = byWidth(document.breakpoints).filter(({ id }) => id !== breakpoint.id);

  const ids = idsOf(layout.sections.flatMap(({ blocks }) => blocks));
  if (!found)
    return (
      <section className={styles.panel} aria-label="Layout">
        <EditFields>
          <Line label="Layout">
            <CommitField
              label="Layout name"
              value={layout.name}
              onCommit={(text) => write((spec) => nameLayout(spec, layout.id, text))}
            />
          </Line>
          {layout.sections.map((section) => (
            <SectionLine key={section.id} {...{ layout, section, write, act }} />
          ))}
          <p className="soft" data-edits>
            Select a block to edit it. Drag it or move it with the arrow keys.
          </p>
          <div className={styles.acts} data-edits role="group" aria-label="Whole layout">
            <ToolButton
              onClick={act((spec) => following(spec, { ...at, blocks: ids }))}
              title={`Every block follows the next narrower breakpoint again: all that is given at ${breakpoint.name} goes`}
            >
              Follow everywhere
            </ToolButton>
            <ToolButton onClick={fit(ids)} title={FITS}>
              Fit lines
            </ToolButton>
          </div>
        </EditFields>
      </section>
    );

  const section = sectionOf(layout, found.block.id)!;
  const page = solvedAt(document, layout, breakpoint).blocks;
  const solved = page.find(({ id }) => id === found.block.id);
  const other = chosen.blocks.length === 2 ? page.find(({ id }) => id === chosen.blocks[1]) : undefined;
  const between = solved && other ? gapText(solved, other) : '';
  return (
    <section className={styles.panel} aria-label="Selected blocks">
      {chosen.blocks.length === 1 ? (
        <EditFields>
          <BlockFields {...{ layout, block: found.block, write }} />
        </EditFields>
      ) : (
        <p className={styles.measures}>
          {chosen.blocks.length} blocks{between && `: ${between}`}
        </p>
      )}
      {chosen.blocks.length === 1 && (
        <p className={styles.measures}>
          {breakpoint.name}: {solved ? spokenBlock(solved) : 'hidden'}
        </p>
      )}
      <div className={styles.acts} data-edits role="group" aria-label="Arrange">
        <ToolButton
          onClick={act((spec) => sideBySide(spec, at))}
          disabled={chosen.blocks.length < 2}
          title="Equal widths, next to each other"
        >
          Side by side
        </ToolButton>
        <ToolButton onClick={act((spec) => stacked(spec, at))} title="Full width, one under the other">
          Stack
        </ToolButton>
        <ToolButton onClick={act((spec) => following(spec, at))} title="Place as at the next narrower breakpoint (=)">
          Follow
        </ToolButton>
        <ToolButton
          onClick={act((spec) => sameAtWider(spec, at))}
          title="All wider breakpoints follow this one: what they give of their own goes"
        >
          Same at wider
        </ToolButton>
        <Select
          aria-label="Place as at"
          value=""
          onChange={({ target }) => act((spec) => asAt(spec, at, target.value))()}
        >
          <option value="">As at…</option>
          {others.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
        {isWorded(found.block.holds) && !('field' in found.block.holds) && (
          <ToolButton onClick={fit(chosen.blocks)} title={FITS}>
            Fit lines
          </ToolButton>
        )}
        <ToolButton onClick={clipboard.double} title="Another one right after it (Ctrl+D)">
          Duplicate
        </ToolButton>
        <Toggle
          isOn={solved === undefined}
          onClick={act((spec) => ({ value: hide(spec, at, solved !== undefined) }))}
          title={`Not shown at ${breakpoint.name}, nor at wider breakpoints that follow it; it takes no place there`}
        >
          Hidden
        </Toggle>
        {solved && (
          <Toggle
            isOn={solved.placed.bleeds === 'screen'}
            onClick={act((spec) => ({
              value: bleed(spec, at, solved.placed.bleeds ? null : 'screen', solved.tracks.count),
            }))}
            title={`Both edges at the screen’s at ${breakpoint.name}; needs no reason`}
          >
            Full bleed
          </Toggle>
        )}
        <ToolButton
          onClick={act((spec) => ({ value: readBy(spec, layout.id, found.block.id, -1) }))}
          title="Earlier in reading order (Alt+↑ in the list of blocks)"
        >
          Earlier
        </ToolButton>
        <ToolButton
          onClick={act((spec) => ({ value: readBy(spec, layout.id, found.block.id, 1) }))}
          title="Later in reading order (Alt+↓ in the list of blocks)"
        >
          Later
        </ToolButton>
        <ToolButton
          onClick={() => {
            say(write((spec) => ({ value: withoutBlocks(spec, layout.id, chosen.blocks) })));
            chosen.clear();
          }}
          title="Remove (Delete)"
        >
          Remove
        </ToolButton>
      </div>
      {chosen.blocks.length === 1 && solved && <Exceptions at={at} placement={solved.placed} write={write} />}
      <EditFields>
        <SectionLine {...{ layout, section, write, act }} />
      </EditFields>
      {chosen.blocks.length === 1 && <BlockCode key={found.block.id} {...{ layout, breakpoint }} block={found.block} />}
    </section>
  );
}
