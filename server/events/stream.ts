import { type Hub, OVER, type Watcher } from './hub';
import { STREAM_LIMITS } from './limits';

type Opened = Omit<Watcher, 'send' | 'breathe' | 'end'>;

/**
 * An event stream (HTML Living Standard, section 9.2, server-sent events): `saved` with the edits of revisions and the newest one as its id, `here` with who
 * is at the draft, `far` where too much is new to be told, `over` where whoever listens may no longer read.
 *
 *     id: 14
 *     event: saved
 *     data: {"revision":14,"changedAt":"…","edits":[[{"at":["breakpoints","phone","columns","gutter"],"before":16,"after":12}]],"by":["Obi Lorne"]}
 */
export function openStream(hub: Hub, opened: Opened): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let watcher: Watcher;
  let written = 0;
  return new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const write = (text: string): void => {
          try {
            const bytes = encoder.encode(text);
            controller.enqueue(bytes);
            // whoever reads comes back and goes on where it was; for whoever does not, no more is kept
            written += bytes.length;
            if (written > STREAM_LIMITS.bytes) leave();
          } catch {
            leave();
          }
        };
        const leave = (): void => {
          hub.remove(watcher);
          try {
            controller.close();
          } catch {
            // it is closed already
          }
        };
        watcher = {
          ...opened,
          send: ({ text }) => write(text),
          breathe: () => write(': \n\n'),
          end: (why) => {
            if (why === 'over') write(OVER.text);
            leave();
          },
        };
        write('retry: 1000\n\n');
        hub.add(watcher);
      },
      cancel() {
        hub.remove(watcher);
      },
    },
    new ByteLengthQueuingStrategy({ highWaterMark: 65_536 }),
  );
}
