/** How the curve goes from one key to the next. */
export interface Segment {
  mode: 'constant' | 'linear' | 'cubic';
  /** Constant segments may already have the next key's value. */
  takesNext: boolean;
  /** Slopes at both ends, units a second. */
  right: number;
  nextLeft: number;
  /** Length of the tangents in parts of the segment; null where they are a third. */
  weights: [number, number] | null;
  /** Instead of slopes: where the two inner points of a Bézier lie, in parts of the time and as values. */
  controls?: { x1: number; y1: number; x2: number; y2: number };
}

const THIRD = 1 / 3;

/** One animated number over time. */
export class Curve {
  readonly times: Float64Array;
  readonly #values: Float64Array;
  readonly #segments: Segment[];

  constructor(times: Float64Array, values: Float64Array, segments: Segment[]) {
    this.times = times;
    this.#values = values;
    this.#segments = segments;
  }

  /** Times just before a jump, so that sampling sees it. */
  listJumps(): number[] {
    const jumps: number[] = [];
    for (let i = 0; i + 1 < this.times.length; i++)
      if (this.#segments[i]?.mode === 'constant' && this.#values[i] !== this.#values[i + 1])
        jumps.push(this.#segments[i].takesNext ? this.times[i] + 1e-4 : this.times[i + 1] - 1e-4);
    return jumps;
  }

  /** @returns the value at a time in seconds; before the first and after the last key, theirs */
  evaluate(time: number): number {
    const { times } = this;
    const values = this.#values;
    const last = times.length - 1;
    if (time <= times[0]) return values[0];
    if (time >= times[last]) return values[last];
    let low = 0;
    let high = last;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (times[middle] <= time) low = middle;
      else high = middle;
    }
    const segment = this.#segments[low];
    const span = times[high] - times[low];
    const u = (time - times[low]) / span;
    const [a, b] = [values[low], values[high]];
    if (segment.mode === 'constant') return segment.takesNext ? b : a;
    if (segment.mode === 'linear') return a + (b - a) * u;
    if (segment.controls) {
      const { x1, y1, x2, y2 } = segment.controls;
      return bezier(solveBezierTime(u, x1, x2), a, y1, y2, b);
    }
    const [w0, w1] = segment.weights ?? [THIRD, THIRD];
    const s = segment.weights ? solveBezierTime(u, w0, 1 - w1) : u;
    return bezier(s, a, a + segment.right * span * w0, b - segment.nextLeft * span * w1, b);
  }
}

function bezier(s: number, a: number, b: number, c: number, d: number): number {
  const r = 1 - s;
  return r * r * r * a + 3 * r * r * s * b + 3 * r * s * s * c + s * s * s * d;
}

/** Where along a Bézier with times 0, x1, x2, 1 the time `u` lies: Newton's steps, halving where they leave the span. */
function solveBezierTime(u: number, x1: number, x2: number): number {
  let low = 0;
  let high = 1;
  let s = u;
  for (let i = 0; i < 24; i++) {
    const error = bezier(s, 0, x1, x2, 1) - u;
    if (Math.abs(error) < 1e-9) break;
    if (error > 0) high = s;
    else low = s;
    const r = 1 - s;
    const slope = 3 * r * r * x1 + 6 * r * s * (x2 - x1) + 3 * s * s * (1 - x2);
    const next = s - error / slope;
    s = next > low && next < high ? next : (low + high) / 2;
  }
  return s;
}
