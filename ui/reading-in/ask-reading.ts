import type { ReadingAnswer, ReadingOrder } from './reading.worker';

/** An order that is worked on: reading may take seconds, and is ended when something else is asked. */
export function askReading<Order extends ReadingOrder>(
  order: Order,
  onAnswer: (answer: ReadingAnswer<Order>) => void,
): () => void {
  const worker = new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<ReadingAnswer<Order>>) => {
    worker.terminate();
    onAnswer(data);
  };
  worker.onerror = () => {
    worker.terminate();
    onAnswer({ problem: 'Reading the file failed. Try a smaller file.' } as ReadingAnswer<Order>);
  };
  worker.postMessage(order);
  return () => worker.terminate();
}
