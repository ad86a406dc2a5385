import type { HitReason } from '@haveld/contract/api/catalogue';

const FIELDS: Record<HitReason['field'], string> = {
  name: 'its name',
  number: 'its number',
  title: 'its title',
  tag: 'a tag',
  author: 'its author',
  file: 'its file',
  material: 'a material',
  part: 'a part',
  source: 'its source',
};

/**
 * Why an asset is found, in a few words; empty where one sees it by its name.
 * @param reasons one a word that was asked for
 */
export function describeHit(reasons: readonly HitReason[]): string {
  const told = reasons.flatMap(({ asked, found, likeness, field }) => {
    switch (likeness) {
      case 'same':
      case 'begins-so':
        return field === 'name' || field === 'number' ? [] : [`“${found}” is ${FIELDS[field]}`];
      case 'same-meaning':
        return [`“${found}” in ${FIELDS[field]} means “${asked}”`];
      case 'narrower':
        return [`“${found}” in ${FIELDS[field]} is a kind of “${asked}”`];
      case 'wider':
        return [`“${asked}” is a kind of “${found}” in ${FIELDS[field]}`];
      case 'spelt-nearly':
        return [`“${found}” in ${FIELDS[field]}, for “${asked}”`];
    }
  });
  return told.join('; ');
}
