/** What is asked of the application in a rehearsal. */
export const KINDS = ['save', 'publish', 'latest', 'exact', 'stream'] as const;
export type Kind = (typeof KINDS)[number];

type Phase = {
  name: string;
  asked: Record<Kind, number>;
  errors: Map<string, number>;
  /** What was cut off in the middle of, or not reached, since its process was killed on purpose. */
  cut: Map<string, number>;
  /** Was a process killed in it, so that connections end without an answer? */
  kills: boolean;
  /** How long saves took, in ms. */
  saves: number[];
  longestGap: number;
  began: number;
};

/** How a connection ends whose other end is gone. */
const CUT_OFF = new Set(['ECONNRESET', 'ECONNREFUSED', 'UND_ERR_SOCKET', 'EPIPE', 'cut']);

const listed = (counts: Map<string, number>): string =>
  [...counts].map(([what, count]) => `${count} × ${what}`).join(', ') || 'none';

/** Keeps book of what was asked and what came of it, a part for each phase. */
export class Ledger {
  readonly phases: Phase[] = [];
  /** The oldest answer to `latest`: for how long there had been a newer edition, in ms. */
  oldestLatest = 0;
  private lastWrite = Date.now();

  /** @param kills a process is killed in this phase: what it was in the middle of is no error of its own */
  begin(name: string, { kills = false } = {}): void {
    this.closeGap();
    const asked = Object.fromEntries(KINDS.map((kind) => [kind, 0])) as Record<Kind, number>;
    this.phases.push({
      name,
      asked,
      errors: new Map(),
      cut: new Map(),
      kills,
      saves: [],
      longestGap: 0,
      began: Date.now(),
    });
  }

  /** Something was asked; an error by its kind, such as `503` or `ECONNRESET`. */
  note(kind: Kind, error: string | null = null, ms = 0): void {
    const phase = this.phases.at(-1);
    if (!phase) return;
    phase.asked[kind]++;
    if (error !== null) {
      const counts = phase.kills && CUT_OFF.has(error) ? phase.cut : phase.errors;
      counts.set(`${kind} ${error}`, (counts.get(`${kind} ${error}`) ?? 0) + 1);
    }
    if (error === null && kind === 'save') {
      phase.saves.push(ms);
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

  /**
   * How much slower this machine is at a save, while all is well, than one with nothing else to do (60 ms, measured on two cores); at least 1. Waits are judged by it: a slow
   * machine loses nothing.
   */
  get slowness(): number {
    const saves = [...(this.phases[0]?.saves ?? [])].sort((a, b) => a - b);
    return Math.max(1, (saves[Math.floor(saves.length / 2)] ?? 0) / 60);
  }

  get longestGap(): number {
    return Math.max(0, ...this.phases.map(({ longestGap }) => longestGap));
  }

  table(): string {
    const head = ['phase', 'seconds', ...KINDS, 'longest without a save, s', 'cut by the kill', 'errors'];
    const ends = [...this.phases.slice(1).map(({ began }) => began), Date.now()];
    const rows = this.phases.map(({ name, asked, errors, cut, longestGap, began }, index) => [
      name,
      ((ends[index]! - began) / 1000).toFixed(0),
      ...KINDS.map((kind) => String(asked[kind])),
      (longestGap / 1000).toFixed(1),
      listed(cut),
      listed(errors),
    ]);
    const widths = head.map((title, column) => Math.max(title.length, ...rows.map((row) => row[column]!.length)));
    return [head, ...rows]
      .map((row) =>
        row
          .map((text, column) =>
            column === 0 || column >= head.length - 2 ? text.padEnd(widths[column]!) : text.padStart(widths[column]!),
          )
          .join('  '),
      )
      .join('\n');
  }
}
