'use client';

import { useEffect, useState } from 'react';
import { overlayContrast, type Verdict, verdictOn } from '../../../core/overlay/contrast';
import { type Family, type OverlayId, inkOf, inksOf, USUAL_INKS, withInk } from '../../../core/overlay/inks';
import { APART, apartOn, leastApart } from '../../../core/overlay/mix';
import type { OverlayInk } from '../../../core/spec/schema';
import { useDraft } from '../../draft/draft-context';
import { Dialog } from '../../parts/dialog';
import { OVERLAY_IDS } from '../../../core/spec/overlay-schema';
import { OVERLAY_NAMES } from '../sheet/group-mark';
import { Combinations, DrawnFields } from './drawn-fields';
import styles from './inks.module.scss';
import { useSettled } from './use-settled';
import { Button } from '../../parts/button';

const LIGHT = { name: 'light', colours: ['#ffffff'] };
const DARK = { name: 'dark', colours: ['#161922'] };

const WORDS: Record<Verdict, string> = { lost: 'barely visible', fits: 'fits', loud: 'hides the backdrop' };

/** Colours and strengths of a spec's overlays, with their contrast on light, on dark, and on one's own picture. */
export function InksDialog({ grounds, onClose }: { grounds: string[]; onClose: () => void }) {
  const document = useDraft((draft) => draft.whole);
  const change = useDraft((draft) => draft.changeWhole);
  const under = [LIGHT, DARK, ...(grounds.length > 0 ? [{ name: 'my picture', colours: grounds }] : [])];
  return (
    <Dialog title="Overlays" isWide onClose={onClose}>
      <DrawnFields />
      {OVERLAY_IDS.map((family) => (
        <InkFields
          key={family}
          family={family}
          ink={inkOf(document, family)}
          under={under}
          onChange={(ink) => change(withInk(document, family, ink))}
        />
      ))}
      <Apart
        inks={inksOf(document)}
        onTake={(inks) => change({ ...document, overlays: { ...document.overlays, ...inks } })}
      />
      <Combinations />
      <p className="soft">
        They belong to this specification, so readers of its editions see the same. Choose your own picture as a
        backdrop to check contrast.
      </p>
    </Dialog>
  );
}

type ApartProps = { inks: Record<OverlayId, OverlayInk>; onTake: (inks: Record<Family, OverlayInk>) => void };

/** Says where the three run together on a dark page, and proposes inks that do not. */
function Apart({ inks, onTake }: ApartProps) {
  const [ground] = DARK.colours as [string];
  const least = leastApart(inks, ground);
  if (least >= APART) return null;
  return (
    <p>
      On a dark page two of them, or one and the page, differ by only{' '}
      <span className="number">{least.toFixed(2)} : 1</span> ({APART} is the least).{' '}
      <Button look="quiet" onClick={() => onTake(apartOn(ground))}>
        Use lighter ones that keep {APART} : 1 apart there
      </Button>
    </p>
  );
}

type FieldsProps = {
  family: OverlayId;
  ink: OverlayInk;
  under: { name: string; colours: string[] }[];
  onChange: (ink: OverlayInk) => void;
};

function InkFields({ family, ink, under, onChange }: FieldsProps) {
  const usual = USUAL_INKS[family];
  const [shown, setShown] = useState(ink);
  useEffect(() => setShown(ink), [ink]);
  // one step for each colour that is chosen, not for each that is passed on the way
  const settled = useSettled(() => onChange(shown));
  const isUsual = ink.colour === usual.colour && ink.strength === usual.strength;
  return (
    <fieldset className={styles.ink}>
      <legend>{OVERLAY_NAMES[family]}</legend>
      <label>
        Colour{' '}
        <input
          type="color"
          ref={settled}
          value={shown.colour}
          onChange={(event) => setShown({ ...shown, colour: event.target.value.toLowerCase() })}
        />
      </label>
      <label>
        Strength{' '}
        <input
          type="range"
          min={5}
          max={100}
          step={5}
          ref={settled}
          value={shown.strength}
          onChange={(event) => setShown({ ...shown, strength: Number(event.target.value) })}
        />{' '}
        <output className="number">{shown.strength} %</output>
      </label>
      <Button look="quiet" disabled={isUsual} onClick={() => onChange(usual)}>
        Reset
      </Button>
      <ul>
        {under.map(({ name, colours }) => (
          <Hint key={name} name={name} colours={colours} family={family} ink={shown} />
        ))}
      </ul>
    </fieldset>
  );
}

function Hint({ name, colours, family, ink }: { name: string; colours: string[]; family: OverlayId; ink: OverlayInk }) {
  const contrasts = colours.map((colour) => overlayContrast(ink, colour));
  const [least, most] = [Math.min(...contrasts), Math.max(...contrasts)];
  const verdict = verdictOn(least) === 'lost' ? 'lost' : verdictOn(most);
  const numbers = most - least < 0.05 ? least.toFixed(1) : `${least.toFixed(1)} to ${most.toFixed(1)}`;
  return (
    <li data-verdict={verdict}>
      <svg width="84" height="30" aria-hidden="true">
        {colours.map((colour, index) => (
          <rect key={index} x={(index * 84) / colours.length} width={84 / colours.length} height="30" fill={colour} />
        ))}
        <Sample family={family} ink={ink} />
      </svg>
      <span>
        on {name} <span className="number">{numbers} : 1</span>, {WORDS[verdict]}
      </span>
    </li>
  );
}

function Sample({ family, ink }: { family: OverlayId; ink: OverlayInk }) {
  const opacity = ink.strength / 100;
  if (family === 'columns') {
    return (
      <g fill={ink.colour} opacity={opacity}>
        {[6, 32, 58].map((x) => (
          <rect key={x} x={x} width="20" height="30" />
        ))}
      </g>
    );
  }
  const paths: Record<Exclude<OverlayId, 'columns'>, string> = {
    rows: Array.from({ length: 14 }, (_, index) => `M${index * 8 - 16} 11l8-8M${index * 8 - 16} 27l8-8`).join(''),
    baseline: [5.5, 12.5, 19.5, 26.5].map((y) => `M0 ${y}H84`).join(''),
    mesh:
      [3.5, 11.5, 19.5, 27.5].map((y) => `M0 ${y}H84`).join('') +
      Array.from({ length: 11 }, (_, index) => `M${index * 8 + 2.5} 0V30`).join(''),
    guides: 'M0 21.5H84M29.5 0V30',
  };
  return <path d={paths[family]} stroke={ink.colour} strokeWidth={family === 'rows' ? 1.5 : 1} opacity={opacity} />;
}
