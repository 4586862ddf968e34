import { format } from '@/core/quantity/format';

/** Median, 95th and 99th percentile of times in ms, for a person. */
export function summary(times: readonly number[]): string {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => {
    const value = sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
    return format({ dim: 'number', value }, '', { figures: 2 });
  };
  return `median ${at(0.5)} ms, p95 ${at(0.95)} ms, p99 ${at(0.99)} ms, ${sorted.length} runs`;
}
