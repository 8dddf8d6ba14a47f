'use client';

import { nameSection, withGround } from '../../core/layouts/write-block';
import { idsOf, withLayout, withSection } from '../../core/layouts/edit-layout';
import { doubleSection, sectionBy, withoutSection } from '../../core/layouts/write-sections';
import { counted } from '../../core/length/present';
import { useDraft } from '../draft/draft-context';
import { Select } from '../parts/select';
import type { Parsed } from '../../core/parsed';
import type { Ground, Layout, Section, Spec } from '../../core/spec/schema';
import { CommitField } from '../parts/commit-field';
import { Menu, MenuAct } from '../parts/menu';
import { Toggle } from '../parts/toggle';
import { Line, type Write } from './panel-line';

type SectionProps = {
  layout: Layout;
  section: Section;
  write: Write;
  act: (written: (spec: Spec) => Parsed<Spec>) => () => void;
};

/** A section: its name, whether it is as tall as a screen, its ground and grid, and what is done with it as a whole. */
export function SectionLine({ layout, section: { id, name, tall, grid, ground, blocks }, write, act }: SectionProps) {
  const place = layout.sections.findIndex((each) => each.id === id);
  const grids = useDraft(({ document }) => document.grids);
  return (
    <Line label="Section">
      <CommitField
        key={id}
        label={`Name of section ${name}`}
        value={name}
        onCommit={(text) => write((spec) => nameSection(spec, layout.id, id, text))}
      />
      <Toggle
        isOn={tall === 'screen'}
        title="Screen height instead of content height"
        onClick={act((spec) => ({
          value: withLayout(spec, layout.id, (each) =>
            withSection(each, id, (section) => ({ ...section, tall: tall === 'screen' ? 'content' : 'screen' })),
          ),
        }))}
      >
        Screen height
      </Toggle>
      <Select
        isSmall
        aria-label={`Ground of section ${name}`}
        title="A tint behind the section, down to the next one"
        value={ground ? `${ground.tint} ${ground.to}` : ''}
        onChange={({ target }) => act((spec) => ({ value: withGround(spec, layout.id, id, groundIn(target.value)) }))()}
      >
        <option value="">No ground</option>
        {GROUNDS.map(({ tint, to }) => (
          <option key={`${tint} ${to}`} value={`${tint} ${to}`}>
            {`${tint.charAt(0).toUpperCase()}${tint.slice(1)}${to === 'screen' ? ', full bleed' : ''}`}
          </option>
        ))}
      </Select>
      {grids !== undefined && grids.length > 0 && (
        <Select
          isSmall
          aria-label={`Grid of section ${name}`}
          title="Grid that this section stands on"
          value={grid ?? ''}
          onChange={({ target }) =>
            act((spec) => ({ value: onGrid(spec, layout.id, id, target.value || undefined) }))()
          }
        >
          <option value="">Main grid</option>
          {grids.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Select>
      )}
      <span data-edits>
        <Menu label={`More for section ${name}`} isFixed>
          <MenuAct disabled={place === 0} onClick={act((spec) => ({ value: sectionBy(spec, layout.id, id, -1) }))}>
            Move up
          </MenuAct>
          <MenuAct
            disabled={place === layout.sections.length - 1}
            onClick={act((spec) => ({ value: sectionBy(spec, layout.id, id, 1) }))}
          >
            Move down
          </MenuAct>
          <MenuAct onClick={act((spec) => doubleSection(spec, layout.id, id))}>Duplicate</MenuAct>
          <MenuAct onClick={act((spec) => ({ value: withoutSection(spec, layout.id, id) }))}>
            {blocks.length === 0 ? 'Remove' : `Remove with ${counted(idsOf(blocks).length, 'block')}`}
          </MenuAct>
        </Menu>
      </span>
    </Line>
  );
}

const GROUNDS: readonly Ground[] = (['light', 'strong', 'dark'] as const).flatMap((tint) =>
  (['screen', 'container'] as const).map((to) => ({ tint, to })),
);

/** The ground that a choice stands for; none for the empty one. */
function groundIn(value: string): Ground | undefined {
  return GROUNDS.find(({ tint, to }) => `${tint} ${to}` === value);
}

/** The layout with a section on another grid, or on the main one. */
function onGrid(spec: Spec, layout: string, id: string, grid: string | undefined): Spec {
  return withLayout(spec, layout, (each) =>
    withSection(each, id, ({ grid: _before, ...section }) => (grid === undefined ? section : { ...section, grid })),
  );
}
