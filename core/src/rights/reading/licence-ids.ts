import { isExpression } from '../expression';

const CC_KINDS = ['BY', 'BY-SA', 'BY-NC', 'BY-NC-SA', 'BY-ND', 'BY-NC-ND'];

/**
 * The identifier of a Creative Commons licence. A version nobody stated is never made up.
 * @param elements letters in any order: `by nc sa`
 * @param version `4.0`, `4`, `40`
 * @param port `de`, as in an address
 */
export function creativeCommonsId(elements: string, version: string | undefined, port?: string): string | null {
  const has = (element: string): boolean => new RegExp(element, 'i').test(elements);
  const kind = `BY${has('nc') ? '-NC' : ''}${has('nd') ? '-ND' : has('sa') ? '-SA' : ''}`;
  if (!CC_KINDS.includes(kind)) return null;
  const digits = version?.replace(/\D/g, '');
  if (!digits) return `LicenseRef-CC-${kind}-unstated`;
  const stated = `${digits[0]}.${digits[1] ?? '0'}`;
  const ported = port && `CC-${kind}-${stated}-${port.toUpperCase()}`;
  if (ported && isExpression(ported)) return ported;
  const id = `CC-${kind}-${stated}`;
  return isExpression(id) ? id : `LicenseRef-CC-${kind}-unstated`;
}

/**
 * @param reach `+`, `or later`; left out: this version alone
 * A GNU licence named without a version is any version (GPL 2.0 section 9, GPL 3.0 section 14).
 */
export function gnuId(family: string, version: string | undefined, reach: string | undefined): string | null {
  const name = `${family.toUpperCase()}GPL`;
  if (!version)
    return { GPL: 'GPL-1.0-or-later', LGPL: 'LGPL-2.0-or-later', AGPL: 'LicenseRef-AGPL-unstated' }[name] ?? null;
  const stated = version.includes('.') ? version : `${version}.0`;
  const id = `${name}-${stated}-${reach && !/only/i.test(reach) ? 'or-later' : 'only'}`;
  return isExpression(id) ? id : null;
}
