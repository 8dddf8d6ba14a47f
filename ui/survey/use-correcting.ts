import { useState } from 'react';
import { alikeOn, movedAs, type PlaceOfBox } from '../../core/survey/alike';
import {
  type BoxSide,
  joinedBoxes,
  leavingOut,
  nudged,
  split,
  type SurveyedScreen,
  withBoxAt,
  withoutBoxes,
} from '../../core/survey/correct';
import type { Box } from '../../core/survey/screens';
import { useSurvey, useSurveyStore } from './survey-context';

/** What can be done on other screens, too: as it was done to a box of one. */
export type Proposal = {
  verb: 'Remove' | 'Exclude' | 'Move';
  places: PlaceOfBox[];
  /** The screens for which it was made: it goes when anything else is corrected, or taken back. */
  of: readonly SurveyedScreen[];
  does: (screen: SurveyedScreen, index: number) => SurveyedScreen;
};

/** A box that was moved in steps: as it was before the first, and as it is. */
type Moved = { before: Box; now: Box };

/** The acts by which the chosen boxes of a screen are corrected; what stands alike on other screens is proposed for the same. */
export function useCorrecting(
  screen: SurveyedScreen,
  choice: readonly number[],
  choose: (choice: readonly number[]) => void,
) {
  const store = useSurveyStore();
  const screens = useSurvey((survey) => survey.screens);
  const [proposal, setProposal] = useState<Proposal | null>(null);
  const [moved, setMoved] = useState<Moved | null>(null);
  const one = choice.length === 1 ? choice[0]! : null;

  const correct = (change: (before: SurveyedScreen) => SurveyedScreen): void =>
    store.getState().correct(screen.id, change);
  /** Corrects this screen, and proposes the same for others. */
  const correctAndPropose = (
    change: (before: SurveyedScreen) => SurveyedScreen,
    box: Box | undefined,
    verb: Proposal['verb'],
    does: Proposal['does'],
  ): void => {
    const places = box ? alikeOn(store.getState().screens, screen.id, box) : [];
    correct(change);
    setProposal(places.length > 0 ? { verb, places, does, of: store.getState().screens } : null);
  };
  // keys may come faster than they are drawn
  const boxAt = (index: number | null): Box | undefined =>
    store.getState().screens.find(({ id }) => id === screen.id)?.boxes[index ?? -1];

  return {
    proposal: proposal?.of === screens ? proposal : null,
    /** Moves a side of the chosen box by so many px. */
    move: (side: BoxSide, by: number): void => {
      const box = boxAt(one);
      if (!box || one === null) return;
      const now = nudged(box, side, by, screen);
      const before = moved?.now === box ? moved.before : box;
      setMoved({ before, now });
      correctAndPropose(
        (own) => withBoxAt(own, one, () => now),
        before,
        'Move',
        (other, index) => withBoxAt(other, index, (each) => movedAs(each, before, now)),
      );
    },
    remove: (): void => {
      correctAndPropose(
        (before) => withoutBoxes(before, choice),
        boxAt(one),
        'Remove',
        (other, index) => withoutBoxes(other, [index]),
      );
      choose([]);
    },
    exclude: (): void => {
      correctAndPropose(
        (before) => leavingOut(before, choice),
        boxAt(one),
        'Exclude',
        (other, index) => leavingOut(other, [index]),
      );
      choose([]);
    },
    join: (): void => {
      correct((before) => joinedBoxes(before, choice));
      choose([Math.min(...choice)]);
    },
    split: (way: 'across' | 'down'): void => {
      if (one === null) return;
      correct((before) => split(before, one, way));
      choose([one]);
    },
    /** Does what is proposed, on all the other screens in one step. */
    takeUp: (): void => {
      if (!proposal) return;
      store.getState().correctAll((other) => {
        const place = proposal.places.find((each) => each.screen === other.id);
        return place ? proposal.does(other, place.index) : other;
      });
      setProposal(null);
    },
    /** What was proposed goes with what it was proposed for. */
    letGo: (): void => setProposal(null),
  };
}

export type Correcting = ReturnType<typeof useCorrecting>;
