import { TEXTURE_ROLES, type TextureRole } from '@haveld/contract/texture-role';
import { ROLES } from '../roles';
import { capContradicted, judgeMapRole, type RoleClues, type RoleJudgement } from './judge-map-role';
import { judgePictureClass, weighRoleByPicture } from './judge-picture';
import { dropCopyMarks, fileStem, readMapName, splitName } from './read-map-name';

/** Tails of one source say one thing: each further map adds, but not as one that was seen by itself. Ours. */
const POOLING = 0.5;

/** A name with nothing behind it, beside others that have: how often it is the colour. From memory: the trade's habit. */
const BARE_IS_COLOUR = 0.93;

/** How far the place of a role that another of the set has is left to a second. Ours. */
const SECOND_OF_A_ROLE = 0.12;
const ROUNDS = 3;

interface Member extends RoleClues {
  /** What its name ends in beyond what the set shares: `_n`; empty for the bare name. */
  tail: string;
  /** What the set shares, with its folder; null where it stands alone. */
  set: string | null;
  alone: RoleJudgement;
  /** One weight a role. */
  weights: number[];
}

/**
 * Judges maps that came together: what the same ending looks like elsewhere, that a bare name beside others is the colour, and
 * that a set has one map of a role count beside what each says by itself.
 * @returns one judgement a map, in their order
 */
export function judgeMapSet(maps: readonly RoleClues[]): RoleJudgement[] {
  const members = listMembers(maps);
  const tails = poolTails(members);
  for (const member of members) {
    const pooled = tails.get(tailKey(member));
    const bare = member.set !== null && member.tail === '' && readMapName(member.path, member.habit) === null;
    member.weights = TEXTURE_ROLES.map((role, i) => {
      const own = member.alone.shares.find((one) => one.role === role)?.share ?? 0.0005;
      const isColour = role === 'base-colour';
      const byPlace = bare ? (isColour ? BARE_IS_COLOUR : (1 - BARE_IS_COLOUR) / (TEXTURE_ROLES.length - 1)) * 6 : 1;
      return own * (pooled ? pooled.weights[i] : 1) * byPlace;
    });
  }
  shareRoles(members);
  return members.map((member) => describe(member, tails.get(tailKey(member))?.count ?? 0));
}

const folderOf = (path: string): string => path.slice(0, path.lastIndexOf('/') + 1);

/** An ending means the same over one delivery's folders of one name: its first folder. */
const tailKey = ({ path, tail, set }: Member): string => (set === null ? `${path}!` : `${path.split('/')[0]}|${tail}`);

function listMembers(maps: readonly RoleClues[]): Member[] {
  const tokens = maps.map(({ path }) => splitName(dropCopyMarks(fileStem(path))));
  const byPrefix = new Map<string, Set<string>>();
  const keyOf = (i: number, length: number): string =>
    `${folderOf(maps[i].path)}${tokens[i].slice(0, length).join(' ')}`;
  tokens.forEach((own, i) => {
    for (const cut of [0, 1, 2]) {
      if (own.length - cut < 1) continue;
      const tail = own.slice(own.length - cut).join(' ');
      if (cut > 0 && /^[\d ]+$/.test(tail)) continue;
      const key = keyOf(i, own.length - cut);
      byPrefix.set(key, (byPrefix.get(key) ?? new Set()).add(tail));
    }
  });
  return maps.map((map, i) => {
    const own = tokens[i];
    const cut = [0, 1, 2].find((one) => {
      if (own.length - one < 1) return false;
      const tails = byPrefix.get(keyOf(i, own.length - one));
      return tails !== undefined && tails.size > 1 && tails.has(own.slice(own.length - one).join(' '));
    });
    return {
      ...map,
      tail: cut === undefined ? '' : own.slice(own.length - cut).join(' '),
      set: cut === undefined ? null : keyOf(i, own.length - cut),
      alone: judgeMapRole(map),
      weights: [],
    };
  });
}

/** What the other maps of the same ending look like, as a weight a role. */
function poolTails(members: readonly Member[]): Map<string, { weights: number[]; count: number }> {
  const logs = new Map<string, { sums: number[]; count: number }>();
  for (const member of members) {
    if (member.set === null || !member.measures) continue;
    const classes = judgePictureClass(member.measures);
    const pool = logs.get(tailKey(member)) ?? { sums: TEXTURE_ROLES.map(() => 0), count: 0 };
    TEXTURE_ROLES.forEach((role, i) => (pool.sums[i] += Math.log(weighRoleByPicture(classes, role))));
    pool.count++;
    logs.set(tailKey(member), pool);
  }
  return new Map(
    [...logs].map(([key, { sums, count }]) => {
      // maps of one maker are alike: together they count once more at most
      const power = count < 2 ? 0 : Math.min(1, (Math.sqrt(count) - 1) * POOLING);
      return [key, { weights: sums.map((sum) => Math.exp((sum / count) * power)), count }];
    }),
  );
}

/** A role one map of a set has for sure is hardly that of another. */
function shareRoles(members: readonly Member[]): void {
  const sets = new Map<string, Member[]>();
  for (const member of members) {
    normalise(member);
    if (member.set !== null) sets.set(member.set, [...(sets.get(member.set) ?? []), member]);
  }
  for (const set of sets.values()) {
    if (set.length < 2) continue;
    const before = set.map(({ weights }) => weights);
    for (let round = 0; round < ROUNDS; round++) {
      const now = set.map(({ weights }) => weights);
      set.forEach((member, k) => {
        member.weights = before[k].map((weight, i) => {
          const taken = Math.max(...now.map((other, j) => (j === k || set[j].tail === member.tail ? 0 : other[i])));
          return weight * (1 - taken * (1 - SECOND_OF_A_ROLE));
        });
        normalise(member);
      });
    }
  }
}

function normalise(member: Member): void {
  const total = member.weights.reduce((sum, weight) => sum + weight, 0);
  member.weights = member.weights.map((weight) => weight / total);
}

function describe(member: Member, count: number): RoleJudgement {
  const { alone, weights, tail, set, measures } = member;
  const shares = TEXTURE_ROLES.map((role, i) => ({ role, share: weights[i] }))
    .sort((a, b) => b.share - a.share)
    .filter(({ share }, i) => i === 0 || share > 0.01);
  const role: TextureRole = shares[0].role;
  const evidence = [...alone.evidence];
  let independent = alone.role === role ? alone.independent : 1;
  if (set !== null && tail === '' && role === 'base-colour') {
    evidence.unshift({ text: 'its name is what the others of its set begin with' });
    independent++;
  }
  if (set !== null && tail !== '' && count > 1 && measures) {
    evidence.push({ text: `${count} pictures end in “${tail}”, and look like ${ROLES[role].label} together` });
    independent++;
  }
  return {
    ...alone,
    role,
    confidence: capContradicted(member, role, shares[0].share),
    shares,
    evidence,
    independent,
    packing: role === 'packed' ? alone.packing : null,
  };
}
