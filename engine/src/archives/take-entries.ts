import type { BlobBatch, BlobWriter } from '../store/blob-batch';
import { HEAD_BYTES, identifyHead, type IdentifiedFile } from './identify-at';
import { createTakenPaths } from '@haveld/core/finds/names/free-path';
import { admitEntry, describeRatio, isBomb } from './admit-entry';
import { LOCKED, StopArchive, type EntrySink, type EntryVisitor } from './archive-entry';
import { ARCHIVE_LIMITS, formatGib, type Budget } from './limits';

export type TakenFile = Omit<IdentifiedFile, 'inside'> & { sha256: string };

/** What one archive gave. */
export interface Taken {
  files: TakenFile[];
  refused: string[];
  notes: string[];
}

export interface TakeOptions {
  /** The archive, for sentences and for the paths of what it holds. */
  archivePath: string;
  archiveBytes: number;
  batch: BlobBatch;
  budget: Budget;
  progress(done: number, total: number): void;
}

/** Takes what an archive holds into the store, within the limits. */
export function createTaker(options: TakeOptions): EntryVisitor & { taken: Taken } {
  const { archivePath, batch, budget } = options;
  const taken: Taken = { files: [], refused: [], notes: [] };
  const paths = createTakenPaths();
  const spend = createSpending(options);
  let passed = 0;
  return {
    taken,
    begin(entry, index, total) {
      options.progress(index, total);
      if (++budget.entries > ARCHIVE_LIMITS.entries)
        throw new StopArchive(
          `“${archivePath}” holds more than ${ARCHIVE_LIMITS.entries} entries; the rest was not opened.`,
        );
      const admission = admitEntry(entry, paths, budget);
      if ('path' in admission) {
        if (admission.note) taken.notes.push(admission.note);
        return keepEntry(admission.path, archivePath, batch.open(), taken, spend);
      }
      if ('refused' in admission) taken.refused.push(admission.refused);
      return null;
    },
    pass(bytes) {
      passed += bytes;
      if (passed > ARCHIVE_LIMITS.totalBytes)
        throw new StopArchive(`“${archivePath}” holds too much that is not taken; the rest was not opened.`);
    },
  };
}

type Spend = (bytes: number) => void;

/** Counts real bytes, whatever an archive states. */
function createSpending({ archivePath, archiveBytes, budget }: TakeOptions): Spend {
  let unpacked = 0;
  return (bytes) => {
    unpacked += bytes;
    if (isBomb(unpacked, archiveBytes))
      throw new StopArchive(
        `“${archivePath}” unpacks to more than ${describeRatio(unpacked, archiveBytes)} its size; it may be an archive bomb, so the rest was not opened.`,
      );
    budget.bytes += bytes;
    if (budget.bytes > budget.mostBytes)
      throw new StopArchive(`“${archivePath}” goes over ${budget.mostWords}; the rest was not opened.`);
  };
}

function keepEntry(path: string, archivePath: string, writer: BlobWriter, taken: Taken, spend: Spend): EntrySink {
  let head = Buffer.alloc(0);
  let written = 0;
  const isTooLarge = (): boolean => written > ARCHIVE_LIMITS.entryBytes;
  return {
    write(chunk) {
      written += chunk.length;
      try {
        spend(chunk.length);
      } catch (error) {
        writer.abandon();
        throw error;
      }
      if (isTooLarge()) return;
      if (head.length < HEAD_BYTES) head = Buffer.concat([head, chunk.subarray(0, HEAD_BYTES - head.length)]);
      writer.write(chunk);
    },
    end(problem) {
      if (problem !== undefined || isTooLarge()) {
        writer.abandon();
        if (problem === LOCKED) return;
        taken.refused.push(
          problem === undefined
            ? `“${path}” is larger than ${formatGib(ARCHIVE_LIMITS.entryBytes)}, whatever it states; it was not kept.`
            : `“${path}” is damaged: ${problem}.`,
        );
        return;
      }
      const { sha256, sizeBytes } = writer.finish();
      taken.files.push({ ...identifyHead(`${archivePath}/${path}`, head, sizeBytes), sha256 });
    },
  };
}
