'use client';

import { nameSection } from '../../core/layouts/write-block';
import { withLayout, withSection } from '../../core/layouts/edit-layout';
import type { Parsed } from '../../core/parsed';
import type { Layout, Section, Spec } from '../../core/spec/schema';
import { CommitField } from '../parts/commit-field';
import { Toggle, ToolButton } from '../parts/toggle';
import { Line, type Write } from './panel-line';

type SectionProps = {
  layout: Layout;
  section: Section;
  write: Write;
  act: (written: (spec: Spec) => Parsed<Spec>) => () => void;
};

/** A section: its name, whether it is as tall as a screen, and, where nothing stands in it, its removal. */
export function SectionLine({ layout, section: { id, name, tall, blocks }, write, act }: SectionProps) {
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
      {blocks.length === 0 && (
        <ToolButton
          data-edits
          onClick={act((spec) => ({
            value: withLayout(spec, layout.id, (each) => ({
              ...each,
              sections: each.sections.filter((section) => section.id !== id),
            })),
          }))}
        >
          Remove
        </ToolButton>
      )}
    </Line>
  );
}
