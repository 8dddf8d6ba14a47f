'use client';

import { Trash2, Upload } from 'lucide-react';
import { type ChangeEvent, useRef, useState } from 'react';
import type { Parsed } from '../../core/parsed';
import type { Font, Spec, TextStyle } from '../../core/spec/schema';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';
import { fontName, STANDS_WORDS } from '../../core/type/style-text';
import { nameStyle, removeStyle, withStyle } from '../../core/type/write-style';
import { useDraft } from '../draft/draft-context';
import { EditFields } from '../draft/edit-fields';
import { CommitField } from '../parts/commit-field';
import { bringFont } from './bring-font';
import { TeamFontsDialog } from './team-fonts-dialog';
import { NumberTable } from '../parts/number-table';
import styles from './type.module.scss';
import { Select } from '../parts/select';
import { Button } from '../parts/button';

type Props = {
  team: string;
  style: TextStyle;
  fonts: Font[];
  onBrought: (font: Font) => void;
  onRemoved: (file: string) => void;
  onRenamed: (name: string) => void;
  write: (written: Parsed<Spec>) => string | null;
};

const ROLES: Record<TextStyle['role'], string> = { body: 'body text', heading: 'heading', label: 'label' };

/** A style's name, use, font, and what of it stands on the grid. */
export function StyleFields({ team, style, fonts, onBrought, onRemoved, onRenamed, write }: Props) {
  const document = useDraft((draft) => draft.document);
  const { name, role, stands, font } = style;
  const put = (some: Partial<TextStyle>): string | null =>
    write({ value: withStyle(document, name, (each) => ({ ...each, ...some })) });
  const rename = (text: string): string | null => {
    const problem = write(nameStyle(document, name, text));
    if (problem === null) onRenamed(text.trim());
    return problem;
  };

  return (
    <div className={styles.fields}>
      <EditFields>
        <span>Name</span>
        <CommitField label="Style name" value={name} onCommit={rename} />
        <label htmlFor="style-role">Used for</label>
        <Select
          isSmall
          id="style-role"
          value={role}
          onChange={(event) => put({ role: event.target.value as TextStyle['role'] })}
        >
          {Object.entries(ROLES).map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Select>
        <FontField
          team={team}
          font={font}
          fonts={fonts}
          onBrought={onBrought}
          onRemoved={onRemoved}
          onFont={(chosen) => put({ font: chosen })}
        />
        <label htmlFor="style-stands">Aligns by</label>
        <Select
          isSmall
          id="style-stands"
          value={stands}
          title="What aligns to the grid: the line box, or text trimmed to cap height or x-height"
          onChange={(event) => put({ stands: event.target.value as TextStyle['stands'] })}
        >
          {Object.entries(STANDS_WORDS).map(([value, title]) => (
            <option key={value} value={value}>
              its {title}
            </option>
          ))}
        </Select>
        <Measures font={font} />
        <Button
          look="quiet"
          className={styles.remove}
          data-edits
          title="Ctrl+Z brings it back"
          onClick={() => write(removeStyle(document, name))}
        >
          <Trash2 size={13} aria-hidden /> Remove style
        </Button>
      </EditFields>
    </div>
  );
}

type FontProps = {
  team: string;
  font: Font;
  fonts: Font[];
  onBrought: (font: Font) => void;
  onRemoved: (file: string) => void;
  onFont: (font: Font) => void;
};

function FontField({ team, font, fonts, onBrought, onRemoved, onFont }: FontProps) {
  const file = useRef<HTMLInputElement>(null);
  const [says, setSays] = useState<{ problem: boolean; text: string } | null>(null);
  const [isListing, setListing] = useState(false);
  const known = [...SHIPPED_FONTS.map((shipped) => shipped.font), ...fonts];
  const all = known.some((each) => each.file === font.file) ? known : [...known, font];

  const onFile = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [chosen] = event.target.files ?? [];
    event.target.value = '';
    if (!chosen) return;
    setSays({ problem: false, text: `Reading ${chosen.name}…` });
    const answer = await bringFont(team, chosen);
    if ('problem' in answer) return setSays({ problem: true, text: answer.problem });
    setSays({ problem: false, text: `${fontName(answer.font)} uploaded for the team.` });
    onBrought(answer.font);
    onFont(answer.font);
  };

  return (
    <>
      <label htmlFor="style-font">Font</label>
      <Select
        isSmall
        id="style-font"
        value={font.file}
        onChange={(event) => onFont(all.find((each) => each.file === event.target.value)!)}
      >
        {SHIPPED_FONTS.map(({ id, build, font: shipped }) => (
          <optgroup key={id} label={build}>
            <option value={shipped.file}>{shipped.family}</option>
          </optgroup>
        ))}
        <optgroup label="uploaded by the team">
          {all
            .filter((each) => each.file.startsWith('team:'))
            .map((each) => (
              <option key={each.file} value={each.file}>
                {fontName(each)}
              </option>
            ))}
        </optgroup>
      </Select>
      <span />
      <Button
        look="quiet"
        data-edits
        onClick={() => file.current?.click()}
        title="TTF, OTF, WOFF or WOFF2, up to 5 MB, for the whole team"
      >
        <Upload size={13} aria-hidden /> Upload font…
      </Button>
      <span />
      <Button look="quiet" data-edits onClick={() => setListing(true)}>
        Team fonts…
      </Button>
      {isListing && <TeamFontsDialog team={team} onRemoved={onRemoved} onClose={() => setListing(false)} />}
      <input ref={file} type="file" accept=".ttf,.otf,.woff,.woff2" hidden aria-label="Font file" onChange={onFile} />
      {says && (
        <p className={says.problem ? 'problem' : 'soft'} role={says.problem ? 'alert' : 'status'}>
          {says.text}
        </p>
      )}
    </>
  );
}

/** A font's measures in its own units. */
function Measures({ font }: { font: Font }) {
  const rows: [string, number][] = [
    ['Ascent', font.ascent],
    ['Descent', font.descent],
    ['Caps', font.capHeight],
    ['x-height', font.xHeight],
    ['Average letter', font.averageWidth],
  ];
  return (
    <NumberTable className={styles.measures}>
      <caption>
        Metrics of {fontName(font)}, of {font.unitsPerEm} units
      </caption>
      <tbody>
        {rows.map(([title, units]) => (
          <tr key={title}>
            <th scope="row">{title}</th>
            <td className="number">{units}</td>
          </tr>
        ))}
      </tbody>
    </NumberTable>
  );
}
