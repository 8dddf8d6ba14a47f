import { memo } from 'react';
import type { SolvedColumns } from '../../../../core/columns/columns-at';
import { samplePage, type SampleBlock } from '../../../../core/sample/sample-page';
import type { Direction } from '../../../../core/length/direction';
import type { Px } from '../../../../core/length/px';
import { placedPicture } from '../../../../core/picture/placed-picture';
import { type Ground } from '../../../draft/view-store';
import type { Picture } from './kept-picture';

type Props = {
  ground: Ground;
  solved: SolvedColumns;
  height: number;
  step: number;
  picture: Picture | null;
  direction?: Direction;
};

const COLOURS = {
  'light-page': { paper: '#ffffff', ink: '#2b3350', soft: '#8d93a8', picture: '#9db3c4', card: '#eef0f4' },
  'dark-page': { paper: '#161922', ink: '#eceef4', soft: '#7f869c', picture: '#3c5566', card: '#242936' },
};

/** What lies under the overlays, in px of the screen: paper, a sample page, or a person's own picture. */
export const GroundDrawing = memo(function GroundDrawing({
  ground,
  solved,
  height,
  step,
  picture,
  direction = 'ltr',
}: Props) {
  const width = solved.viewport.valueOf();
  if (ground === 'picture' && picture) {
    return (
      <>
        <rect width={width} height={height} fill="var(--paper)" />
        <PictureDrawing picture={picture} viewport={solved.viewport} />
      </>
    );
  }
  if (ground === 'plain' || ground === 'picture') return <rect width={width} height={height} fill="var(--paper)" />;
  const colours = COLOURS[ground];
  return (
    <>
      <rect width={width} height={height} fill={colours.paper} />
      {samplePage(solved, height, step).map((block, index) => (
        <Block
          key={index}
          block={direction === 'ltr' ? block : { ...block, x: width - block.x - block.width }}
          colours={colours}
          direction={direction}
        />
      ))}
    </>
  );
});

/** A picture as it lies on the screen. */
function PictureDrawing({ picture, viewport }: { picture: Picture; viewport: Px }) {
  const { url, width, height, placement } = picture;
  const { factor, across, down } = placedPicture(width, viewport, placement);
  return (
    <image
      href={url}
      x={across.valueOf()}
      y={down.valueOf()}
      width={factor.mul(width).valueOf()}
      height={factor.mul(height).valueOf()}
      opacity={placement.strength / 100}
      preserveAspectRatio="none"
    />
  );
}

type BlockProps = { block: SampleBlock; colours: (typeof COLOURS)['light-page']; direction: Direction };

function Block({ block, colours, direction }: BlockProps) {
  const isRtl = direction === 'rtl';
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
        <text
          x={isRtl ? x + width : x}
          textAnchor={isRtl ? 'end' : 'start'}
          y={y + size * 0.8}
          fill={colours.ink}
          fontWeight={700}
          fontSize={size}
        >
          <tspan>Across the sound</tspan>
          <tspan x={isRtl ? x + width : x} dy={size * 1.1}>
            by quarter past.
          </tspan>
        </text>
      );
    }
    case 'text':
      return (
        <g fill={colours.soft}>
          {[1, 0.94, 0.62].map((share, line) => (
            <rect
              key={line}
              x={isRtl ? x + width * (1 - share) : x}
              y={y + (line * height) / 3}
              width={width * share}
              height={height / 9}
            />
          ))}
        </g>
      );
  }
}
