'use client';

import { columnsAt } from '../../../core/columns/columns-at';
import { numeral } from '../../../core/length/present';
import { byWidth, shownWidth } from '../../../core/spec/ranges';
import { Overlays } from '../../drawing/overlays';
import { Fractions } from '../../drawing/numeral';
import { useDraft, useView } from '../../draft/draft-context';
import { baseUnit } from '../../../core/spacing/scale';
import { BareButton } from '../../parts/bare-button';
import { GroundDrawing } from './ground/ground';
import type { Picture } from './ground/kept-picture';
import { packScreens } from './pack-screens';
import { useSize } from '../../frame/use-size';
import styles from './preview.module.scss';

const GAP = 14;
const PAD = 16;
const LABEL = 44;

/** Every breakpoint at its reference size, all at one scale. Choosing one shows it alone. */
export function SideBySide({ pictures }: { pictures: Readonly<Record<string, Picture>> }) {
  const ground = useView((view) => view.ground);
  const spec = useDraft((draft) => draft.document);
  const overlays = useView((view) => view.overlays);
  const show = useView((view) => view.show);
  const showAs = useView((view) => view.showAs);
  const [box, { width, height }] = useSize<HTMLDivElement>();
  const screens = byWidth(spec.breakpoints);
  const step = baseUnit(spec).valueOf();
  const inside = { width: width - PAD * 2, height: height - PAD * 2 };
  const scale = packScreens(
    screens.map(({ reference }) => reference),
    inside,
    { gap: GAP, label: LABEL },
  );

  return (
    <div ref={box} className={styles.desk}>
      {width > 0 && (
        <div className={styles.screens} style={{ gap: GAP, padding: PAD }}>
          {screens.map((breakpoint) => {
            const { id, name, reference } = breakpoint;
            const solved = columnsAt(spec, breakpoint);
            return (
              <BareButton
                key={id}
                aria-label={`Show ${name} alone`}
                onClick={() => {
                  show(shownWidth(spec, breakpoint));
                  showAs('screen');
                }}
              >
                <svg
                  width={reference.width * scale}
                  height={reference.height * scale}
                  viewBox={`0 0 ${reference.width} ${reference.height}`}
                  aria-hidden="true"
                >
                  <GroundDrawing
                    {...{ ground, solved, step }}
                    height={reference.height}
                    picture={pictures[id] ?? null}
                  />
                  <Overlays {...{ spec, breakpoint, solved, scale, id }} {...reference} shown={overlays} />
                </svg>
                <strong>{name}</strong>
                <span className="number">
                  <Fractions text={`${solved.count} × ${numeral(solved.column)}`} />
                </span>
              </BareButton>
            );
          })}
        </div>
      )}
    </div>
  );
}
