import { memo } from 'react';
import type { SolvedColumns } from '../../../../core/columns/columns-at';
import { samplePage, type SampleBlock } from '../../../../core/sample/sample-page';
import type { Ground } from '../../../draft/draft-store';

type Props = { ground: Ground; solved: SolvedColumns; height: number; step: number; picture: string | null };

const COLOURS = {
  'light-page': { paper: '#ffffff', ink: '#2b3350', soft: '#8d93a8', picture: '#9db3c4', card: '#eef0f4' },
  'dark-page': { paper: '#161922', ink: '#eceef4', soft: '#7f869c', picture: '#3c5566', card: '#242936' },
};

/** What lies under the overlays, in px of the screen: paper, a sample page, or a person's own picture. */
export const GroundDrawing = memo(function GroundDrawing({ ground, solved, height, step, picture }: Props) {
  const width = solved.viewport.valueOf();
  if (ground === 'picture' && picture) {
    return (
      <>
        <rect width={width} height={height} fill="var(--paper)" />
        <image href={picture} width={width} preserveAspectRatio="xMidYMin meet" />
      </>
    );
  }
  if (ground === 'plain' || ground === 'picture') return <rect width={width} height={height} fill="var(--paper)" />;
  const colours = COLOURS[ground];
  return (
    <>
      <rect width={width} height={height} fill={colours.paper} />
      {samplePage(solved, height, step).map((block, index) => (
        <Block key={index} block={block} colours={colours} />
      ))}
    </>
  );
});

function Block({ block, colours }: { block: SampleBlock; colours: (typeof COLOURS)['light-page'] }) {
  const { kind, x, y, width, height } = block;
  const frame = { x, y, width, height };
  switch (kind) {
    case 'bar':
      return <rect {...frame} fill={colours.ink} />;
    case 'picture':
      return <rect {...frame} fill={colours.picture} />;
    case 'card':
      return <rect {...frame} fill={colours.card} />;
    case 'headline': {
      const size = Math.min(height / 2.2, width / 8.4);
      return (
        <text x={x} y={y + size * 0.8} fill={colours.ink} fontWeight={700} fontSize={size}>
          <tspan>Across the sound</tspan>
          <tspan x={x} dy={size * 1.1}>
            by quarter past.
          </tspan>
        </text>
      );
    }
    case 'text':
      return (
        <g fill={colours.soft}>
          {[1, 0.94, 0.62].map((share, line) => (
            <rect key={line} x={x} y={y + (line * height) / 3} width={width * share} height={height / 9} />
          ))}
        </g>
      );
  }
}
