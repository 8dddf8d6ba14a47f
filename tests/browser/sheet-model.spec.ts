import type { Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { cell, expect, openBench, saved, test } from './app';
import { type Random, randomOf } from './model/random';
import { type Column, type Row, ROWS, SheetModel } from './model/sheet-model';
import { shownSheet, storedSheet } from './model/shown-sheet';

/** `YPSILINE_LONG=1` takes thirty seeds, of two hundred acts each. */
const SEEDS = process.env.YPSILINE_LONG ? 30 : 1;
const LENGTH = process.env.YPSILINE_LONG ? 200 : 40;

for (let seed = 1; seed <= SEEDS; seed++) {
  test(`random use of the sheet, seed ${seed}: shown is stored is meant`, async ({ signedIn: page, app }) => {
    test.setTimeout(400_000);
    const slug = await openBench(page, withPlainTexts());
    const model = new SheetModel(await shownSheet(page));
    const random = randomOf(seed);
    const told: string[] = [];
    for (let act = 1; act <= LENGTH; act++) {
      told.push(await random.oneOf(Object.values(ACTS))(page, model, random));
      const trace = `seed ${seed}, act ${act}: ${told.slice(-4).join('; ')}`;
      // a slow machine may draw a moment later
      await expect.poll(() => shownSheet(page), { message: trace }).toEqual(model.columns);
      if (act % 40 > 0) continue;
      await expect(saved(page), trace).toBeVisible();
      const [row] = await app.sql<{ document: Spec }[]>`
        select document from drafts join specs on id = spec_id
        where slug = ${slug}`;
      expect(storedSheet(row!.document), trace).toEqual(model.columns);
    }
  });
}

/** Every cell that the model knows holds a text of its own. */
function withPlainTexts(): Spec {
  const spec = practiceSpec('Used at random');
  const breakpoints = spec.breakpoints.map((breakpoint, index) => ({
    ...breakpoint,
    columns: { ...breakpoint.columns, container: 'fill' as const, margin: `${16 + index}px` },
    notes: `Note ${index}`,
  }));
  return { ...spec, breakpoints };
}

type Act = (page: Page, model: SheetModel, random: Random) => Promise<string>;

let names = 0;

/** A text that a row takes as it stands, other than those that are taken. */
function textFor(row: Row, model: SheetModel, random: Random): string {
  const froms = new Set(model.columns.map(({ 'From width': From }) => From));
  switch (row) {
    case 'Name':
      return `Screen ${++names}`;
    case 'From width': {
      const wanted = Array.from({ length: 40 }, () => String(random.whole(1, 2400)));
      return wanted.find((from) => !froms.has(from))!;
    }
    case 'Design size':
      return `${random.whole(320, 2400)} × ${random.whole(400, 1400)}`;
    case 'Notes':
      return `Words ${random.whole(1, 999)}`;
    case 'Count':
      return String(random.whole(1, 12));
    case 'Container':
      return random.oneOf(['fills', '240', '300']);
    default:
      return String(random.whole(0, 12));
  }
}

function anyCell(model: SheetModel, random: Random): { row: Row; column: Column } {
  const column = random.oneOf(model.columns);
  // the first breakpoint stays the first
  const rows = column === model.columns[0] ? ROWS.filter((row) => row !== 'From width') : ROWS;
  return { row: random.oneOf(rows), column };
}

const ACTS: Record<string, Act> = {
  async type(page, model, random) {
    const { row, column } = anyCell(model, random);
    const text = textFor(row, model, random);
    await cell(page, row, column.Name).click();
    await page.keyboard.type(text);
    await page.keyboard.press(random.oneOf(['Enter', 'Tab', 'Shift+Enter', 'Shift+Tab']));
    const { Name } = column;
    model.write(Name, row, text);
    return `${row}, ${Name}: ${text}`;
  },
  async typeAndGoElsewhere(page, model, random) {
    const { row, column } = anyCell(model, random);
    const text = textFor(row, model, random);
    await cell(page, row, column.Name).dblclick();
    await page.keyboard.press('ControlOrMeta+A');
    await page.keyboard.type(text);
    const other = random.oneOf(model.columns.filter(({ Name }) => Name !== column.Name)) ?? column;
    await cell(page, 'Gutter', other.Name).click();
    const { Name } = column;
    model.write(Name, row, text);
    return `${row}, ${Name}: ${text}, left by a click`;
  },
  async walkAndType(page, model, random) {
    const column = random.oneOf(model.columns);
    await cell(page, 'Count', column.Name).click();
    const steps = random.whole(-3, 3);
    for (let step = 0; step < Math.abs(steps); step++)
      await page.keyboard.press(steps < 0 ? 'ArrowLeft' : 'ArrowRight');
    const index = model.columns.indexOf(column) + steps;
    const there = model.columns[Math.min(model.columns.length - 1, Math.max(0, index))]!;
    const text = textFor('Count', model, random);
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    const { Name } = there;
    model.write(Name, 'Count', text);
    return `${steps} from ${column.Name}: count ${text}`;
  },
  async callOff(page, model, random) {
    const { row, column } = anyCell(model, random);
    await cell(page, row, column.Name).click();
    await page.keyboard.type(textFor(row, model, random));
    await page.keyboard.press('Escape');
    return `${row}, ${column.Name}: called off`;
  },
  async mistype(page, model, random) {
    const column = random.oneOf(model.columns);
    await cell(page, 'Gutter', column.Name).click();
    await page.keyboard.type('zz');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Gutter', column.Name).getByRole('textbox')).toHaveValue('zz');
    await page.keyboard.press('Escape');
    return `gutter, ${column.Name}: refused`;
  },
  async fillSeveral(page, model, random) {
    const first = random.whole(0, model.columns.length - 1);
    const last = random.whole(first, model.columns.length - 1);
    const text = textFor('Margin', model, random);
    await cell(page, 'Margin', model.columns[first]!.Name).click();
    for (let step = first; step < last; step++) await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    model.writeBlock(first, ROWS.indexOf('Margin'), [Array.from({ length: last - first + 1 }, () => text)]);
    return `margins ${first} to ${last}: ${text}`;
  },
  async paste(page, model, random) {
    const left = random.whole(0, model.columns.length - 1);
    const width = random.whole(1, model.columns.length - left);
    const line = (row: Row): string[] => Array.from({ length: width }, () => textFor(row, model, random));
    const texts = [line('Margin'), line('Gutter')];
    await page.evaluate(
      (text) => navigator.clipboard.writeText(text),
      texts.map((cells) => cells.join('\t')).join('\n'),
    );
    await cell(page, 'Margin', model.columns[left]!.Name).click();
    await page.keyboard.press('ControlOrMeta+V');
    model.writeBlock(left, ROWS.indexOf('Margin'), texts);
    return `paste ${JSON.stringify(texts)} at ${left}`;
  },
  async copyOver(page, model, random) {
    const [from, to] = [random.whole(0, model.columns.length - 1), random.whole(0, model.columns.length - 1)];
    const [source, target] = [model.columns[from]!, model.columns[to]!];
    await cell(page, 'Count', source.Name).click();
    await page.keyboard.press('ControlOrMeta+C');
    await cell(page, 'Count', target.Name).click();
    await page.keyboard.press('ControlOrMeta+V');
    model.writeBlock(to, ROWS.indexOf('Count'), [[source.Count]]);
    return `count of ${source.Name} to ${target.Name}`;
  },
  async add(page, model) {
    if (model.columns.length >= 8) return 'enough';
    await page.getByRole('button', { name: 'Add a breakpoint' }).click();
    const dialog = page.getByRole('dialog', { name: 'Add breakpoint' });
    await expect(dialog.getByLabel('From width (px)')).toBeFocused();
    const from = Number(await dialog.getByLabel('From width (px)').inputValue());
    await page.keyboard.press('Enter');
    if (model.columns.some(({ 'From width': From }) => Number(From) === from)) {
      await expect(dialog.getByRole('alert')).toBeVisible();
      await page.keyboard.press('Escape');
      return 'no room';
    }
    await expect(dialog).toBeHidden();
    const added = (await shownSheet(page)).find(({ Name }) => model.columns.every((each) => each.Name !== Name))!;
    const cut = model.at(from);
    const [width, height] = cut['Design size'].split(' × ').map(Number);
    const isThere = width! >= from && width! < model.endOf(cut);
    model.add({
      ...cut,
      Name: added.Name,
      'From width': String(from),
      'Design size': `${isThere ? width : from} × ${height}`,
      Notes: '',
    });
    return `add ${added.Name} at ${from}`;
  },
  async remove(page, model, random) {
    if (model.columns.length <= 2) return 'too few to remove';
    const { Name } = random.oneOf(model.columns);
    await cell(page, 'Name', Name).click();
    await page.keyboard.press('Delete');
    model.remove(Name);
    return `remove ${Name}`;
  },
  async pushBoundary(page, model, random) {
    const index = random.whole(1, model.columns.length - 1);
    const { Name, 'From width': From } = model.columns[index]!;
    const by = random.oneOf([-8, -1, 1, 8]);
    await page.getByRole('slider', { name: `${Name} starts at`, exact: true }).focus();
    await page.keyboard.press(`${Math.abs(by) === 8 ? 'Shift+' : ''}${by < 0 ? 'ArrowLeft' : 'ArrowRight'}`);
    const [lowest, highest] = [
      Number(model.columns[index - 1]!['From width']) + 1,
      model.endOf(model.columns[index]!) - 1,
    ];
    model.write(Name, 'From width', String(Math.min(highest, Math.max(lowest, Number(From) + by))));
    return `push ${Name} by ${by}`;
  },
  async dragBoundary(page, model, random) {
    const index = random.whole(1, model.columns.length - 1);
    const { Name, 'From width': From } = model.columns[index]!;
    const handle = page.getByRole('slider', { name: `${Name} starts at`, exact: true });
    const box = (await handle.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height - 4];
    const by = random.whole(-90, 90);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + by, y, { steps: 4 });
    await page.mouse.up();
    const from = Number(await handle.getAttribute('aria-valuenow'));
    const [lowest, highest] = [
      Number(model.columns[index - 1]!['From width']) + 1,
      model.endOf(model.columns[index]!) - 1,
    ];
    // it lands on the base unit, or stops at its neighbour
    expect(from % 8 === 0 || from === lowest || from === highest || String(from) === From).toBe(true);
    model.write(Name, 'From width', String(from));
    return `drag ${Name} by ${by} px on the rail to ${from}`;
  },
  async undo(page, model) {
    await pressIfThere(page, 'Undo');
    model.undo();
    return 'undo';
  },
  async redo(page, model) {
    await pressIfThere(page, 'Redo');
    model.redo();
    return 'redo';
  },
  async undoByKey(page, model, random) {
    await cell(page, 'Count', random.oneOf(model.columns).Name).click();
    await page.keyboard.press('ControlOrMeta+Z');
    model.undo();
    return 'undo by key';
  },
};

async function pressIfThere(page: Page, name: 'Undo' | 'Redo'): Promise<void> {
  const button = page.getByRole('button', { name, exact: true });
  if (await button.isEnabled()) await button.click();
}
