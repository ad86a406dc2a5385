import type { FindingMark } from '@haveld/contract/finding';

const WORDS: Record<FindingMark, string> = { holds: 'holds', look: 'look at this', blocks: 'cannot be catalogued' };

/** A tick, a triangle or a square: colour never stands alone. */
export function Mark({ mark }: { mark: FindingMark }) {
  return (
    <svg className="mark" viewBox="0 0 12 12" role="img" aria-label={WORDS[mark]}>
      {mark === 'holds' && <path d="M1.5 6.5 4.6 9.8 10.5 2.4" fill="none" stroke="var(--moss)" strokeWidth="1.8" />}
      {mark === 'look' && <path d="M6 1 11.5 11H.5Z" fill="var(--saffron)" />}
      {mark === 'blocks' && <rect x="1" y="1" width="10" height="10" fill="var(--brick)" />}
    </svg>
  );
}
