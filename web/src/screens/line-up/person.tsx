import { PERSON_M, PERSON_OUTLINE } from '../../parts/person-outline';

const HALF_M = Math.max(...PERSON_OUTLINE.map(([x]) => x));

/** A person beside a row, at its scale. @param scale pixels a metre */
export function Person({ scale }: { scale: number }) {
  return (
    <svg
      className="line-up-person"
      role="img"
      aria-label="A person of 1.70 m"
      width={HALF_M * 2 * scale}
      height={PERSON_M * scale}
      viewBox={`${-HALF_M} 0 ${HALF_M * 2} ${PERSON_M}`}
    >
      <polygon points={PERSON_OUTLINE.map(([x, y]) => `${x},${(PERSON_M - y).toFixed(3)}`).join(' ')} />
    </svg>
  );
}
