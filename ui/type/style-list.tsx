'use client';

import type { TextStyle } from '../../core/spec/schema';
import { sizeText } from '../../core/length/size';
import { leadingText } from '../../core/type/style-text';
import { settingAt } from '../../core/type/text-at';
import { breakpointAt } from '../../core/spec/ranges';
import { useDraft, useView } from '../draft/draft-context';
import { BareButton } from '../parts/bare-button';
import { faceOf } from './font-address';
import { useFontFace } from './use-font-face';
import styles from './type.module.scss';

type Props = { team: string; chosen: string; onChoose: (name: string) => void };

/** The text styles of a spec, each in its own font. */
export function StyleList({ team, chosen, onChoose }: Props) {
  const document = useDraft((draft) => draft.document);
  return (
    <ul className={styles.list} aria-label="Text styles">
      {document.type.map((style) => (
        <li key={style.name}>
          <StyleButton team={team} style={style} isChosen={style.name === chosen} onChoose={onChoose} />
        </li>
      ))}
    </ul>
  );
}

type ButtonProps = { team: string; style: TextStyle; isChosen: boolean; onChoose: (name: string) => void };

function StyleButton({ team, style, isChosen, onChoose }: ButtonProps) {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const isLoaded = useFontFace(team, style.font);
  const setting = settingAt(document, style, breakpointAt(document, viewport));
  return (
    <BareButton aria-pressed={isChosen} onClick={() => onChoose(style.name)}>
      <span style={isLoaded ? { fontFamily: `'${faceOf(style.font)}'` } : undefined}>{style.name}</span>
      <small className="number">
        {sizeText(setting.size)} / {leadingText(setting.leading)}
      </small>
    </BareButton>
  );
}
