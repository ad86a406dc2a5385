import type { Evidence } from '@haveld/contract/finding';
import type { PivotPlace } from './judge-pivot';

/** What a model is held by. */
export type MountId = 'floor' | 'wall' | 'ceiling' | 'free';

export interface Mount {
  id: MountId;
  label: string;
  /** Where its pivot belongs. Common practice, no source. */
  pivot: PivotPlace;
  confidence: number;
  evidence: Evidence[];
}

export interface MountQuestion {
  name: string;
  /** Width, height, depth of the standing model, any unit. */
  size: readonly [number, number, number];
  /** Share of its back, top and foot that is one flat face; null without surface. */
  flat: { back: number; top: number; foot: number } | null;
  /** Its middle lies over what it stands on. */
  isBalanced: boolean;
}

interface Row {
  label: string;
  pivot: PivotPlace;
  prior: number;
  names: RegExp;
}

/** What hangs and what flies, by name. Common practice, no source. */
const MOUNTS: Record<MountId, Row> = {
  floor: { label: 'stands', pivot: 'base-centre', prior: 0.93, names: /$^/ },
  wall: {
    label: 'hangs on a wall',
    pivot: 'wall',
    prior: 0.04,
    names:
      /\b(picture|painting|poster|mirror|sconce|wall|signboard|plaque|notice ?board|clock face|barometer|socket|switch|radiator|bracket|coat ?(rack|hook)s?|towel (rail|rack)|thermostat|intercom)\b/i,
  },
  ceiling: {
    label: 'hangs from a ceiling',
    pivot: 'ceiling',
    prior: 0.015,
    names:
      /\b(chandelier|pendant|ceiling|hanging lamp|hanging light|smoke (detector|alarm)|sprinkler|projector mount|disco ball)\b/i,
  },
  free: {
    label: 'is free in the air or in a hand',
    pivot: 'balance-point',
    prior: 0.015,
    names:
      /\b(flying|plane|airplane|aeroplane|helicopter|drone|balloon|kite|cloud|planet|moon|asteroid|satellite|bullet|arrow)\b/i,
  },
};
const BY_NAME = 90;
const BY_SHAPE = 4;

/**
 * Does it stand, hang, or float?
 * @returns all four, most likely first; they sum to 1
 */
export function judgeMount({ name, size, flat, isBalanced }: MountQuestion): Mount[] {
  const words = name.replaceAll('_', ' ');
  const [width, height, depth] = size;
  const isThin = depth < Math.min(width, height) * 0.2;
  const mounts = (Object.keys(MOUNTS) as MountId[]).map((id): Mount => {
    const row = MOUNTS[id];
    const evidence: Evidence[] = [];
    let weight = row.prior;
    const match = row.names.exec(words);
    if (match) {
      weight *= BY_NAME;
      evidence.push({ text: `by its name it ${row.label}`, figure: match[0] });
    }
    if (id === 'wall' && isThin && !isBalanced) {
      weight *= BY_SHAPE * 2;
      evidence.push({ text: 'it is thin and would not stand by itself' });
    }
    if (id === 'wall' && flat && flat.back > 0.6 && isThin) {
      weight *= BY_SHAPE;
      evidence.push({ text: 'its back is one flat face', figure: `${Math.round(Math.min(1, flat.back) * 100)} %` });
    }
    if (id === 'ceiling' && match && flat && flat.top > flat.foot) {
      weight *= BY_SHAPE;
      evidence.push({ text: 'its top is flatter than its foot' });
    }
    if (id === 'floor' && isBalanced) evidence.push({ text: 'its middle lies over what it stands on' });
    return { id, label: row.label, pivot: row.pivot, confidence: weight, evidence };
  });
  const sum = mounts.reduce((total, { confidence }) => total + confidence, 0);
  for (const mount of mounts) mount.confidence /= sum;
  return mounts.sort((a, b) => b.confidence - a.confidence);
}
