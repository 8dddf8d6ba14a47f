/** Rows of the sheet that the model knows, in their order, by the names that the sheet gives them. */
export const ROWS = ['Name', 'From width', 'Design size', 'Notes', 'Count', 'Container', 'Margin', 'Gutter'] as const;
export type Row = (typeof ROWS)[number];

/** A column of the sheet: what each of its cells shows. */
export type Column = Record<Row, string>;

const MOST_STEPS = 200;

/** What a person who looks at the sheet expects of it: columns by width, each with its texts; steps back and forth. */
export class SheetModel {
  private past: Column[][] = [];
  private future: Column[][] = [];
  constructor(private now: Column[]) {}

  get columns(): readonly Column[] {
    return this.now;
  }

  column(name: string): Column {
    return this.now.find((column) => column.Name === name)!;
  }

  write(name: string, row: Row, text: string): void {
    this.become(this.now.map((column) => (column.Name === name ? { ...column, [row]: text } : column)));
  }

  writeBlock(left: number, top: number, texts: string[][]): void {
    this.become(
      this.now.map((column, index) => {
        const changed = { ...column };
        for (const [down, line] of texts.entries()) {
          const text = line[index - left];
          if (text !== undefined) changed[ROWS[top + down]!] = text;
        }
        return changed;
      }),
    );
  }

  add(column: Column): void {
    this.become([...this.now, column]);
  }

  remove(name: string): void {
    const [first, ...others] = this.now.filter((column) => column.Name !== name);
    this.become([{ ...first!, 'From width': '0' }, ...others]);
  }

  undo(): void {
    const before = this.past.pop();
    if (!before) return;
    this.future.push(this.now);
    this.now = before;
  }

  redo(): void {
    const after = this.future.pop();
    if (!after) return;
    this.past.push(this.now);
    this.now = after;
  }

  /** The column that applies at a width. */
  at(width: number): Column {
    return this.now.findLast((column) => Number(column['From width']) <= width) ?? this.now[0]!;
  }

  /** Where the range of a column ends; infinite for the last. */
  endOf(column: Column): number {
    return Number(this.now[this.now.indexOf(column) + 1]?.['From width'] ?? Infinity);
  }

  private become(columns: Column[]): void {
    const sorted = columns.toSorted((a, b) => Number(a['From width']) - Number(b['From width']));
    if (JSON.stringify(sorted) === JSON.stringify(this.now)) return;
    this.past = [...this.past, this.now].slice(-MOST_STEPS);
    this.future = [];
    this.now = sorted;
  }
}
