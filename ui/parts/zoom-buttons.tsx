import { ZoomIn, ZoomOut } from 'lucide-react';
import { Toggle, ToolButton } from './toggle';

type Props = {
  /** px of the window for each px. */
  scale: number;
  isFitted: boolean;
  /** What fits: the page, the width. */
  fits: string;
  onStep: (way: 1 | -1) => void;
  onFit: () => void;
  onActual: () => void;
};

/** How large something is seen: out, in, as it fits, as it is. */
export function ZoomButtons({ scale, isFitted, fits, onStep, onFit, onActual }: Props) {
  return (
    <>
      <ToolButton aria-label="Zoom out" title="Zoom out (−)" onClick={() => onStep(-1)}>
        <ZoomOut size={14} aria-hidden />
      </ToolButton>
      <output className="number" aria-label="Zoom" title="100 % is one CSS px for each px">
        {Math.round(scale * 100)} %
      </output>
      <ToolButton aria-label="Zoom in" title="Zoom in (+)" onClick={() => onStep(1)}>
        <ZoomIn size={14} aria-hidden />
      </ToolButton>
      <Toggle isOn={isFitted} aria-label={`Fit ${fits}`} title={`Fit ${fits} (0)`} onClick={onFit}>
        Fit
      </Toggle>
      <Toggle isOn={!isFitted && Math.abs(scale - 1) < 0.001} title="Actual size, 100 % (1)" onClick={onActual}>
        1:1
      </Toggle>
    </>
  );
}
