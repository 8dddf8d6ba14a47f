'use client';

import type { HeldField } from '../../core/layouts/field-forms';
import { heldFields } from '../../core/layouts/held-fields';
import { nameBlock, withHolds } from '../../core/layouts/write-block';
import { LIMITS } from '../../core/limits';
import { mapped } from '../../core/parsed';
import type { Block, Layout } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import { CommitField } from '../parts/commit-field';
import { Select } from '../parts/select';
import { Toggle } from '../parts/toggle';
import styles from './layouts.module.scss';
import { Line, type Write } from './panel-line';
import { PictureLine } from './picture-line';

/** What a block is called and what it holds. */
export function BlockFields({ layout, block, write }: { layout: Layout; block: Block; write: Write }) {
  const { id, holds } = block;
  const fields = heldFields(holds);
  const commit =
    ({ write: held }: HeldField) =>
    (text: string): string | null =>
      write((spec) => mapped(held(text), (next) => withHolds(spec, layout.id, id, next)));
  const switches = fields.filter(({ input }) => input === 'switch');
  return (
    <>
      <Line label="Block">
        <CommitField
          key={id}
          label="Name of the block"
          value={block.name}
          onCommit={(text) => write((spec) => nameBlock(spec, layout.id, id, text))}
        />
      </Line>
      {fields
        .filter(({ input }) => input !== 'switch')
        .map((field) => (
          <Line key={`${id} ${field.id}`} label={field.label}>
            <FieldInput field={field} onCommit={commit(field)} />
          </Line>
        ))}
      {switches.length > 0 && (
        <Line label="">
          {switches.map((field) => (
            <Toggle
              key={field.id}
              isOn={field.read === 'on'}
              title={field.title}
              onClick={() => commit(field)(field.read === 'on' ? '' : 'on')}
            >
              {field.label}
            </Toggle>
          ))}
        </Line>
      )}
      {'picture' in holds && <PictureLine layout={layout.id} block={id} />}
    </>
  );
}

type InputProps = { field: HeldField; onCommit: (text: string) => string | null };

function FieldInput({ field: { name, title, read, input }, onCommit }: InputProps) {
  const type = useDraft(({ document }) => document.type);
  if (input === 'style')
    return (
      <Select aria-label={name} value={read} onChange={({ target }) => onCommit(target.value)}>
        {type.map((style) => (
          <option key={style.name}>{style.name}</option>
        ))}
      </Select>
    );
  const isLong = input === 'words' || input === 'items';
  return (
    <CommitField
      label={name}
      value={read}
      onCommit={onCommit}
      {...(title !== undefined && { title })}
      {...(isLong && {
        className: styles.words,
        maxLength: input === 'items' ? LIMITS.documentCharacters : LIMITS.words,
      })}
      isMany={input === 'items'}
    />
  );
}
