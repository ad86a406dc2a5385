import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { HouseTreatmentRule, Mended, PartCondition } from '@haveld/contract/house-treatment';
import { formatLength } from '../../placement/units';
import { count } from '../../text/count';
import { describeReduction } from '../describe-reduction';

/** What each mends, as it is said. */
export const MENDED_WORDS: Record<Mended, string> = {
  doubled: 'take out parts that stand in one place twice',
  faces: 'remove faces of no area and doubled ones',
  cracks: 'close cracks between open borders',
  turned: 'flip faces that look the wrong way',
  holes: 'close small flat holes',
  names: 'name parts that have no name of their own',
  scripts: 'write names of other scripts in Latin letters',
  equal: 'make equal parts instances',
  groups: 'dissolve groups that hold one thing',
  join: 'join many small parts of one material',
  'one-thing': 'join trunks with crowns, vases with flowers',
  split: 'split meshes of several pieces',
};

/** A rule of a house treatment in a sentence part. */
export function describeRule(rule: HouseTreatmentRule): string {
  switch (rule.do) {
    case 'answer':
      return `take the likeliest answer about “${FINDING_KINDS[rule.finding].title}”`;
    case 'mend':
      return MENDED_WORDS[rule.what];
    case 'take-out':
      return `take out ${describeParts(rule.where)}`;
    case 'join':
      return `join ${describeParts(rule.where)} as “${rule.name}”`;
    case 'group':
      return `put ${describeParts(rule.where)} into the group “${rule.name}”`;
    case 'smooth':
      return `smooth ${rule.where ? describeParts(rule.where) : 'every part'} below ${rule.degrees}°${rule.atMaterials ? ', hard where materials meet' : ''}`;
    case 'reduce':
      return `reduce ${describeHeavy(rule.above)}${describeReduction(rule.to)}`;
    case 'levels':
      return `make coarser levels ${rule.above > 0 ? `of ${describeHeavy(rule.above)}` : ''}at ${rule.shares.map((share) => Math.round(share * 100)).join(', ')} %`;
  }
}

const describeHeavy = (above: number): string => (above > 0 ? `what has more than ${count(above, 'triangle')} ` : '');

function describeParts({ name, material, belowM }: PartCondition): string {
  const words = [
    name === undefined ? '' : ` called ${name}`,
    material === undefined ? '' : ` of ${material}`,
    belowM === undefined ? '' : ` below ${formatLength(belowM)}`,
  ];
  return `parts${words.join('')}`;
}
