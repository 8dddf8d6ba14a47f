/** What is asked of the application in a rehearsal. */
export const KINDS = ['save', 'publish', 'latest', 'exact', 'stream'] as const;
export type Kind = (typeof KINDS)[number];

type Phase = {
  name: string;
  asked: Record<Kind, number>;
  errors: Map<string, number>;
  longestGap: number;
  began: number;
};

/** Keeps book of what was asked and what came of it, a part for each phase. */
export class Ledger {
  readonly phases: Phase[] = [];
  /** The oldest answer to `latest`: for how long there had been a newer edition, in ms. */
  oldestLatest = 0;
  private lastWrite = Date.now();

  begin(name: string): void {
    this.closeGap();
    const asked = Object.fromEntries(KINDS.map((kind) => [kind, 0])) as Record<Kind, number>;
    this.phases.push({ name, asked, errors: new Map(), longestGap: 0, began: Date.now() });
  }

  /** Something was asked; an error by its kind, such as `503` or `ECONNRESET`. */
  note(kind: Kind, error: string | null = null): void {
    const phase = this.phases.at(-1);
    if (!phase) return;
    phase.asked[kind]++;
    if (error !== null) phase.errors.set(`${kind} ${error}`, (phase.errors.get(`${kind} ${error}`) ?? 0) + 1);
    if (error === null && kind === 'save') {
      this.closeGap();
      this.lastWrite = Date.now();
    }
  }

  /** The time since the last successful save, in the phase in which it is longest so far. */
  closeGap(): void {
    const phase = this.phases.at(-1);
    if (phase) phase.longestGap = Math.max(phase.longestGap, Date.now() - this.lastWrite);
  }

  errorsOf(kind: Kind, phase?: string): number {
    return this.phases
      .filter(({ name }) => phase === undefined || name === phase)
      .flatMap(({ errors }) => [...errors])
      .reduce((sum, [what, count]) => sum + (what.startsWith(`${kind} `) ? count : 0), 0);
  }

  get longestGap(): number {
    return Math.max(0, ...this.phases.map(({ longestGap }) => longestGap));
  }

  table(): string {
    const head = ['phase', 'seconds', ...KINDS, 'longest without a save, s', 'errors'];
    const ends = [...this.phases.slice(1).map(({ began }) => began), Date.now()];
    const rows = this.phases.map(({ name, asked, errors, longestGap, began }, index) => [
      name,
      ((ends[index]! - began) / 1000).toFixed(0),
      ...KINDS.map((kind) => String(asked[kind])),
      (longestGap / 1000).toFixed(1),
      [...errors].map(([what, count]) => `${count} × ${what}`).join(', ') || 'none',
    ]);
    const widths = head.map((title, column) => Math.max(title.length, ...rows.map((row) => row[column]!.length)));
    return [head, ...rows]
      .map((row) =>
        row
          .map((text, column) =>
            column === 0 || column === head.length - 1 ? text.padEnd(widths[column]!) : text.padStart(widths[column]!),
          )
          .join('  '),
      )
      .join('\n');
  }
}
