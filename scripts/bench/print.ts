/**
 * A line of a bench: the median and the 95th percentile of times in ms.
 */
export function print(name: string, times: number[], goal: string) {
  const sorted = times.toSorted((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor(sorted.length * share)]?.toFixed(1).padStart(5);
  console.log(`  ${name.padEnd(24)} p50 ${at(0.5)} ms   p95 ${at(0.95)} ms${goal}`);
}
