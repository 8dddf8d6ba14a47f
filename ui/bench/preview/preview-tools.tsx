'use client';

import { Crosshair, Image as ImageIcon, Palette, Ruler } from 'lucide-react';
import { type ChangeEvent, useRef } from 'react';
import type { OverlayId } from '../../../core/overlay/inks';
import { OVERLAY_IDS } from '../../../core/spec/overlay-schema';
import { useView } from '../../draft/draft-context';
import { type Ground } from '../../draft/view-store';
import { OVERLAY_KEYS } from '../../draft/preview-keys';
import { ZoomTools } from '../../draft/zoom-tools';
import { GroupMark, OVERLAY_NAMES } from '../sheet/group-mark';
import { PicturePlacement } from './ground/picture-placement';
import type { Pictures } from './ground/use-pictures';
import { BareButton } from '../../parts/bare-button';
import { DirectionToggle, TURNS_PAGE } from '../../parts/direction-toggle';
import { Toggle, ToolButton } from '../../parts/toggle';
import { Select } from '../../parts/select';
import styles from './preview.module.scss';

/** These stand beside their names; the others are marks alone. */
const NAMED: readonly OverlayId[] = ['columns', 'rows', 'baseline'];

const GROUND_NAMES: Record<Ground, string> = {
  plain: 'none',
  'light-page': 'light page',
  'dark-page': 'dark page',
  picture: 'my picture',
};

type Props = { pictures: Pictures; breakpoint: string; onInks: () => void; onGuides: () => void };

/** Overlays on and off, their colours, what lies under them, distances, zoom. */
export function PreviewTools({ pictures, breakpoint, onInks, onGuides }: Props) {
  const overlays = useView((view) => view.overlays);
  const toggle = useView((view) => view.toggle);
  const isMeasuring = useView((view) => view.isMeasuring);
  const measure = useView((view) => view.measure);
  const isSnapping = useView((view) => view.isSnapping);
  const snap = useView((view) => view.snap);
  const direction = useView((view) => view.direction);
  const turn = useView((view) => view.turn);
  const isOneScreen = useView((view) => view.previewed === 'screen');

  return (
    <div className={styles.tools}>
      <span className={styles.toggles}>
        {OVERLAY_IDS.map((id) => (
          <Toggle
            key={id}

            isOn={overlays[id]}
            onClick={() => toggle(id)}
            {...(!NAMED.includes(id) && { 'aria-label': OVERLAY_NAMES[id] })}
            title={`${OVERLAY_NAMES[id]} on or off (${OVERLAY_KEYS[id]})`}
          >
            <GroupMark group={id} /> {NAMED.includes(id) && OVERLAY_NAMES[id]}
          </Toggle>
        ))}
        <ToolButton data-edits onClick={onGuides} title="Guides of this breakpoint" aria-label="Guides…">
          <Crosshair size={14} aria-hidden />
        </ToolButton>
        <ToolButton
          data-edits
          onClick={onInks}
          title="Overlays: colours, outlines, mesh, combinations"
          aria-label="Overlays…"
        >
          <Palette size={14} aria-hidden />
        </ToolButton>
      </span>
      <GroundChoice pictures={pictures} breakpoint={breakpoint} />
      {isOneScreen && (
        <>
          <span className={styles.toggles}>
            <Toggle
              isOn={isMeasuring}
              aria-label="Distance"
              onClick={() => measure(!isMeasuring)}
              title="Measure distances (d)"
            >
              <Ruler size={14} aria-hidden />
            </Toggle>
            <DirectionToggle direction={direction} title={TURNS_PAGE} onTurn={turn} />
            {isMeasuring && (
              <Toggle isOn={isSnapping} onClick={() => snap(!isSnapping)} title="Snap to edges (e)">
                To edges
              </Toggle>
            )}
            <ZoomTools />
          </span>
        </>
      )}
    </div>
  );
}

function GroundChoice({ pictures, breakpoint }: Pick<Props, 'pictures' | 'breakpoint'>) {
  const ground = useView((view) => view.ground);
  const layOn = useView((view) => view.layOn);
  const file = useRef<HTMLInputElement>(null);
  const picture = pictures.shown[breakpoint] ?? null;

  const choose = (event: ChangeEvent<HTMLSelectElement>): void => {
    const wanted = event.target.value as Ground;
    layOn(wanted);
    if (wanted === 'picture' && !picture) file.current?.click();
  };
  const onFile = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [chosen] = event.target.files ?? [];
    event.target.value = '';
    if (chosen && (await pictures.bring(breakpoint, chosen))) layOn('picture');
  };

  return (
    <span className={styles.ground}>
      <label>
        <span className="visually-hidden">Backdrop</span>
        <Select isSmall value={ground} onChange={choose} title="Backdrop of the grid (u)">
          {Object.entries(GROUND_NAMES).map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </Select>
      </label>
      {ground === 'picture' && (
        <BareButton onClick={() => file.current?.click()} title="Choose another picture. It stays in this browser.">
          <ImageIcon size={14} aria-hidden /> {picture ? 'Another…' : 'Choose…'}
        </BareButton>
      )}
      {ground === 'picture' && picture && (
        <PicturePlacement
          placement={picture.placement}
          onPlace={(placement) => pictures.place(breakpoint, placement)}
        />
      )}
      <input ref={file} type="file" accept="image/*" hidden onChange={onFile} aria-label="Picture file" />
    </span>
  );
}
