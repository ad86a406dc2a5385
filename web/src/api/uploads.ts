import { Upload } from 'tus-js-client';
import { createArrival, listArrivals, type Arrival } from '@haveld/contract/api/arrivals';
import { listVolumeSets } from '@haveld/core/finds/volumes';
import { call } from './client';

/** One file on its way. */
export interface Sending {
  receivedId: string;
  arrivalId: string;
  path: string;
  sent: number;
  total: number;
  state: 'sending' | 'failed';
  message?: string;
}

/** Where files are sent, and what lets them in. */
export interface UploadPlace {
  endpoint: string;
  headers?: Record<string, string>;
}

const OWN_UPLOADS: UploadPlace = { endpoint: '/api/uploads' };

type Listener = () => void;

/** Files on their way, outside React: they go on while screens come and go. */
class UploadDesk {
  #sending: readonly Sending[] = [];
  readonly #uploads = new Map<string, Upload>();
  readonly #listeners = new Set<Listener>();

  readonly subscribe = (listener: Listener): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly snapshot = (): readonly Sending[] => this.#sending;

  #change(next: readonly Sending[]): void {
    this.#sending = next;
    this.#listeners.forEach((listener) => listener());
  }

  start(arrivalId: string, receivedId: string, path: string, file: File, to: UploadPlace = OWN_UPLOADS): void {
    this.#change([...this.#sending, { receivedId, arrivalId, path, sent: 0, total: file.size, state: 'sending' }]);
    const set = (change: Partial<Sending>): void =>
      this.#change(this.#sending.map((item) => (item.receivedId === receivedId ? { ...item, ...change } : item)));
    const upload = new Upload(file, {
      ...to,
      chunkSize: 32 * 1024 * 1024,
      retryDelays: [0, 500, 1500, 3000, 6000, 12000, 24000],
      metadata: { receivedId },
      // the same file of the same arrival goes on where it stopped, even after a reload
      fingerprint: () => Promise.resolve(`haveld-${receivedId}`),
      removeFingerprintOnSuccess: true,
      onProgress: (sent, total) => set({ sent, total }),
      onSuccess: () => this.#forget(receivedId),
      onError: (error) => set({ state: 'failed', message: error.message.split('\n')[0] }),
    });
    this.#uploads.set(receivedId, upload);
    void upload.findPreviousUploads().then(([previous]) => {
      if (previous) upload.resumeFromPreviousUpload(previous);
      upload.start();
    });
  }

  #forget(receivedId: string): void {
    this.#uploads.delete(receivedId);
    this.#change(this.#sending.filter((item) => item.receivedId !== receivedId));
  }

  async cancel(arrivalId: string): Promise<void> {
    for (const { receivedId } of this.#sending.filter((item) => item.arrivalId === arrivalId)) {
      await this.#uploads.get(receivedId)?.abort(true);
      this.#forget(receivedId);
    }
  }
}

export const uploadDesk = new UploadDesk();

/** A dropped file with its path inside the drop. */
export interface Dropped {
  file: File;
  path: string;
}

/** @returns a dropped file with its path inside the drop, without what stands for the place itself */
export const toDropped = (file: File & { path?: string }): Dropped => ({
  file,
  path: (file.path ?? file.name).replace(/^\.?\//, ''),
});

const ARCHIVE = /\.(zip|7z|rar|tar|gz|tgz|xz|bz2)$/i;

/** Each archive is an arrival of its own, in however many parts it lies; loose files and folders that came together are one. */
export function groupDropped(dropped: readonly Dropped[]): { name: string; files: Dropped[] }[] {
  const atTop = dropped.filter(({ path }) => !path.includes('/'));
  const byPath = new Map(atTop.map((item) => [item.path, item]));
  const inParts = listVolumeSets([...byPath.keys()])
    .filter(({ paths }) => paths.length > 1)
    .map(({ paths, opens }) => ({ name: opens ?? paths[0], files: paths.map((path) => byPath.get(path)!) }));
  const parts = new Set(inParts.flatMap(({ files }) => files));
  const archives = atTop.filter((item) => ARCHIVE.test(item.path) && !parts.has(item));
  const loose = dropped.filter((item) => !archives.includes(item) && !parts.has(item));
  const groups = [...inParts, ...archives.map((item) => ({ name: item.path, files: [item] }))];
  if (loose.length > 0) {
    const top = loose[0].path.includes('/') ? loose[0].path.slice(0, loose[0].path.indexOf('/')) : loose[0].path;
    groups.push({
      name: loose.length === 1 || loose[0].path.includes('/') ? top : `${top} and ${loose.length - 1} more`,
      files: loose,
    });
  }
  return groups;
}

/**
 * Announces what was dropped and sends it. What a broken line or a reload left half-way goes on, where it was the same person's.
 * @param personId who drops it
 */
export async function bringIn(dropped: readonly Dropped[], personId: string): Promise<{ refused: string[] }> {
  const waiting = (await call(listArrivals)).filter(
    (arrival) => arrival.state === 'receiving' && arrival.personId === personId,
  );
  const refused: string[] = [];
  for (const group of groupDropped(dropped)) {
    const known = waiting.find((arrival) => isSame(arrival, group));
    if (known) {
      for (const row of known.received) {
        const item = group.files.find((candidate) => candidate.path === row.path);
        const underWay = uploadDesk
          .snapshot()
          .some((sending) => sending.receivedId === row.id && sending.state === 'sending');
        if (item && !row.arrived && !underWay) uploadDesk.start(known.id, row.id, row.path, item.file);
      }
      continue;
    }
    const announced = await call(createArrival, {
      body: { name: group.name, files: group.files.map(({ path, file }) => ({ path, sizeBytes: file.size })) },
    });
    refused.push(...announced.refused);
    for (const { id, path } of announced.received) {
      const item = group.files.find((candidate) => candidate.path.replace(/^\.?\//, '') === path);
      if (item) uploadDesk.start(announced.id, id, path, item.file);
    }
  }
  return { refused };
}

function isSame(arrival: Arrival, group: { name: string; files: Dropped[] }): boolean {
  return (
    arrival.name === group.name &&
    arrival.received.every((row) =>
      group.files.some(({ path, file }) => path === row.path && file.size === row.sizeBytes),
    )
  );
}
