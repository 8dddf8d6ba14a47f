import { useState } from 'react';
import { BoxPanel } from './box-panel';
import type { Held } from './held-against';
import { Proposed } from './proposed';
import { ScreenOnGrid } from './screen-on-grid';
import { ScreenTools, SHOWS } from './screen-tools';
import { useCorrecting } from './use-correcting';

type Props = {
  held: Held;
  choice: readonly number[];
  onChoose: (choice: readonly number[]) => void;
  onDensity: (density: number) => void;
};

/** The shown screen on its grid, with what corrects it. */
export function ShownScreen({ held, choice, onChoose, onDensity }: Props) {
  const [shows, setShows] = useState(SHOWS);
  const [fit, setFit] = useState(1);
  const [isLeavingOut, setLeavingOut] = useState(false);
  const correcting = useCorrecting(held.screen, choice, onChoose);
  return (
    <>
      <ScreenTools
        {...{ shows, fit, isLeavingOut }}
        onShow={setShows}
        screen={held.screen}
        onLeaveOut={setLeavingOut}
      />
      <ScreenOnGrid
        key={held.screen.id}
        {...{ held, shows, choice, correcting, onChoose, isLeavingOut }}
        onShow={setShows}
        onFit={setFit}
        onLeftOut={() => setLeavingOut(false)}
      />
      <Proposed correcting={correcting} />
      <BoxPanel {...{ screen: held.screen, choice, correcting, onDensity }} />
    </>
  );
}
