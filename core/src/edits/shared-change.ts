import type { Category } from '@haveld/contract/category';
import { MOST_TAGS } from '@haveld/contract/tag';

/** Fields that several assets are given alike. */
export type SharedField = 'category' | 'tag' | 'author' | 'authorUnknown' | 'licenceId';

/** One field of one asset, from and to; empty for none. Of a tag one side is empty: it came, or it went. */
export interface FieldChange {
  assetId: string;
  field: SharedField;
  before: string;
  after: string;
}

/** What of an asset several may share. */
export interface SharedFields {
  id: string;
  category: Category | null;
  tags: readonly string[];
  author: string;
  authorUnknown: boolean;
  licenceId: string;
}

/** What assets are given; what is left out stays. */
export interface GivenAlike {
  category?: Category;
  addTags: readonly string[];
  removeTags: readonly string[];
  author?: string;
  licenceId?: string;
}

/** What is to be done to an asset, and what of it cannot be. */
export interface PlannedChange {
  changes: FieldChange[];
  /** Sentences; empty where all of it can be. */
  left: string[];
}

const TOO_MANY = `It has ${MOST_TAGS} tags: no more can be added.`;

/** What giving this changes of an asset: nothing where it is so already. */
export function planShared(asset: SharedFields, given: GivenAlike): PlannedChange {
  const changes: FieldChange[] = [];
  const note = (field: SharedField, before: string, after: string | undefined): void => {
    if (after !== undefined && after !== before) changes.push({ assetId: asset.id, field, before, after });
  };
  note('category', asset.category ?? '', given.category);
  const removed = given.removeTags.filter((tag) => asset.tags.includes(tag) && !given.addTags.includes(tag));
  const added = given.addTags.filter((tag) => !asset.tags.includes(tag));
  const isRoom = asset.tags.length - removed.length + added.length <= MOST_TAGS;
  for (const tag of removed) note('tag', tag, '');
  if (isRoom) for (const tag of added) note('tag', '', tag);
  note('author', asset.author, given.author);
  if (given.author !== undefined) note('authorUnknown', flag(asset.authorUnknown), flag(false));
  note('licenceId', asset.licenceId, given.licenceId);
  return { changes, left: isRoom ? [] : [TOO_MANY] };
}

/** What undoes earlier changes of an asset: a field that is another since stays as it is. @param done to this asset */
export function planUndo(asset: SharedFields, done: readonly FieldChange[]): PlannedChange {
  const changes: FieldChange[] = [];
  const left: string[] = [];
  const undo = ({ assetId, field, before, after }: FieldChange): void => {
    changes.push({ assetId, field, before: after, after: before });
  };
  let room =
    MOST_TAGS - asset.tags.length + done.filter(({ field, before }) => field === 'tag' && before === '').length;
  for (const change of done) {
    const { field, before, after } = change;
    if (field === 'tag') {
      if (after !== '' && asset.tags.includes(after)) undo(change);
      if (after !== '' || asset.tags.includes(before)) continue;
      if (room-- > 0) undo(change);
      else left.push(TOO_MANY);
    } else if (valueOf(asset, field) === after) undo(change);
    else if (field !== 'authorUnknown') left.push(`Its ${FIELD_WORDS[field]} was changed since.`);
  }
  return { changes, left: [...new Set(left)] };
}

/** An asset as it is after changes. */
export function withChanges(asset: SharedFields, changes: readonly FieldChange[]): SharedFields {
  let next = asset;
  for (const { field, before, after } of changes) {
    if (field === 'category') next = { ...next, category: after === '' ? null : after };
    else if (field === 'tag')
      next = {
        ...next,
        tags: [...next.tags.filter((tag) => tag !== before), ...(after === '' ? [] : [after])],
      };
    else if (field === 'authorUnknown') next = { ...next, authorUnknown: after !== '' };
    else next = { ...next, [field]: after };
  }
  return next;
}

/** What fields are called in a sentence. */
export const FIELD_WORDS: Record<Exclude<SharedField, 'authorUnknown'>, string> = {
  category: 'category',
  tag: 'tags',
  author: 'author',
  licenceId: 'licence',
};

const flag = (value: boolean): string => (value ? '1' : '');

function valueOf(asset: SharedFields, field: Exclude<SharedField, 'tag'>): string {
  if (field === 'category') return asset.category ?? '';
  return field === 'authorUnknown' ? flag(asset.authorUnknown) : asset[field];
}
