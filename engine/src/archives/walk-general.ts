import { basename, dirname } from 'node:path';
import { LOCKED, type EntrySink, type EntryVisitor, type WalkEnd } from './archive-entry';
import { isLockedWhole } from './is-locked-whole';
import { listGeneral, passwordSwitch, type ListedEntry, type Listing } from './list-general';
import { loadArchiveCommand, type ArchiveCommand } from './seven-zip-module';

export interface GeneralOptions {
  /** What the one file of a compression without names is called. */
  nameOfOnly: string;
  password: string | null;
  /** Entries to show, by their place; all where it is left out. */
  only?: ReadonlySet<number>;
}

/** 7z, rar 4 and 5, xz, bzip2 and what a zip packs in ways of its own: shows every entry, in order, in one pass. */
export async function walkGeneral(location: string, visitor: EntryVisitor, options: GeneralOptions): Promise<WalkEnd> {
  const file = basename(location);
  const command = await loadArchiveCommand(dirname(location));
  const listing = listGeneral(command, file, options.password, options.nameOfOnly);
  if (listing.entries.length === 0 && !listing.isComplete) {
    const isLocked = await isLockedWhole(location);
    return { isLocked, problem: isLocked ? null : 'is cut short or damaged; nothing in it could be saved.' };
  }
  // a command that broke off leaves its module unusable
  return extract(
    listing.isComplete ? command : await loadArchiveCommand(dirname(location)),
    file,
    listing,
    visitor,
    options,
  );
}

const WRONG_PASSWORD = /Wrong password/;
/** What the reader calls a fault of an entry, and how we say it. */
const FAULTS: { says: RegExp; words: string }[] = [
  { says: /CRC Failed/, words: 'its checksum does not match' },
  { says: /Unexpected end of data/, words: 'it ends too early' },
  { says: /Unsupported Method/, words: 'it is packed by a method that cannot be opened' },
  { says: /Data Error/, words: 'its packed bytes are damaged' },
];

function extract(
  command: ArchiveCommand,
  file: string,
  { entries, isComplete }: Listing,
  visitor: EntryVisitor,
  { password, only }: GeneralOptions,
): WalkEnd {
  let next = 0;
  let isLocked = false;
  let current: { entry: ListedEntry; sink: EntrySink | null; problem?: string; written: number } | null = null;
  const finish = (): void => {
    if (current?.sink) current.sink.end(current.problem ?? describeShortfall(current.entry, current.written));
    current = null;
  };
  const begin = (said: string): void => {
    finish();
    const at = findNext(entries, next, said);
    if (at < 0) return;
    next = at + 1;
    const entry = entries[at];
    const isShown = !only || only.has(at);
    current = { entry, sink: isShown ? visitor.begin(entry, at, entries.length) : null, written: 0 };
  };
  // a compression around one file says no name
  const isSingle = entries.length === 1;
  if (isSingle) begin(entries[0].path);
  const { code } = command.run(
    ['x', '-so', '-bb1', '-bso2', '-bse2', '-bsp0', '-sccUTF-8', passwordSwitch(password), `/in/${file}`],
    (bytes) => {
      if (!current) return;
      current.written += bytes.length;
      if (current.sink) current.sink.write(bytes);
      else visitor.pass(bytes.length);
    },
    (line) => {
      if (line.startsWith('- ') && !isSingle) return begin(line.slice(2));
      if (!line.startsWith('ERROR')) return;
      const wantsPassword = WRONG_PASSWORD.test(line);
      isLocked ||= wantsPassword;
      const fault = FAULTS.find(({ says }) => says.test(line))?.words ?? 'it could not be opened';
      if (current) current.problem = wantsPassword ? LOCKED : fault;
    },
  );
  finish();
  const problem =
    code === null || !isComplete
      ? `is cut short or damaged after ${next} entries. What came before it was kept.`
      : null;
  return { isLocked, problem };
}

function describeShortfall(entry: ListedEntry, written: number): string | undefined {
  if (entry.sizeBytes === null || entry.sizeBytes === written || entry.kind !== 'file') return undefined;
  return `${written} of ${entry.sizeBytes} bytes came`;
}

/** The reader says names in the order it listed them, folders with a stroke behind. */
function findNext(entries: readonly ListedEntry[], from: number, said: string): number {
  const plain = said.replace(/\/$/, '');
  for (let i = from; i < entries.length; i++) if (entries[i].path === plain || entries[i].path === said) return i;
  return -1;
}
