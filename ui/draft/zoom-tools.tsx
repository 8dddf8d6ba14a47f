import { ZoomIn, ZoomOut } from 'lucide-react';
import { Toggle, ToolButton } from '../parts/toggle';
import { useView } from './draft-context';
import { WHOLE_VIEW } from './zoomed';

/** How large a page is seen: out, in, as it fits, as it is. */
export function ZoomTools() {
  const scale = useView(({ view, middle }) => (view.zoom === 'whole' ? middle.whole : view.zoom));
  const isWhole = useView(({ view }) => view.zoom === 'whole');
  const look = useView((view) => view.look);
  const zoom = useView((view) => view.zoom);
  return (
    <>
      <ToolButton aria-label="Zoom out" title="Zoom out (−)" onClick={() => zoom(-1)}>
        <ZoomOut size={14} aria-hidden />
      </ToolButton>
      <output className="number" aria-label="Zoom" title="100 % is one CSS px for each px">
        {Math.round(scale * 100)} %
      </output>
      <ToolButton aria-label="Zoom in" title="Zoom in (+)" onClick={() => zoom(1)}>
        <ZoomIn size={14} aria-hidden />
      </ToolButton>
      <Toggle isOn={isWhole} aria-label="Fit page" title="Fit page (0)" onClick={() => look(WHOLE_VIEW)}>
        Fit
      </Toggle>
      <Toggle isOn={!isWhole && Math.abs(scale - 1) < 0.001} title="Actual size, 100 % (1)" onClick={() => zoom('1:1')}>
        1:1
      </Toggle>
    </>
  );
}
