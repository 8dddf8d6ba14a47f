import type { Page } from '@playwright/test';
import { type BoxSide, joinedBoxes, nudged, split, type SurveyedScreen } from '../../core/survey/correct';
import { blocksAmong } from '../../core/survey/off';
import type { Box } from '../../core/survey/screens';
import { drawn } from '../survey/generator';
import { expect, test } from './app';
import { randomOf } from './model/random';

/** Random use of a survey against a small model of it: what is shown is what is stored is what was meant, after reloads too. */
const LONG = process.env.YPSILINE_LONG === '1';
const SEEDS = LONG ? Array.from({ length: 12 }, (_, index) => 40 + index) : [40];
const ACTS = LONG ? 120 : 30;

type Model = { boxes: Box[]; leftOut: Box[]; chosen: number | null; width: number; height: number };

/** The order in which keys go through boxes: blocks first, then what is in them, from the top down. */
function order(boxes: readonly Box[]): number[] {
  const blocks = new Set(blocksAmong(boxes));
  return boxes
    .map((_, index) => index)
    .sort((a, b) => {
      const [one, other] = [boxes[a]!, boxes[b]!];
      return Number(blocks.has(other)) - Number(blocks.has(one)) || one.y - other.y || one.x - other.x;
    });
}

async function stored(page: Page): Promise<{ boxes: Box[]; leftOut: object[] }> {
  return page.evaluate(
    () =>
      new Promise((resolve) => {
        const open = indexedDB.open('ypsiline-surveys');
        open.onsuccess = () => {
          const all = open.result.transaction('under-way').objectStore('under-way').getAll();
          all.onsuccess = () => {
            const [survey] = all.result as { screens: { boxes: Box[]; leftOut: object[] }[] }[];
            open.result.close();
            resolve(survey ? survey.screens[0]! : { boxes: [], leftOut: [] });
          };
        };
      }),
  );
}

for (const seed of SEEDS) {
  test(`random use of a survey, ${seed}`, async ({ signedIn: page }) => {
    test.setTimeout(LONG ? 600_000 : 400_000);
    const random = randomOf(seed);
    const { screen } = drawn(seed, 'real');
    const first = screen.boxes.slice(0, 40);
    const height = Math.ceil(Math.max(...first.map(({ y, height: high }) => y + high)));
    const rows = first.map(({ x, y, width, height: high, name }) => [x, y, width, high, name].join('\t'));
    const model: Model = { boxes: [...first], leftOut: [], chosen: null, width: screen.width, height };
    const past: Pick<Model, 'boxes' | 'leftOut'>[] = [{ boxes: [], leftOut: [] }];

    await page.goto('/tidewick/ticket-kiosk/survey');
    await page.getByRole('button', { name: 'List of boxes…' }).first().click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByLabel(/^One box per line/)).toBeFocused();
    await dialog.getByLabel(/^One box per line/).fill(rows.join('\n'));
    await dialog.getByLabel('Name', { exact: true }).fill('Model');
    await dialog.getByLabel('Screen width (px)').fill(String(screen.width));
    await dialog.getByRole('button', { name: 'Survey boxes' }).click();
    const drawing = page.getByRole('group', { name: /^Model: arrows/ });
    await expect(drawing).toBeVisible();

    const correct = (change: Partial<Pick<Model, 'boxes' | 'leftOut'>>): void => {
      past.push({ boxes: model.boxes, leftOut: model.leftOut });
      Object.assign(model, change);
    };
    const acts: Record<string, () => Promise<void>> = {
      step: async () => {
        const way = random.oneOf([1, -1]);
        await drawing.focus();
        await page.keyboard.press(way === 1 ? 'ArrowRight' : 'ArrowUp');
        const places = order(model.boxes);
        const place = model.chosen === null ? (way === 1 ? -1 : 0) : places.indexOf(model.chosen);
        model.chosen = places[(place + way + places.length) % places.length] ?? null;
      },
      remove: async () => {
        if (model.chosen === null) return;
        await drawing.focus();
        await page.keyboard.press('Delete');
        correct({ boxes: model.boxes.filter((_, index) => index !== model.chosen) });
        model.chosen = null;
      },
      nudge: async () => {
        if (model.chosen === null) return;
        const [keys, side, by] = random.oneOf([
          ['Alt+ArrowRight', 'end', 1],
          ['Alt+ArrowLeft', 'end', -1],
          ['Alt+Shift+ArrowRight', 'start', 1],
          ['Alt+Shift+ArrowDown', 'top', 1],
          ['Alt+ArrowUp', 'foot', -1],
        ] as const);
        await drawing.focus();
        await page.keyboard.press(keys);
        change(side, by);
      },
      type: async () => {
        if (model.chosen === null) return;
        const side = random.oneOf(['start', 'end', 'top', 'foot'] as const);
        const field = page.getByLabel(`${side} of the box, px`);
        const now = sideOf(model.boxes[model.chosen]!, side);
        const to = Math.round(now) + random.whole(-6, 6);
        await field.fill(String(to));
        await field.press('Enter');
        if (String(to) !== String(Math.round(now * 4) / 4)) change(side, to - now);
      },
      leaveOut: async () => {
        if (model.chosen === null) return;
        await ofBox('Exclude from the check');
        const { x, y, width, height: high } = model.boxes[model.chosen]!;
        correct({ leftOut: [...model.leftOut, { x, y, width, height: high } as Box] });
        model.chosen = null;
      },
      split: async () => {
        if (model.chosen === null) return;
        const way = random.oneOf(['across', 'down'] as const);
        await ofBox(way === 'across' ? 'Split side by side' : 'Split one above the other');
        correct({ boxes: [...split(model as unknown as SurveyedScreen, model.chosen, way).boxes] });
      },
      join: async () => {
        if (model.chosen === null || model.boxes.length < 2) return;
        const places = order(model.boxes);
        const next = places[(places.indexOf(model.chosen) + 1) % places.length]!;
        await drawing.focus();
        await page.keyboard.press('Shift+ArrowDown');
        await page.getByRole('button', { name: 'Join', exact: true }).click();
        correct({ boxes: [...joinedBoxes(model as unknown as SurveyedScreen, [model.chosen, next]).boxes] });
        model.chosen = Math.min(model.chosen, next);
      },
      drag: async () => {
        if (model.chosen === null) return;
        const side = random.oneOf(['start', 'end', 'top', 'foot'] as const);
        const grip = drawing.locator(`[data-side=${side}]`);
        await grip.scrollIntoViewIfNeeded();
        const at = (await grip.boundingBox())!;
        const scale = (await drawing.locator('svg').boundingBox())!.width / model.width;
        const way = random.oneOf([-24, 31]);
        const [x, y] = [at.x + at.width / 2, at.y + Math.min(at.height / 2, 20)];
        const isAcross = side === 'start' || side === 'end';
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x + (isAcross ? way : 0), y + (isAcross ? 0 : way), { steps: 3 });
        await page.mouse.up();
        change(side, Math.round(way / scale));
      },
      takeBack: async () => {
        if (past.length < 2) return;
        await page.getByRole('button', { name: 'Undo correction' }).click();
        Object.assign(model, past.pop());
        if (model.chosen !== null && model.chosen >= model.boxes.length) model.chosen = null;
      },
      reload: async () => {
        if (random.whole(0, 3) > 0) return;
        await page.waitForTimeout(400);
        await page.reload();
        await expect(drawing).toBeVisible();
        model.chosen = null;
        past.length = 0;
        past.push({ boxes: [], leftOut: [] });
      },
    };
    async function ofBox(act: string): Promise<void> {
      await page.getByRole('button', { name: 'More for this box' }).click();
      await page.getByRole('button', { name: act }).click();
    }
    function change(side: BoxSide, by: number): void {
      const boxes = model.boxes.map((box, index) => (index === model.chosen ? nudged(box, side, by, model) : box));
      const [box, next] = [model.boxes[model.chosen!]!, boxes[model.chosen!]!];
      const isSame = (['x', 'y', 'width', 'height'] as const).every((key) => box[key] === next[key]);
      // the application keeps a step for it all the same
      correct(isSame ? {} : { boxes });
    }

    for (let act = 0; act < ACTS; act++) {
      const name = random.oneOf([
        'step',
        'step',
        'step',
        'remove',
        'nudge',
        'nudge',
        'type',
        'leaveOut',
        'split',
        'join',
        'drag',
        'takeBack',
        'reload',
      ]);
      await acts[name]!();
      const box = model.chosen === null ? null : model.boxes[model.chosen]!;
      if (box)
        for (const side of ['start', 'end', 'top', 'foot'] as const)
          await expect(page.getByLabel(`${side} of the box, px`), `${act} ${name}`).toHaveValue(
            String(Math.round(sideOf(box, side) * 4) / 4),
          );
      else await expect(page.getByText('Click a box to correct it'), `${act} ${name}`).toBeVisible();
    }
    await expect.poll(async () => (await stored(page)).boxes).toEqual(model.boxes);
    await expect.poll(async () => (await stored(page)).leftOut).toEqual(model.leftOut);
  });
}

function sideOf(box: Box, side: BoxSide): number {
  return { start: box.x, end: box.x + box.width, top: box.y, foot: box.y + box.height }[side];
}
