import { useEffect, useMemo, useState } from 'react';
import { describeRow } from '@haveld/core/placement/kit/row-of';
import type { Trial } from './stage/trial-player';
import { dropTreated } from './use-treated';

export type TrialKind = 'turn' | 'drop' | 'pile' | 'row';

export interface Trials {
  kind: TrialKind | null;
  trial: Trial | null;
  /** What came of it. */
  summary: string;
  toggle: (kind: TrialKind) => void;
}

const IN_A_PILE = 3;
const IN_A_ROW = 6;

/**
 * Tests of a model: one at a time, ended by a new model.
 * @param widthM null where its lengths mean nothing
 * @param moduleM of its kit; null where it has none
 */
export function useTrials(glb: ArrayBuffer | null, widthM: number | null, moduleM: number | null): Trials {
  const [kind, setKind] = useState<TrialKind | null>(null);
  const [dropped, setDropped] = useState<{
    glb: ArrayBuffer;
    count: number;
    trial: Trial | null;
    summary: string;
  } | null>(null);
  const count = kind === 'drop' ? 1 : kind === 'pile' ? IN_A_PILE : 0;
  useEffect(() => {
    if (count === 0 || !glb) return;
    let current = true;
    dropTreated(new Uint8Array(glb.slice(0)), count).then(
      (result) => {
        if (!current) return;
        const trial: Trial | null = result && { kind: 'drop', result };
        setDropped({ glb, count, trial, summary: result?.summary ?? 'it has no surface to lie on' });
      },
      (error: unknown) =>
        current && setDropped({ glb, count, trial: null, summary: `cannot be tried: ${(error as Error).message}` }),
    );
    return () => {
      current = false;
    };
  }, [glb, count]);
  const toggle = (next: TrialKind): void => {
    setDropped(null);
    setKind((now) => (now === next ? null : next));
  };
  const row = useMemo(() => {
    if (widthM === null) return null;
    const { pitch, summary } = describeRow(widthM, IN_A_ROW, moduleM);
    return { trial: { kind: 'row', count: IN_A_ROW, pitch } as const, summary };
  }, [widthM, moduleM]);
  const fallen = dropped?.glb === glb && dropped?.count === count ? dropped : WAITING;
  const shown = { turn: TURNING, drop: fallen, pile: fallen, row: row ?? NOTHING };
  const { trial, summary } = kind ? shown[kind] : NOTHING;
  return { kind, trial, summary, toggle };
}

const NOTHING = { trial: null, summary: '' };
const TURNING = { trial: { kind: 'turn' } as const, summary: '' };
const WAITING = { trial: null, summary: 'working it out …' };
