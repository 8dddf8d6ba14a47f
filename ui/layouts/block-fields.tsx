'use client';

import {
  cardLength,
  nameBlock,
  withCard,
  withHolds,
  writeCardBaseline,
  writeCardColumns,
  writeRatio,
  writeWords,
} from '../../core/layouts/write-block';
import { mapped } from '../../core/parsed';
import { sizeText } from '../../core/length/size';
import { LIMITS } from '../../core/limits';
import type { Block, Layout } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import { CommitField } from '../parts/commit-field';
import { Toggle } from '../parts/toggle';
import styles from './layouts.module.scss';
import { PictureLine } from './picture-line';
import { Line, type Write } from './panel-line';
import { Select } from '../parts/select';

/** What a block is called and what it holds. */
export function BlockFields({ layout, block, write }: { layout: Layout; block: Block; write: Write }) {
  const type = useDraft(({ document }) => document.type);
  const { id, holds } = block;
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
      {'text' in holds && (
        <>
          <Line label="Text">
            <Select
              aria-label="Text style"
              value={holds.text}
              onChange={({ target }) =>
                write((spec) => ({ value: withHolds(spec, layout.id, id, { ...holds, text: target.value }) }))
              }
            >
              {type.map(({ name }) => (
                <option key={name}>{name}</option>
              ))}
            </Select>
          </Line>
          <Line label="Text">
            <CommitField
              key={id}
              className={styles.words}
              label="Text"
              value={holds.words}
              maxLength={LIMITS.words}
              onCommit={(text) => write((spec) => writeWords(spec, layout.id, block, text))}
            />
          </Line>
        </>
      )}
      {'picture' in holds && (
        <Line label="Picture">
          <CommitField
            key={id}
            label="Ratio"
            value={holds.picture}
            onCommit={(text) => write((spec) => writeRatio(spec, layout.id, block, text))}
          />
          <Toggle
            isOn={holds.cropped === true}
            onClick={() =>
              write((spec) => ({
                value: withHolds(
                  spec,
                  layout.id,
                  id,
                  holds.cropped ? { picture: holds.picture } : { ...holds, cropped: true },
                ),
              }))
            }
            title="Cropped to whole rows; its own height may be off the grid"
          >
            Cropped to rows
          </Toggle>
        </Line>
      )}
      {'picture' in holds && <PictureLine layout={layout.id} block={id} />}
      {'card' in holds && (
        <>
          <Line label="Padding">
            <CommitField
              key={`${id} padding`}
              label="Padding"
              value={sizeText(holds.card.padding)}
              onCommit={(text) =>
                write((spec) => mapped(cardLength(text), (padding) => withCard(spec, layout.id, block, { padding })))
              }
            />
          </Line>
          <Line label="Columns">
            <CommitField
              key={`${id} columns`}
              label="Columns in the card"
              title="page, or a count and gutter such as 3, 16"
              value={
                holds.card.columns === 'page'
                  ? 'page'
                  : `${holds.card.columns.count}, ${sizeText(holds.card.columns.gutter)}`
              }
              onCommit={(text) => write((spec) => writeCardColumns(spec, layout.id, block, text))}
            />
          </Line>
          <Line label="Baseline">
            <CommitField
              key={`${id} baseline`}
              label="Baseline in the card"
              title="page, or a step such as 4"
              value={holds.card.baseline ? sizeText(holds.card.baseline.step) : 'page'}
              onCommit={(text) => write((spec) => writeCardBaseline(spec, layout.id, block, text))}
            />
          </Line>
        </>
      )}
    </>
  );
}
