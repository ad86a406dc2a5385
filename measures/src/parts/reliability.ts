/** One judgement and whether it was right. */
export interface Judged {
  subject: string;
  group: string;
  confidence: number;
  isRight: boolean;
}

/** Under so many a bin says nothing by itself and is pooled with that of the other subjects. */
const LEAST = 30;
const BINS = [0, 0.5, 0.7, 0.8, 0.9, 0.95, 0.98, 1.0001];

/** What is stated against how often it was right, by subject, with 95 % intervals (Wilson 1927). */
export function describeReliability(judged: readonly Judged[]): string {
  const lines = ['stated confidence against how often it was right (95 % intervals)'];
  const pooled = new Map<number, Judged[]>();
  for (const subject of new Set(judged.map((one) => one.subject)))
    for (let bin = 0; bin + 1 < BINS.length; bin++) {
      const here = judged.filter((one) => one.subject === subject && isWithin(one, bin));
      if (here.length === 0) continue;
      if (here.length < LEAST) pooled.set(bin, [...(pooled.get(bin) ?? []), ...here]);
      else lines.push(describeBin(subject, here));
    }
  for (const [bin, here] of [...pooled].sort(([a], [b]) => a - b))
    lines.push(describeBin(`pooled ${BINS[bin].toFixed(2)}`, here));
  return lines.join('\n');
}

const isWithin = ({ confidence }: Judged, bin: number): boolean =>
  confidence >= BINS[bin] && confidence < BINS[bin + 1];

function describeBin(label: string, here: readonly Judged[]): string {
  const said = here.reduce((sum, { confidence }) => sum + Math.min(1, confidence), 0) / here.length;
  const right = here.filter(({ isRight }) => isRight).length;
  const [low, high] = wilson(right, here.length);
  const off = high < said && said >= 0.9 ? '  ← says more than it knows' : '';
  return `  ${label.padEnd(12)} ${percent(said)} said, ${percent(right / here.length)} right (${percent(low)} to ${percent(high)}), n ${here.length}${off}`;
}

function wilson(right: number, n: number): [number, number] {
  const z = 1.96;
  const p = right / n;
  const middle = p + (z * z) / (2 * n);
  const reach = z * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n));
  return [middle - reach, middle + reach].map((v) => v / (1 + (z * z) / n)) as [number, number];
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;
