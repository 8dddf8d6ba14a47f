import styles from './numeral.module.scss';

const FRACTION = /([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|[⁰¹²³⁴⁵⁶⁷⁸⁹]+⁄[₀₁₂₃₄₅₆₇₈₉]+)/;
const FRACTION_AFTER_WHOLE = new RegExp(`(?<=\\d)${FRACTION.source}`, 'g');
const NUMERAL = /^[−≈\d.]*\d$/;

/** Is it one number, of which the whole parts line up? */
export function isNumeral(text: string): boolean {
  const [whole = text, , rest = ''] = text.split(FRACTION);
  return rest === '' && (whole === '' || NUMERAL.test(whole));
}

/** A number in a column, with room kept for its fraction, so that whole parts line up whatever the fraction. */
export function Numeral({ text }: { text: string }) {
  const [whole = text, fraction = ''] = text.split(FRACTION);
  if (!isNumeral(text)) {
    return (
      <>
        <Fractions text={text} />
        <span className={styles.slot} />
      </>
    );
  }
  return (
    <>
      {whole}
      <span className={styles.slot}>{fraction && <FractionText fraction={fraction} />}</span>
    </>
  );
}

/** Text in which fractions are set by the shipped font, which has no glyph for ⅔ but can set 2⁄3 as one. */
export function Fractions({ text }: { text: string }) {
  return text
    .split(FRACTION)
    .map((run, index) => (index % 2 === 1 ? <FractionText key={index} fraction={run} /> : run));
}

/** `76⅓` with its fraction apart, as it is read out: `76 ⅓`. */
export function spokenFractions(text: string): string {
  return text.replace(FRACTION_AFTER_WHOLE, ' $1');
}

function FractionText({ fraction }: { fraction: string }) {
  return (
    <span className={styles.fraction} data-set={setFraction(fraction)}>
      <span className="visually-hidden">{fraction}</span>
    </span>
  );
}

/** The same inside a drawing. */
export function DrawnFractions({ text }: { text: string }) {
  return text.split(FRACTION).map((run, index) =>
    index % 2 === 1 ? (
      <tspan key={index} className={styles.drawn}>
        {setFraction(run)}
      </tspan>
    ) : (
      run
    ),
  );
}

/** `⅔` as 2, fraction slash, 3. */
function setFraction(fraction: string): string {
  return fraction.normalize('NFKD');
}
