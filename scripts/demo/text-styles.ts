import type { TextStyle, TypeSetting } from '../../core/spec/schema';
import { shippedFont } from '../../core/type/shipped-fonts';

type At = Record<string, [size: TypeSetting['size'], leading: TypeSetting['leading'], span: number]>;

function style(name: string, role: TextStyle['role'], font: string, stands: TextStyle['stands'], at: At): TextStyle {
  const settings = Object.entries(at).map(([id, [size, leading, span]]) => [id, { size, leading, span }]);
  return { name, role, font: shippedFont(font), stands, at: Object.fromEntries(settings) };
}

/** The passenger site's text: three styles that stand on its baseline of 4. */
export const PASSENGER_STYLES: TextStyle[] = [
  style('body', 'body', 'source-serif-4', 'line-box', {
    phone: ['16px', '24px', 4],
    tablet: ['17px', '28px', 5],
    laptop: ['18px', '28px', 6],
    wide: ['20px', '32px', 5],
  }),
  style('headline', 'heading', 'hanken-grotesk', 'caps', {
    phone: [{ between: ['32px', '56px'], over: [412, 1512] }, '40px', 4],
    tablet: [{ between: ['32px', '56px'], over: [412, 1512] }, '48px', 8],
    laptop: [{ between: ['32px', '56px'], over: [412, 1512] }, '64px', 8],
  }),
  style('timetable', 'label', 'barlow-condensed', 'x-height', {
    phone: ['15px', '20px', 2],
    laptop: ['16px', '20px', 3],
  }),
];

/** With a slip: a headline whose leading looks right and is off the grid. */
export const SLIPPED_STYLES: TextStyle[] = PASSENGER_STYLES.map((each) =>
  each.name === 'headline' ? { ...each, at: { ...each.at, laptop: { ...each.at.laptop!, leading: '62px' } } } : each,
);

/** The kiosk's text, read at arm's length. */
export const KIOSK_STYLES: TextStyle[] = [
  style('body', 'body', 'source-sans-3', 'line-box', { portrait: ['30px', '45px', 5] }),
  style('button', 'label', 'hanken-grotesk', 'caps', { portrait: ['40px', '50px', 3] }),
];

/** The board's text: figures in columns. */
export const BOARD_STYLES: TextStyle[] = [
  style('departure', 'label', 'jetbrains-mono', 'caps', { hall: ['40px', '60px', 20], quay: ['80px', '120px', 20] }),
];
