import { setMaxListeners } from 'node:events';
import type { Kind, Ledger } from './ledger';
import { pause } from './processes';
import type { Scene } from './scene';

/** Where requests go; several are tried in turn, as a balancer would. */
export type Target = () => string[];

/** A save that was acknowledged. */
export type Acknowledged = { spec: string; at: string[]; after: string };

/** An edition whose publishing was acknowledged. */
export type Edition = { slug: string; version: string; at: number };

type Answer = { status: number; headers: Headers; text: string };

/** Readers and writers of a rehearsal, and what they were told. */
export class Load {
  readonly acknowledged: Acknowledged[] = [];
  readonly editions: Edition[] = [];
  /** The newest revision of the shared spec that each stream has heard of, and how many revisions it was told. */
  readonly streams: { revision: number; told: number; from: number }[] = [];
  private isOver = false;
  private hasEnded = false;
  private readonly running: Promise<unknown>[] = [];
  private readonly listening: Promise<unknown>[] = [];
  private readonly stopping = new AbortController();

  constructor(
    private readonly scene: Scene,
    private readonly target: Target,
    private readonly ledger: Ledger,
  ) {}

  start({ streams, readers }: { streams: number; readers: number }): void {
    setMaxListeners(0, this.stopping.signal);
    const { own, shared, published, cookies } = this.scene;
    const cookie = (index: number): string => cookies[index % cookies.length]!;
    own.forEach(({ id }, index) => this.run(this.write(id, 'phone', cookie(index), `own ${index}`)));
    shared.breakpoints.forEach((at, index) => this.run(this.write(shared.id, at, cookie(index), `shared ${index}`)));
    published.forEach((spec, index) => this.run(this.publish(spec, cookie(index))));
    for (let index = 0; index < readers; index++) {
      this.run(this.readLatest(index));
      this.run(this.readExact(index));
    }
    for (let index = 0; index < streams; index++) this.listening.push(this.listen(index, cookie(index)));
  }

  /** Stops, waits until everything that was asked is answered, and then until every stream has heard of the newest revision, or has had time enough. */
  async end(newest: () => Promise<number> = () => Promise.resolve(0)): Promise<void> {
    this.isOver = true;
    await Promise.all(this.running);
    const last = await newest();
    for (const until = Date.now() + 20_000; Date.now() < until; await pause(200))
      if (this.streams.every(({ revision }) => revision >= last)) break;
    this.hasEnded = true;
    this.stopping.abort();
    await Promise.all(this.listening);
  }

  private run(work: Promise<unknown>): void {
    this.running.push(work);
  }

  /** Asks once; where a process cannot be reached, the next is asked, as by a balancer. */
  private async ask(kind: Kind, path: string, init: RequestInit): Promise<Answer | null> {
    let error = '';
    for (const base of this.target()) {
      const began = Date.now();
      try {
        const response = await fetch(`${base}${path}`, { ...init, signal: AbortSignal.timeout(15_000) });
        const answer = { status: response.status, headers: response.headers, text: await response.text() };
        const isError = answer.status >= 500;
        this.ledger.note(kind, isError ? String(answer.status) : null, Date.now() - began);
        return isError ? null : answer;
      } catch (caught) {
        const { name, cause } = caught as Error & { cause?: { code?: string } };
        error = cause?.code ?? name;
        // only what was never sent is asked again of another
        if (error !== 'ECONNREFUSED' && kind !== 'latest' && kind !== 'exact') break;
      }
    }
    this.ledger.note(kind, error);
    return null;
  }

  private json(kind: Kind, method: string, path: string, cookie: string, body: unknown): Promise<Answer | null> {
    return this.ask(kind, path, {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  }

  /** Saves one new text after the other in one place, each until it is acknowledged. */
  private async write(spec: string, breakpoint: string, cookie: string, name: string): Promise<void> {
    const at = ['breakpoints', breakpoint, 'notes'];
    let [revision, before] = [1, ''];
    for (let number = 1; !this.isOver; number++) {
      const after = `${name}, ${number}`;
      const edits = [{ at, before, after }];
      for (;;) {
        const answer = await this.json('save', 'PUT', `/api/specs/${spec}/draft`, cookie, { revision, edits });
        if (answer?.status === 200) {
          ({ revision } = JSON.parse(answer.text) as { revision: number });
          this.acknowledged.push({ spec, at, after });
          before = after;
          break;
        }
        if (answer) throw new Error(`a save was answered ${answer.status}: ${answer.text.slice(0, 300)}`);
        if (this.isOver) return;
        await pause(200);
      }
      await pause(60 + Math.random() * 120);
    }
  }

  /** Changes a text and publishes, again and again. */
  private async publish({ id, slug }: { id: string; slug: string }, cookie: string): Promise<void> {
    let [revision, before] = [1, ''];
    const at = ['breakpoints', 'phone', 'notes'];
    for (let number = 0; !this.isOver; number++) {
      const after = `edition ${number}`;
      const version = `1.0.${number}`;
      for (let isSaved = false; !isSaved;) {
        const answer = await this.json('save', 'PUT', `/api/specs/${id}/draft`, cookie, {
          revision,
          edits: [{ at, before, after }],
        });
        isSaved = answer?.status === 200;
        if (isSaved) ({ revision } = JSON.parse(answer!.text) as { revision: number });
        else if (this.isOver) return;
        else await pause(300);
      }
      before = after;
      for (let isPublished = false; !isPublished;) {
        const body = { revision, version, note: after };
        const answer = await this.json('publish', 'POST', `/api/specs/${id}/editions`, cookie, body);
        // published by an attempt whose answer was lost
        isPublished = answer?.status === 201 || (answer?.status === 422 && /nothing new to publish/.test(answer.text));
        if (isPublished) this.editions.push({ slug, version, at: Date.now() });
        else if (answer) throw new Error(`publishing was answered ${answer.status}: ${answer.text.slice(0, 300)}`);
        else if (this.isOver) return;
        else await pause(300);
      }
      // an edition's pictures and pages keep a core busy for seconds
      await pause(4_000 + Math.random() * 2_000);
    }
  }

  private read(kind: 'latest' | 'exact', slug: string, version: string): Promise<Answer | null> {
    const path = `/e/${this.scene.team}/${slug}/${version}/grid.css`;
    return this.ask(kind, path, { headers: { authorization: `Bearer ${this.scene.key}` } });
  }

  private async readLatest(index: number): Promise<void> {
    while (!this.isOver) {
      const { slug } = this.scene.published[index % this.scene.published.length]!;
      const known = this.editions.filter((each) => each.slug === slug);
      const [askedAt, newest] = [Date.now(), known.at(-1)];
      if (newest) {
        const answer = await this.read('latest', slug, 'latest');
        const version = /\/(\d+\.\d+\.\d+)\//.exec(answer?.headers.get('content-location') ?? '')?.[1];
        if (answer && !version) this.ledger.note('latest', `answered ${answer.status} without a version`);
        const next = known.findIndex((each) => each.version === version) + 1;
        // a newer one was acknowledged before this was asked: for how long
        if (version && next > 0 && next < known.length)
          this.ledger.oldestLatest = Math.max(this.ledger.oldestLatest, askedAt - known[next]!.at);
      }
      await pause(30);
    }
  }

  private async readExact(index: number): Promise<void> {
    while (!this.isOver) {
      const known = this.editions[Math.floor(Math.random() * this.editions.length)] ?? this.editions[index];
      if (known) {
        const answer = await this.read('exact', known.slug, known.version);
        if (answer && answer.status !== 200) this.ledger.note('exact', `answered ${answer.status}`);
      }
      await pause(30);
    }
  }

  /** An event stream of the shared spec, opened again from where it was whenever it ends. */
  private async listen(index: number, cookie: string): Promise<void> {
    const heard = { revision: 1, told: 0, from: 1 };
    this.streams.push(heard);
    for (let turn = 0; !this.hasEnded; turn++) {
      const window = `rehearsal${index}x${turn}`;
      const path = `/api/specs/${this.scene.shared.id}/events?window=${window}&view=bench&since=${heard.revision}`;
      const bases = this.target();
      try {
        const response = await fetch(`${bases[(index + turn) % bases.length]}${path}`, {
          headers: { cookie },
          signal: this.stopping.signal,
        });
        this.ledger.note('stream', response.status === 200 ? null : String(response.status));
        if (response.status === 200) await this.hear(response, heard);
      } catch (caught) {
        if (this.hasEnded) return;
        this.ledger.note('stream', (caught as Error & { cause?: { code?: string } }).cause?.code ?? 'cut');
      }
      await pause(300 + Math.random() * 700);
    }
  }

  private async hear(response: Response, heard: { revision: number; told: number }): Promise<void> {
    const decoder = new TextDecoder();
    let text = '';
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += decoder.decode(chunk, { stream: true });
      const events = text.split('\n\n');
      text = events.pop()!;
      for (const event of events) {
        if (!event.includes('event: saved')) continue;
        const { revision, edits } = JSON.parse(/^data: (.*)$/m.exec(event)![1]!) as {
          revision: number;
          edits: unknown[];
        };
        heard.told += edits.length;
        heard.revision = revision;
      }
    }
  }
}
