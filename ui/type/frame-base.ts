import { cssName } from '../../core/formats/grid-css/type-css';
import type { Font, Spec } from '../../core/spec/schema';
import { fontAddress } from './font-address';

/** What the application adds to a page of a specification in a frame: the root font size, the fonts of its styles from the team’s files, no bars for scrolling. */
export function frameBase({ rootFontSize, type }: Spec, team: string): string {
  const fonts = new Map<string, Font>(type.map(({ font }) => [font.file, font]));
  const faces = [...fonts.values()].map(
    (font) =>
      `@font-face { font-family: '${cssName(font.family)}'; src: url('${fontAddress(team, font)}'); font-weight: ${font.weight ?? 400}; font-style: ${font.italic ? 'italic' : 'normal'}; }`,
  );
  return [
    `html { font-size: ${rootFontSize}px; overflow: hidden; }`,
    '[data-block]:focus { outline: none; }',
    ...faces,
  ].join('\n');
}
