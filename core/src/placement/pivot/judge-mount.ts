import type { Evidence } from '@haveld/contract/finding';
import { headWords } from '../../text/head-words';
import type { PivotPlace } from './judge-pivot';

/** What a model is held by. */
export type MountId = 'floor' | 'wall' | 'ceiling' | 'free' | 'hand' | 'body' | 'part';

export interface Mount {
  id: MountId;
  label: string;
  /** Where its pivot belongs where it did not come at a place of its own. Common practice, no source. */
  pivot: PivotPlace;
  /** Its pivot is where it is gripped, worn or turns: one that lies within it was put there. */
  isGiven: boolean;
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
  isGiven?: true;
}

/** What hangs, flies, is held or worn, by name. Common practice, no source. */
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
  hand: {
    label: 'is held in a hand',
    pivot: 'balance-point',
    prior: 0.012,
    isGiven: true,
    names:
      /\b(sword|sabre|dagger|knife|machete|axe|hatchet|hammer|mallet|club|mace|spear|bow|crossbow|gun|pistol|revolver|rifle|shotgun|musket|blaster|wrench|spanner|screwdriver|pliers|saw|chisel|drill|shovel|spade|rake|hoe|pickaxe|wand|staff|torch|flashlight|lantern|controller|gamepad|joystick|handset|remote|phone|smartphone|brush|pen|pencil|quill|umbrella|fork|spoon|ladle|tongs|scissors|racket|bat|paddle|oar|flute|violin|guitar)\b/i,
  },
  body: {
    label: 'is worn',
    pivot: 'base-centre',
    prior: 0.006,
    isGiven: true,
    names:
      /\b(hat|cap|helmet|hood|crown|tiara|mask|glasses|goggles|sunglasses|headset|headphones|earrings?|necklace|ring|bracelet|watch|gloves?|boots?|shoes?|sandals?|jacket|coat|shirt|trousers|skirt|dress|belt|backpack|cape|cloak|armou?r|wig|beard)\b/i,
  },
  part: {
    label: 'is part of another thing',
    pivot: 'box-centre',
    prior: 0.006,
    isGiven: true,
    names:
      /\b(wheel|rim|tyre|tire|propeller|rotor|blade|knob|handle|lever|trigger|button|scope|barrel|magazine|turret|antenna|gear|cog|pulley|hinge|rudder|wing|tail|arm|leg|spoiler|bumper|hubcap)\b/i,
  },
  free: {
    label: 'is free in the air',
    pivot: 'balance-point',
    prior: 0.015,
    names:
      /\b(flying|plane|airplane|aeroplane|helicopter|drone|balloon|kite|cloud|planet|moon|asteroid|satellite|bullet|arrow)\b/i,
  },
};
const BY_NAME = 90;
const BY_SHAPE = 4;

/**
 * Does it stand, hang or float, is it held, worn, or part of something else?
 * @returns all, most likely first; they sum to 1
 */
export function judgeMount({ name, size, flat, isBalanced }: MountQuestion): Mount[] {
  const words = name.replaceAll('_', ' ');
  const head = headWords(name).join(' ');
  const [width, height, depth] = size;
  const isThin = depth < Math.min(width, height) * 0.2;
  const mounts = (Object.keys(MOUNTS) as MountId[]).map((id): Mount => {
    const row = MOUNTS[id];
    const evidence: Evidence[] = [];
    let weight = row.prior;
    const match = row.isGiven ? matchHead(row.names, head) : row.names.exec(words);
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
    if (id === 'floor' && isBalanced) evidence.push({ text: 'its centre of mass lies over what it stands on' });
    return { id, label: row.label, pivot: row.pivot, isGiven: row.isGiven ?? false, confidence: weight, evidence };
  });
  const sum = mounts.reduce((total, { confidence }) => total + confidence, 0);
  for (const mount of mounts) mount.confidence /= sum;
  return mounts.sort((a, b) => b.confidence - a.confidence);
}

/** What a thing is held by as far as its name says; a standing thing where it says nothing. */
export const mountByName = (name: string): MountId =>
  judgeMount({ name, size: [1, 1, 1], flat: null, isBalanced: true })[0].id;

/** What is held, worn or a part is so by what it is, not by what its name mentions: an umbrella stand stands. */
function matchHead(names: RegExp, head: string): RegExpExecArray | null {
  const at = head.lastIndexOf(' ') + 1;
  const match = names.exec(head.slice(at).replace(/s$/, '')) ?? names.exec(head.slice(at));
  if (match && match[0].length >= head.length - at - 1) return match;
  return null;
}
