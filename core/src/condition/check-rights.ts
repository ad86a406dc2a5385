import type { Finding } from '@haveld/contract/finding';
import { PAGE_CHANGES, type PageDifference } from '@haveld/contract/page-change';
import type { FurtherWork, Provenance, RightsFinding } from '@haveld/contract/licence';
import { isExpression, listLicenceIds, parseExpression } from '../rights/expression';
import { PART_WORDS } from '../rights/judge-use';
import { licenceWords, standingOf, type LicenceBook } from '../rights/licence-book';
import { COMMISSIONED, OWN_WORK, UNKNOWN_LICENCE } from '../rights/licences/standings';
import { weighProposal } from '../rights/propose-provenance';
import { endOf } from '../rights/verdict-rules';
import { makeFinding } from './make-finding';

export interface RightsState {
  provenance: Provenance;
  further: readonly FurtherWork[];
  found: RightsFinding;
  /** Somebody has looked at the licence and said it may be taken. */
  confirmed: boolean;
  /** A first person has, and the house asks for a second. */
  awaitsSecond?: boolean;
  /** Something to prove it is kept: a text, a page, a receipt. */
  hasEvidence: boolean;
  /** What its page says otherwise than it did, where nobody has said a word on it. */
  pageChanges?: readonly (PageDifference & { id: string; seenAt: string })[];
  /** Taken down at its owner's wish: why. */
  takenDown?: string | null;
  /** `2026-11-26` */
  today: string;
  /** The house asks for evidence of every licence. */
  evidenceRequired?: boolean;
}

/** @returns what is known of whose it is, against what a catalogue needs (house rules) */
export function checkRights(book: LicenceBook, state: RightsState): Finding[] {
  return [
    ...checkTakeDown(state),
    checkLicence(book, state),
    ...checkContradiction(book, state),
    ...checkPage(book, state),
    ...checkExpiry(book, state),
    ...checkEvidence(state),
    ...state.further.map((work) => checkFurtherWork(book, work)),
    checkAuthor(state),
    checkSource(state.provenance),
  ];
}

function checkTakeDown({ takenDown }: RightsState): Finding[] {
  if (!takenDown) return [];
  return [
    makeFinding({
      kind: 'rights:taken-down',
      mark: 'blocks',
      title: 'Taken down',
      detail: `${takenDown} It may not be handed over.`,
    }),
  ];
}

function checkLicence(book: LicenceBook, { provenance, found, confirmed, awaitsSecond }: RightsState): Finding {
  const evidence = found.licences.map((licence) => ({ ...licence.evidence, figure: licenceWords(book, licence.id) }));
  const kind = 'rights:licence' as const;
  if (provenance.licenceId === UNKNOWN_LICENCE) {
    const { contradicting } = weighProposal(found);
    const contradicts = contradicting.length > 1;
    const title = contradicts
      ? `${contradicting.length === 2 ? 'Two' : contradicting.length} licences are named`
      : found.notGrants.length > 0
        ? '“Free” is a price, not a grant'
        : found.ownWords.length > 0
          ? 'Terms in words of their own, no licence'
          : 'No licence came with it';
    const detail = contradicts
      ? 'An address is exact, a phrase may be loose. Say which it is, or ask the author.'
      : 'Without a licence it cannot be catalogued. Say where it comes from, or ask the author.';
    const seen = contradicts ? evidence : [...found.notGrants, ...found.ownWords.map((words) => words.evidence)];
    return makeFinding({ kind, mark: 'blocks', title, detail, evidence: seen });
  }
  const standing = standingOf(book, provenance.licenceId);
  const unlisted = listLicenceIds(provenance.licenceId).filter((id) => !book.isListed(id));
  if (unlisted.length > 0)
    return makeFinding({
      kind,
      mark: 'blocks',
      title: `${unlisted.join(' and ')}: nobody has read it yet`,
      detail: 'Haveld knows its name and not its terms. Give it a term sheet under Rights, Licences.',
      evidence,
    });
  if (standing === 'closed')
    return makeFinding({
      kind,
      mark: 'blocks',
      title: `${licenceWords(book, provenance.licenceId, 'name')}: nothing is granted`,
      detail: 'It may be kept and not used until its owner agrees.',
      evidence,
    });
  const detail = {
    taken: '',
    look: awaitsSecond
      ? 'One person has looked; the house asks for a second.'
      : 'The house takes this licence after review.',
    never: 'Never for commercial projects.',
    closed: '',
  }[standing];
  const mark = standing === 'never' ? 'look' : standing === 'taken' || confirmed ? 'holds' : 'look';
  return makeFinding({ kind, mark, title: licenceWords(book, provenance.licenceId), detail, evidence });
}

/** One of several to choose from was chosen. */
function offers(licenceId: string, held: string): boolean {
  const key = (ids: readonly string[]): string => [...ids].sort().join(' ');
  const offered = parseExpression(licenceId).map(key);
  return parseExpression(held).every((ids) => offered.includes(key(ids)));
}

/** What the evidence says beside the licence that is held to be true; shown even where that was decided by hand. */
function checkContradiction(book: LicenceBook, { provenance, found }: RightsState): Finding[] {
  if (provenance.licenceId === UNKNOWN_LICENCE) return [];
  const { proposed, contradicting } = weighProposal(found);
  const against = [...(proposed ? [proposed] : []), ...contradicting].filter(
    (licence, i, all) =>
      !offers(licence.id, provenance.licenceId) && all.findIndex(({ id }) => id === licence.id) === i,
  );
  if (against.length === 0) return [];
  const named = against.map(({ id }) => licenceWords(book, id)).join(' and ');
  return [
    makeFinding({
      kind: 'rights:contradiction',
      of: against.map(({ id }) => id).join('+'),
      mark: 'look',
      title: `Something that came with it says ${named}`,
      detail: `It is held as ${licenceWords(book, provenance.licenceId)}. Read both passages; set this aside with a reason if it stands.`,
      evidence: found.licences.map((licence) => ({ ...licence.evidence, figure: licenceWords(book, licence.id) })),
    }),
  ];
}

/** Its page is no authority over what was granted when it was taken, and a person has to know that it says otherwise now. */
function checkPage(book: LicenceBook, { pageChanges = [] }: RightsState): Finding[] {
  const wordsOf = (licence: string): string =>
    licence === '' ? 'no licence' : isExpression(licence) ? licenceWords(book, licence) : licence;
  return pageChanges
    .filter(({ what }) => PAGE_CHANGES[what].isAboutRights)
    .map(({ id, what, was, now, seenAt }) =>
      makeFinding({
        kind: 'rights:page',
        of: id,
        mark: 'look',
        title:
          what === 'licence'
            ? `Its page names ${wordsOf(now)} now`
            : what === 'author'
              ? `Its page names ${now} as its author now`
              : PAGE_CHANGES[what].title,
        detail: `${what === 'licence' || what === 'author' ? `It was ${what === 'licence' ? wordsOf(was) : was}; ` : ''}seen on ${seenAt.slice(0, 10)}.`,
      }),
    );
}

/** Days ahead at which a grant that ends is told. Common practice, no source. */
const LAPSES_SOON_DAYS = 60;

function checkExpiry(book: LicenceBook, { provenance, today }: RightsState): Finding[] {
  const ends = listLicenceIds(provenance.licenceId).map((id) => endOf(provenance, book.getTerms(id)));
  const [expiresOn] = ends.filter((end) => end !== '').sort();
  if (expiresOn === undefined) return [];
  const days = Math.round((Date.parse(expiresOn) - Date.parse(today)) / 86_400_000);
  if (days < 0)
    return [
      makeFinding({
        kind: 'rights:expiry',
        mark: 'blocks',
        title: `Its grant ended on ${expiresOn}`,
        detail: 'It may not go into anything new.',
      }),
    ];
  if (days <= LAPSES_SOON_DAYS)
    return [
      makeFinding({
        kind: 'rights:expiry',
        mark: 'look',
        title: `Its grant ends in ${days} ${days === 1 ? 'day' : 'days'}, on ${expiresOn}`,
        detail: 'Renew it, or see which projects hold it.',
      }),
    ];
  return [];
}

function checkEvidence({ provenance, hasEvidence, evidenceRequired, found }: RightsState): Finding[] {
  if (
    !evidenceRequired ||
    hasEvidence ||
    found.licences.length > 0 ||
    provenance.licenceId === UNKNOWN_LICENCE ||
    provenance.licenceId === OWN_WORK
  )
    return [];
  return [
    makeFinding({
      kind: 'rights:evidence',
      mark: 'blocks',
      title: 'Nothing proves its licence',
      detail: 'The house asks for evidence: a text, the page as it was, a mail, an agreement.',
    }),
  ];
}

function checkFurtherWork(book: LicenceBook, work: FurtherWork): Finding {
  const what = `${PART_WORDS[work.part][0].toUpperCase()}${PART_WORDS[work.part].slice(1)}${work.title === '' ? '' : ` (“${work.title}”)`}`;
  const standing = standingOf(book, work.licenceId);
  const kind = 'rights:work' as const;
  const of = work.id;
  const lent = work.lender
    ? `Borrowed from ${work.lender.accession} ${work.lender.name}; its rights are settled there.`
    : '';
  if (work.lender?.takenDown)
    return makeFinding({
      kind,
      of,
      mark: 'blocks',
      title: `${what}: taken down`,
      detail: `${work.lender.takenDown} ${lent}`,
    });
  if (standing === 'closed')
    return makeFinding({
      kind,
      of,
      mark: 'blocks',
      title: `${what}: ${work.licenceId === UNKNOWN_LICENCE ? 'no licence is known' : 'nothing is granted'}`,
      detail: lent || 'The asset’s terms come from every work in it.',
    });
  return makeFinding({
    kind,
    of,
    mark: standing === 'taken' ? 'holds' : 'look',
    title: `${what}: ${licenceWords(book, work.licenceId)}, ${work.author || 'author unknown'}`,
    detail: [standing === 'never' ? 'Never for commercial projects.' : '', lent].filter(Boolean).join(' '),
  });
}

function checkAuthor({ provenance: { author, authorUnknown }, found }: RightsState): Finding {
  const kind = 'rights:author' as const;
  if (author !== '')
    return makeFinding({
      kind,
      mark: 'holds',
      title: `By ${author}`,
      evidence: found.authors.slice(0, 4).map((one) => ({ ...one.evidence, figure: one.name })),
    });
  if (authorUnknown) return makeFinding({ kind, mark: 'holds', title: 'Author unknown, said on purpose' });
  return makeFinding({
    kind,
    mark: 'blocks',
    title: 'No author is named',
    detail: 'Name the author, or say that nobody knows.',
  });
}

function checkSource({ source, pageUrl, licenceId, client }: Provenance): Finding {
  const kind = 'rights:source' as const;
  const isOurs = licenceId === OWN_WORK || licenceId === COMMISSIONED;
  if (source !== '' || pageUrl !== '' || isOurs)
    return makeFinding({
      kind,
      mark: 'holds',
      title:
        source !== ''
          ? `From ${source}`
          : licenceId === COMMISSIONED && client !== ''
            ? `Made for ${client}`
            : isOurs
              ? 'Made by the house'
              : 'From a page',
      detail: pageUrl,
    });
  return makeFinding({ kind, mark: 'blocks', title: 'No source is known', detail: 'Where was it taken from?' });
}
