import type { CSSProperties } from 'react';
import { decimal } from '../../core/length/present';
import { exactText, type Px, ZERO } from '../../core/length/px';
import { SPECIMEN_TEXT } from '../../core/sample/specimen-text';
import { inkOf } from '../../core/overlay/inks';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, Font, Spec, TextStyle } from '../../core/spec/schema';
import { fontName, STANDS_WORDS } from '../../core/type/style-text';
import { stepOf, type TextAt, textAt } from '../../core/type/text-at';
import { faceOf, fontAddress } from '../type/font-address';
import styles from './reading.module.scss';

/** Every text style as it stands on the baselines, at the breakpoint that is drawn widest. */
export function TypeSpecimens({ spec, team }: { spec: Spec; team: string }) {
  const widest = byWidth(spec.breakpoints).at(-1)!;
  const fonts = [...new Map(spec.type.map(({ font }) => [font.file, font])).values()];
  return (
    <section className={styles.section} aria-labelledby="specimens">
      <style>{fonts.map((font) => fontFace(team, font)).join('')}</style>
      <div className={styles.sectionHead}>
        <h2 id="specimens">Type</h2>
        <span className="soft">on the baselines of {widest.name}</span>
      </div>
      {spec.type.map((style) => (
        <Specimen key={style.name} spec={spec} style={style} breakpoint={widest} />
      ))}
    </section>
  );
}

function fontFace(team: string, font: Font): string {
  return `@font-face{font-family:'${faceOf(font)}';src:url('${fontAddress(team, font)}');font-display:swap}`;
}

function Specimen({ spec, style, breakpoint }: { spec: Spec; style: TextStyle; breakpoint: Breakpoint }) {
  const text = textAt(spec, style, breakpoint);
  return (
    <figure className={styles.specimen}>
      <figcaption>
        <strong>{style.name}</strong>
        <span className="number">
          {decimal(text.size)} / {decimal(text.leading)}
        </span>
        <span className="soft">
          {fontName(style.font)}, on its {STANDS_WORDS[style.stands]}
        </span>
      </figcaption>
      <div style={ground(spec, stepOf(spec, breakpoint))}>
        <p style={setIn(style, text)}>{SPECIMEN_TEXT}</p>
      </div>
    </figure>
  );
}

const px = (length: Px): string => `${decimal(length)}px`;

/** The baselines behind a specimen. */
function ground(spec: Spec, step: Px): CSSProperties {
  if (step.compare(ZERO) <= 0) return {};
  const { colour, strength } = inkOf(spec, 'baseline');
  // half as strong as over a page: the text is what is looked at
  const ink = `color-mix(in srgb, ${colour} ${strength / 2}%, transparent)`;
  return { backgroundImage: `repeating-linear-gradient(${ink} 0 1px, transparent 1px ${exactPx(step)})` };
}

/** `512/21px` as CSS can divide it. */
function exactPx(length: Px): string {
  return exactText(length).includes('/') ? `calc(${exactText(length).replace('/', 'px / ')})` : px(length);
}

function setIn({ font, stands }: TextStyle, { size, leading, shift }: TextAt): CSSProperties {
  const edge = stands === 'caps' ? 'cap' : 'ex';
  return {
    fontFamily: `'${faceOf(font)}', '${font.family.replace(/['\\]/g, '')}', serif`,
    fontSize: px(size),
    lineHeight: px(leading),
    paddingBlockStart: px(shift),
    ...(stands === 'line-box' ? {} : { textBox: `trim-both ${edge} alphabetic` }),
  } as CSSProperties;
}
