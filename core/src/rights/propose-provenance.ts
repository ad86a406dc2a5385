import type { FurtherWork, Provenance, RightsFinding, WorkPart } from '@haveld/contract/licence';
import type { PageField } from '@haveld/contract/page';
import { formatCount } from '../text/count';
import { UNKNOWN_LICENCE } from './licences/standings';

/** From here on a single statement is taken as the proposal. */
export const TAKEN_FROM = 0.75;

type Licence = RightsFinding['licences'][number];

/** Statements about the model as a whole. */
const ofAll = (found: RightsFinding): Licence[] =>
  found.licences.filter((licence: Licence) => licence.part === undefined);

export interface LicenceWeighing {
  /** What the nearest evidence says; null where it says nothing or two things. */
  proposed: Licence | null;
  /** Licences that cannot hold at once with it, or with one another. */
  contradicting: Licence[];
}

/** The nearest evidence that is certain enough is proposed; whatever says otherwise is a contradiction, wherever it stands. */
export function weighProposal(found: RightsFinding): LicenceWeighing {
  const certain = ofAll(found).filter(({ confidence }) => confidence >= TAKEN_FROM);
  const [first] = certain;
  if (!first) return { proposed: null, contradicting: [] };
  const nearest = certain.filter(({ nearness }) => nearness === first.nearness);
  const others = certain.filter(({ id }) => id !== first.id);
  return nearest.length === 1 ? { proposed: first, contradicting: others } : { proposed: null, contradicting: certain };
}

/**
 * What the evidence says, as a starting point for a person.
 * @returns unknown licence where nothing is said, or where equally near statements contradict each other
 */
export function proposeProvenance(found: RightsFinding, title: string): Provenance {
  const page = found.sources[0]?.url ?? '';
  const author = found.authors.find((one) => one.part === undefined) ?? found.authors[0];
  return {
    title: (found.titles[0]?.title ?? title).slice(0, 300),
    author: joinAuthors(found, author?.name ?? ''),
    authorUnknown: false,
    authorUrl: author?.url ?? '',
    licenceId: weighProposal(found).proposed?.id ?? UNKNOWN_LICENCE,
    source: URL.canParse(page) ? new URL(page).hostname.replace(/^www\./, '') : '',
    pageUrl: URL.canParse(page) && page.length <= 1000 ? page : '',
    pageText: '',
    statedGrant: '',
    acquiredOn: '',
    acquiredBy: '',
    price: (claimsOf(found, 'price')[0]?.value ?? '').slice(0, 60),
    receipt: '',
    claims: describeClaims(found),
    client: '',
    agreement: '',
    expiresOn: '',
    seats: null,
    territory: '',
  };
}

const claimsOf = (found: RightsFinding, field: PageField): RightsFinding['claims'] =>
  found.claims.filter((claim) => claim.field === field);

/** What a page says of a model beside its rights, as people write it down: `height 78 cm; triangles 4 200; formats FBX, OBJ`. */
const CLAIM_WORDS: readonly (readonly [field: PageField, words: string])[] = [
  ['height', 'height'],
  ['width', 'width'],
  ['depth', 'depth'],
  ['triangles', 'triangles'],
  ['polygons', 'polygons'],
  ['vertices', 'vertices'],
  ['format', 'formats'],
  ['category', 'category'],
  ['published', 'published'],
  ['changed', 'changed'],
];

function describeClaims(found: RightsFinding): string {
  const said = CLAIM_WORDS.flatMap(([field, words]) => {
    const claims = claimsOf(found, field);
    if (claims.length === 0) return [];
    const isCount = claims[0].amount !== undefined && !/\d\s*[a-z]/i.test(claims[0].value);
    const values = isCount ? [formatCount(claims[0].amount!)] : [...new Set(claims.map(({ value }) => value))];
    return [`${words} ${values.join(', ')}`];
  });
  return said.join('; ').slice(0, 2000);
}

/** More holders than these under one another are those of a whole collection. */
const MOST_TOGETHER = 6;

/** Several authors in one line of one file, or in notices of the same form on lines under one another, made it together. */
function joinAuthors(found: RightsFinding, first: string): string {
  const own = found.authors.filter((one) => one.part === undefined);
  const [head] = own;
  if (!head) return first;
  const { file, passage } = head.evidence;
  const beside = own.filter(({ evidence }) => evidence.file === file);
  const alike = listUnderOneAnother(beside.filter(({ confidence }) => confidence === head.confidence));
  const same =
    alike.length > 1 && alike.length <= MOST_TOGETHER
      ? alike
      : beside.filter(({ evidence }) => evidence.passage === passage);
  return same
    .map(({ name }) => name)
    .join(' and ')
    .slice(0, 300);
}

const NOTICE = /©|\(c\)|copyright/i;

/** @returns those whose notices stand on lines under one another; empty where the first is no notice */
function listUnderOneAnother(authors: readonly RightsFinding['authors'][number][]): RightsFinding['authors'] {
  const notices = authors
    .filter(({ evidence }) => evidence.line !== undefined && NOTICE.test(evidence.passage ?? ''))
    .sort((a, b) => a.evidence.line! - b.evidence.line!);
  const block: RightsFinding['authors'] = [];
  for (const one of notices)
    if (block.length === 0 || one.evidence.line! - block.at(-1)!.evidence.line! <= 2) block.push(one);
  return block.includes(authors[0]) ? block : [];
}

const PARTS: Record<string, WorkPart> = { textures: 'maps', motion: 'motion', rig: 'part' };

/** Further works the evidence names: maps by another hand, what it is based on. */
export function proposeFurtherWorks(found: RightsFinding, proposed: Provenance): Omit<FurtherWork, 'id'>[] {
  const base = { authorUnknown: false, authorUrl: '' as const, source: '', pageUrl: '' as const };
  const parts = new Map<string, { author: string; licenceId: string }>();
  for (const { name, part } of found.authors) {
    if (!part || !(part in PARTS)) continue;
    const known = parts.get(part);
    if (!known) parts.set(part, { author: name, licenceId: '' });
  }
  for (const { id, part, confidence } of found.licences) {
    if (!part || !(part in PARTS) || confidence < TAKEN_FROM) continue;
    const known = parts.get(part) ?? { author: '', licenceId: '' };
    parts.set(part, { ...known, licenceId: known.licenceId || id });
  }
  const works = [...parts].flatMap(([part, { author, licenceId }]): Omit<FurtherWork, 'id'>[] => {
    const isSame =
      (author === '' || author === proposed.author) && (licenceId === '' || licenceId === proposed.licenceId);
    return isSame
      ? []
      : [{ ...base, part: PARTS[part], title: '', author, licenceId: licenceId || proposed.licenceId }];
  });
  const based = found.basedOn.map((work): Omit<FurtherWork, 'id'> => ({
    ...base,
    part: 'based-on',
    title: work.title,
    author: work.author,
    licenceId: work.licenceId || UNKNOWN_LICENCE,
  }));
  return [...works, ...based];
}
