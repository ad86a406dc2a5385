import { NEARNESS } from '@haveld/contract/licence';
import type { LicenceStatement } from './statement';

/** What is loose, and what it may turn out to be: a looser statement of the same says nothing against it. */
const COVERS: Record<string, RegExp> = {
  'LicenseRef-public-domain': /^(CC0-1\.0|CC-PDM-1\.0|Unlicense)$/,
  'LicenseRef-non-commercial': /NC|^LicenseRef-(editorial|personal|tidewrack)/,
  'LicenseRef-personal': /NC/,
  'LicenseRef-Free-Art-unstated': /^LAL-/,
};

/** A GNU licence named without a version. */
const ANY_GNU_VERSION = ['GPL-1.0-or-later', 'LGPL-2.0-or-later'];

/** A licence of Creative Commons for one country: “Attribution 3.0 United States” is named by its kind and version as well. */
const PORTED = /-(?:[A-Z]{2}|IGO)$/;

const kindOf = (id: string): string =>
  id.replace(/^LicenseRef-/, '').replace(/-(?:\d+(\.\d+)*|unstated)(-[A-Z]{2,3}|-only|-or-later)?$/, '');

function isLooserThan(loose: LicenceStatement, exact: LicenceStatement): boolean {
  if (loose.id === exact.id || (loose.part ?? '') !== (exact.part ?? '')) return false;
  if (loose.id.endsWith('-unstated'))
    return kindOf(loose.id) === kindOf(exact.id) || Boolean(COVERS[loose.id]?.test(exact.id));
  if (/^(A|L)?GPL-\d\.\d-only$/.test(loose.id)) return exact.id === loose.id.replace(/-only$/, '-or-later');
  if (PORTED.test(exact.id) && exact.id.replace(PORTED, '') === loose.id) return true;
  if (ANY_GNU_VERSION.includes(loose.id)) return kindOf(loose.id) === kindOf(exact.id);
  return Boolean(COVERS[loose.id]?.test(exact.id)) || isInside(loose.id, exact.id);
}

/** A choice of two names both. */
const isInside = (id: string, exact: string): boolean =>
  / (OR|AND) /.test(exact) && exact.split(/ OR | AND |[()]/).includes(id);

/** A choice that names a licence without its version means the one whose version is stated elsewhere. */
function resolveChoice(statement: LicenceStatement, all: readonly LicenceStatement[]): LicenceStatement {
  if (!statement.id.includes(' OR ') || !statement.id.includes('-unstated')) return statement;
  const parts = statement.id.split(' OR ').map((id) => {
    const exact = all.find((other) => other !== statement && isLooserThan({ ...statement, id }, other));
    return exact && !exact.id.includes(' ') ? exact.id : id;
  });
  return { ...statement, id: parts.join(' OR ') };
}

/** Boilerplate beside a grant: "all rights reserved" under a licence takes nothing back. */
function isBoilerplate(statement: LicenceStatement, all: readonly LicenceStatement[]): boolean {
  return (
    statement.id === 'LicenseRef-all-rights-reserved' &&
    all.some(
      (other) =>
        other !== statement && other.evidence.file === statement.evidence.file && !other.id.startsWith('LicenseRef-'),
    )
  );
}

/** The same licence said several times is one statement, a little surer each time, and as near as the nearest. Most certain first. */
export function weighLicences(all: readonly LicenceStatement[]): LicenceStatement[] {
  const resolved = all.map((one) => resolveChoice(one, all));
  const kept = resolved.filter(
    (one) => !isBoilerplate(one, resolved) && !resolved.some((other) => isLooserThan(one, other)),
  );
  const merged = new Map<string, LicenceStatement>();
  for (const one of kept) {
    const key = `${one.id}|${one.part ?? ''}`;
    const before = merged.get(key);
    if (!before) {
      merged.set(key, { ...one });
      continue;
    }
    const stronger = one.confidence > before.confidence ? one : before;
    const nearness = NEARNESS[Math.min(NEARNESS.indexOf(one.nearness), NEARNESS.indexOf(before.nearness))];
    merged.set(key, {
      ...stronger,
      nearness,
      confidence: Math.min(0.999, 1 - (1 - before.confidence) * (1 - one.confidence)),
    });
  }
  return [...merged.values()].sort(
    (a, b) => NEARNESS.indexOf(a.nearness) - NEARNESS.indexOf(b.nearness) || b.confidence - a.confidence,
  );
}

const sameName = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** Each author once for each part, most certain first. */
export function weighAuthors<A extends { name: string; confidence: number; part?: string }>(all: readonly A[]): A[] {
  const sorted = [...all].sort((a, b) => b.confidence - a.confidence);
  return sorted.filter(
    (one, i) => sorted.findIndex((other) => sameName(other.name, one.name) && other.part === one.part) === i,
  );
}
