import type { Finding } from '@haveld/contract/finding';
import type { Provenance, RightsFinding } from '@haveld/contract/licence';
import { getTerms, UNKNOWN_LICENCE } from '../rights/licences';
import { makeFinding } from './make-finding';

/** @returns what is known of whose it is, against what a catalogue needs (house rules) */
export function checkRights(provenance: Provenance, found: RightsFinding, confirmed: boolean): Finding[] {
  return [checkLicence(provenance, found, confirmed), checkAuthor(provenance, found), checkSource(provenance)];
}

function checkLicence(provenance: Provenance, found: RightsFinding, confirmed: boolean): Finding {
  const evidence = found.licences.map((licence) => ({ ...licence.evidence, figure: getTerms(licence.id).short }));
  const base = { key: 'rights:licence', heading: 'rights' as const };
  if (provenance.licenceId === UNKNOWN_LICENCE) {
    const contradicts = found.licences.length > 1;
    const title = contradicts
      ? 'Two licences are named'
      : found.notGrants.length > 0
        ? '“Free” is a price, not a grant'
        : 'No licence came with it';
    const detail = contradicts
      ? 'An address is exact, a phrase may be loose. Say which it is, or ask the author.'
      : 'Without a licence it cannot be catalogued. Say where it comes from, or ask the author.';
    return makeFinding({ ...base, mark: 'blocks', title, detail, evidence: contradicts ? evidence : found.notGrants });
  }
  const terms = getTerms(provenance.licenceId);
  if (terms.house === 'closed') {
    return makeFinding({
      ...base,
      mark: 'blocks',
      title: `${terms.name}: nothing is granted`,
      detail: 'It may be kept and not used until its owner agrees.',
      evidence,
    });
  }
  const mark = terms.house === 'taken' || confirmed ? 'holds' : 'look';
  const detail = {
    taken: '',
    look: 'The house takes this licence after a look.',
    never: 'Never for commercial projects.',
    closed: '',
  }[terms.house];
  return makeFinding({ ...base, mark: terms.house === 'never' ? 'look' : mark, title: terms.short, detail, evidence });
}

function checkAuthor({ author, authorUnknown }: Provenance, found: RightsFinding): Finding {
  const base = { key: 'rights:author', heading: 'rights' as const };
  if (author !== '')
    return makeFinding({
      ...base,
      mark: 'holds',
      title: `By ${author}`,
      evidence: found.authors.slice(0, 4).map((a) => ({ ...a.evidence, figure: a.name })),
    });
  if (authorUnknown) return makeFinding({ ...base, mark: 'holds', title: 'Author unknown, said on purpose' });
  return makeFinding({
    ...base,
    mark: 'blocks',
    title: 'No author is named',
    detail: 'Name the author, or say that nobody knows.',
  });
}

function checkSource({ source, pageUrl, licenceId }: Provenance): Finding {
  const base = { key: 'rights:source', heading: 'rights' as const };
  const own = licenceId === 'LicenseRef-own-work' || licenceId === 'LicenseRef-commissioned';
  if (source !== '' || pageUrl !== '' || own) {
    return makeFinding({
      ...base,
      mark: 'holds',
      title: source !== '' ? `From ${source}` : own ? 'Made by the house' : 'From a page',
      detail: pageUrl,
    });
  }
  return makeFinding({ ...base, mark: 'blocks', title: 'No source is known', detail: 'Where was it taken from?' });
}
