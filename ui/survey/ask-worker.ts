import type { SurveyNews, SurveyOrder } from './survey.worker';

/** An order that the worker works on, and how to end it. */
export type Asked = { news: Promise<SurveyNews>; end: () => void };

/** Was an order ended before it was answered? */
export class Ended extends Error {}

/** Gives the worker an order: its last news is the answer; progress is told on the way. */
export function askWorker(order: SurveyOrder, onProgress: (done: number) => void = () => {}): Asked {
  const worker = new Worker(new URL('./survey.worker.ts', import.meta.url), { type: 'module' });
  let end = (): void => {};
  const news = new Promise<SurveyNews>((resolve, reject) => {
    end = () => {
      worker.onmessage = null;
      worker.onerror = null;
      worker.terminate();
      reject(new Ended());
    };
    worker.onmessage = ({ data }: MessageEvent<SurveyNews>) => {
      if (data.is === 'progress') return onProgress(data.done);
      worker.terminate();
      resolve(data);
    };
    worker.onerror = () => {
      worker.terminate();
      resolve({ is: 'refused', problem: 'Reading the picture failed. Try a smaller one.' });
    };
  });
  news.catch(() => {});
  worker.postMessage(order);
  return { news, end };
}
