import type { PageFact, PageField } from '@haveld/contract/page';
import { parseLength } from '../../placement/units';
import { listValues, listWords, type PageThing, type PageValue } from './page-thing';

/** Where each field stands. Terms of schema.org 30, DCMI Metadata Terms and ccREL (W3C member submission, 2008). */
const WORDS: readonly (readonly [field: PageField, ...properties: string[]])[] = [
  ['title', 'name', 'headline', 'title'],
  ['category', 'category', 'genre', 'articleSection', 'applicationCategory'],
  ['description', 'description', 'abstract'],
  ['published', 'datePublished', 'uploadDate', 'issued', 'dateCreated', 'created'],
  ['changed', 'dateModified', 'modified'],
];

const SIDES: readonly (readonly [field: PageField, property: string])[] = [
  ['height', 'height'],
  ['width', 'width'],
  ['depth', 'depth'],
];

/** UN/CEFACT recommendation 20, and what pages write in its place. */
const UNIT_CODES: Readonly<Record<string, string>> = {
  MMT: 'mm',
  CMT: 'cm',
  DMT: 'dm',
  MTR: 'm',
  KMT: 'km',
  INH: 'in',
  FOT: 'ft',
  YRD: 'yd',
};

/** Figures a page gives as a named property. Common practice, no source. */
const FIGURES: readonly (readonly [field: PageField, name: RegExp])[] = [
  ['triangles', /^(?:tri(?:angle)?s?)(?:\s*count)?$/i],
  ['polygons', /^(?:poly(?:gon)?s?|faces?)(?:\s*count)?$/i],
  ['vertices', /^(?:vert(?:ex|ice)?s?)(?:\s*count)?$/i],
];

const LONGEST = 4000;

/**
 * What a page says to machines of the thing it is about.
 * @param address of the page, against which others are told
 * @returns facts in the page's words; a side in metres, a price as a number
 */
export function readSubject(thing: PageThing, address: string): PageFact[] {
  const facts: PageFact[] = [];
  const say = (field: PageField, value: string, passage: string, more: Partial<PageFact> = {}): void => {
    const words = value.replace(/\s+/g, ' ').trim().slice(0, LONGEST);
    if (words !== '') facts.push({ field, value: words, by: thing.by, passage: passage.slice(0, 300), ...more });
  };
  for (const [field, ...properties] of WORDS)
    for (const property of properties) {
      const [value] = [...listWords(thing, property), ...namesOf(listValues(thing, property))];
      if (!value) continue;
      say(field, value, `${property}: ${value}`);
      break;
    }
  for (const person of listPeople(thing, address)) say('author', person.name, person.passage, leadTo(person.address));
  for (const licence of listLicences(thing, address)) say('licence', licence, `license: ${licence}`, leadTo(licence));
  for (const tag of listTags(thing)) say('tag', tag, `keywords: ${tag}`);
  for (const [field, property] of SIDES)
    for (const value of listValues(thing, property)) {
      const side = readSide(value);
      if (side) say(field, side.words, `${property}: ${side.words}`, { amount: side.metres });
    }
  for (const { amount, currency } of listPrices(thing))
    say('price', describePrice(amount, currency), `price: ${amount} ${currency}`, {
      amount,
      currency,
    });
  for (const value of listValues(thing, 'encodingFormat', 'fileFormat')) {
    if (typeof value === 'string') say('format', value, `encodingFormat: ${value}`);
  }
  for (const media of listThings(thing, 'encoding', 'associatedMedia', 'distribution', 'encodings'))
    for (const format of listWords(media, 'encodingFormat', 'fileFormat'))
      say('format', format, `encodingFormat: ${format}`);
  for (const property of listThings(thing, 'additionalProperty')) {
    const [name, value] = [listWords(property, 'name')[0] ?? '', listWords(property, 'value')[0] ?? ''];
    const field = FIGURES.find(([, pattern]) => pattern.test(name))?.[0];
    const amount = Number(value.replace(/[\s,]/g, ''));
    if (field && Number.isFinite(amount)) say(field, value, `${name}: ${value}`, { amount });
  }
  for (const picture of listValues(thing, 'image', 'thumbnailUrl').map(addressOf)) {
    const full = resolveAddress(picture, address);
    if (full) say('picture', full, `image: ${full}`, leadTo(full));
  }
  for (const work of listValues(thing, 'isBasedOn', 'isBasedOnUrl')) {
    const name = typeof work === 'string' ? work : (listWords(work, 'name')[0] ?? work.id);
    say('based-on', name, `isBasedOn: ${name}`, leadTo(resolveAddress(addressOf(work), address)));
  }
  return facts;
}

const listThings = (thing: PageThing, ...names: string[]): PageThing[] =>
  listValues(thing, ...names).filter((value) => typeof value !== 'string');

const namesOf = (values: readonly PageValue[]): string[] =>
  values.flatMap((value) => (typeof value === 'string' ? [] : listWords(value, 'name')));

const leadTo = (address: string | null): { address?: string } => (address ? { address } : {});

/** A thing without an address of its own has a name within the page alone. */
const addressOf = (value: PageValue): string =>
  typeof value === 'string'
    ? value
    : (listWords(value, 'url', 'contentUrl', 'mainEntityOfPage')[0] ?? (/^https?:/i.test(value.id) ? value.id : ''));

/** @returns an absolute address of the web, or null */
export function resolveAddress(address: string, base: string): string | null {
  if (!URL.canParse(address, base)) return null;
  const full = new URL(address, base);
  return /^https?:$/.test(full.protocol) && full.hostname !== 'page.invalid' ? full.href : null;
}

/** Who made it; whoever else has a part in it only where nobody is named as that. */
const PEOPLE = ['author', 'creator', 'attributionName', 'copyrightHolder'];

function listPeople(thing: PageThing, base: string): { name: string; address: string | null; passage: string }[] {
  for (const property of PEOPLE) {
    const people = listValues(thing, property).flatMap((value) => {
      const [name] = typeof value === 'string' ? [value] : listWords(value, 'name', 'alternateName');
      // an address alone names nobody
      if (!name || /^https?:\/\//i.test(name)) return [];
      const own = property === 'attributionName' ? (listWords(thing, 'attributionURL')[0] ?? '') : '';
      const link = typeof value === 'string' ? own : addressOf(value);
      return [{ name, address: link === '' ? null : resolveAddress(link, base), passage: `${property}: ${name}` }];
    });
    if (people.length > 0) return people;
  }
  return [];
}

function listLicences(thing: PageThing, base: string): string[] {
  return listValues(thing, 'license', 'rights', 'accessRights').flatMap((value) => {
    const said = typeof value === 'string' ? value : addressOf(value);
    const words = typeof value === 'string' ? [] : listWords(value, 'name');
    return [...(/^(?:https?:|\/|\.)/.test(said) ? [resolveAddress(said, base) ?? said] : said ? [said] : []), ...words];
  });
}

const listTags = (thing: PageThing): string[] =>
  [...listWords(thing, 'keywords'), ...namesOf(listValues(thing, 'keywords'))].flatMap((list) =>
    list
      .split(/[,;]/)
      .map((tag) => tag.trim())
      .filter((tag) => tag !== ''),
  );

/** A `QuantitativeValue` with its unit, a `Distance` in words ("78 cm"); a number without a unit says nothing. */
function readSide(value: PageValue): { words: string; metres: number } | null {
  const words = typeof value === 'string' ? value : readQuantity(value);
  const metres = words && parseLength(words);
  return metres ? { words, metres } : null;
}

function readQuantity(quantity: PageThing): string {
  const [amount] = listWords(quantity, 'value');
  const [code] = listWords(quantity, 'unitCode');
  const unit = UNIT_CODES[code ?? ''] ?? listWords(quantity, 'unitText')[0] ?? code ?? '';
  return amount ? `${amount} ${unit}` : '';
}

/** @returns a price as people write it */
export const describePrice = (amount: number, currency: string): string =>
  amount === 0 ? 'free' : `${amount} ${currency}`.trim();

/** What its offers ask; free of charge is a price too. */
function listPrices(thing: PageThing): { amount: number; currency: string }[] {
  const offers = listThings(thing, 'offers');
  const inner = offers.flatMap((offer) => [offer, ...listThings(offer, 'priceSpecification', 'offers')]);
  const prices = inner.flatMap((offer) => {
    const amount = Number(listWords(offer, 'price', 'lowPrice')[0] ?? NaN);
    const currency = [offer, ...offers].flatMap((each) => listWords(each, 'priceCurrency'))[0] ?? '';
    return Number.isFinite(amount) ? [{ amount, currency }] : [];
  });
  if (prices.length > 0) return prices;
  return listWords(thing, 'isAccessibleForFree').some((word) => /^(?:true|https?:\/\/schema\.org\/True)$/i.test(word))
    ? [{ amount: 0, currency: '' }]
    : [];
}
