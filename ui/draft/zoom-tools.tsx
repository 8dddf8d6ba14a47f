import { ZoomButtons } from '../parts/zoom-buttons';
import { useView } from './draft-context';
import { WHOLE_VIEW } from './zoomed';

/** How large a page is seen. */
export function ZoomTools() {
  const scale = useView(({ view, middle }) => (view.zoom === 'whole' ? middle.whole : view.zoom));
  const isWhole = useView(({ view }) => view.zoom === 'whole');
  const look = useView((view) => view.look);
  const zoom = useView((view) => view.zoom);
  return (
    <ZoomButtons
      scale={scale}
      isFitted={isWhole}
      fits="page"
      onStep={zoom}
      onFit={() => look(WHOLE_VIEW)}
      onActual={() => zoom('1:1')}
    />
  );
}
