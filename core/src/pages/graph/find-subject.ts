import { listValues, type PageThing } from './page-thing';

/** Kinds of things a page about a model may be about, the likeliest first. Types of schema.org 30; the order is ours. */
const KINDS: readonly (readonly string[])[] = [
  ['3DModel'],
  ['VisualArtwork', 'Product', 'ProductModel', 'IndividualProduct', 'Sculpture'],
  [
    'CreativeWork',
    'MediaObject',
    'DigitalDocument',
    'Dataset',
    'SoftwareApplication',
    'SoftwareSourceCode',
    'Game',
    'work',
  ],
];

/** What leads from the thing to others like it: they have licences and authors of their own. */
const TO_OTHERS = [
  'isRelatedTo',
  'isSimilarTo',
  'relatedLink',
  'itemListElement',
  'mentions',
  'isBasedOn',
  'hasPart',
  'isPartOf',
];

/**
 * The one thing a page is about: what the page itself names as that, else the thing at the page's address, else the only one of the
 * likeliest kind that no other thing leads to.
 * @param addresses the page's own
 * @returns null where there is none, or several of a kind: a list of models is about none of them
 */
export function findSubject(things: readonly PageThing[], addresses: readonly string[]): PageThing | null {
  const kindOf = (thing: PageThing): number =>
    KINDS.findIndex((kind) => thing.types.some((type) => kind.includes(type)));
  const named = things
    .filter(({ types }) => types.some((type) => /Page$/.test(type)))
    .flatMap((page) => listValues(page, 'mainEntity'))
    .filter((value): value is PageThing => typeof value !== 'string');
  // what is named as its main thing and is none of these kinds is a person, a place, a topic
  if (named.length === 1) return kindOf(named[0]) >= 0 ? named[0] : null;
  const models = things.filter((thing) => kindOf(thing) >= 0);
  const own = new Set(addresses.map(plainAddress));
  const at = models.filter((thing) =>
    [thing.id, ...listValues(thing, 'url', 'mainEntityOfPage', 'identifier')].some((value) =>
      own.has(plainAddress(typeof value === 'string' ? value : value.id)),
    ),
  );
  const others = new Set(things.flatMap((thing) => listValues(thing, ...TO_OTHERS)));
  const alone = models.filter((thing) => !others.has(thing));
  for (const group of [at, alone])
    for (let kind = 0; kind < KINDS.length; kind++) {
      const ofKind = group.filter((thing) => kindOf(thing) === kind);
      if (ofKind.length === 1) return ofKind[0];
      if (ofKind.length > 1) return null;
    }
  return null;
}

/** An address without what does not tell two pages apart. */
export const plainAddress = (address: string): string =>
  address
    .replace(/^https?:\/\/(?:www\.)?/i, '')
    .replace(/[?#].*$/, '')
    .replace(/\/$/, '')
    .toLowerCase();
