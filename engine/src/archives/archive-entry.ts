/** One thing an archive says it holds. */
export interface ArchiveEntry {
  /** Raw bytes where the format leaves their encoding open, else text. */
  name: Uint8Array | string;
  /** The format says that the bytes are UTF-8. */
  isUtf8: boolean;
  kind: 'file' | 'folder' | 'link' | 'other';
  /** Unpacked, as stated; null where nothing is stated. */
  sizeBytes: number | null;
  /** Packed; null where it lies packed together with others. */
  packedBytes: number | null;
  /** Why its bytes cannot be given, as the rest of a sentence: `is packed by method 99, …`. */
  unreadable?: string;
}

/** Told to a sink where no password opened its entry: that is asked about, not refused. */
export const LOCKED = 'locked';

/** Takes the bytes of one entry, in order. */
export interface EntrySink {
  /** @throws {StopArchive} where a limit of the whole arrival is reached */
  write(chunk: Uint8Array): void;
  /** @param problem why what came is not what was packed; nothing is kept of it then */
  end(problem?: string): void;
}

/** Decides what is taken from an archive. A walker shows it every entry, in order, one at a time. */
export interface EntryVisitor {
  /** @returns null where its bytes are not wanted */
  begin(entry: ArchiveEntry, index: number, total: number): EntrySink | null;
  /** Bytes that had to be unpacked though nobody wants them, because others lie behind them. @throws {StopArchive} */
  pass(bytes: number): void;
}

/** How a walk ended. */
export interface WalkEnd {
  /** Entries, or the directory itself, that no password opened. */
  isLocked: boolean;
  /** What is wrong with the archive as a whole. */
  problem: string | null;
  /** What was taken for granted of it, as the rest of a sentence. */
  note?: string;
}

/** Nothing more is taken from this archive, or from the arrival; the message says why. */
export class StopArchive extends Error {
  override readonly name = 'StopArchive';
}
