import type { FileSource } from '@haveld/core/formats/reading';
import type { FolderStore } from '../store/folder-store';

/** A file of a find: where it lay, its bytes by hash, what it is to the model. */
export interface FindFile {
  path: string;
  sha256: string;
  role: string;
}

/** The files of a find as readers see them. */
export function createFileSource(files: readonly FindFile[], store: FolderStore): FileSource {
  const byPath = new Map(files.map((file) => [file.path, file.sha256]));
  const hash = (path: string): string => {
    const sha256 = byPath.get(path);
    if (!sha256) throw new Error(`createFileSource: no such file, got ${path}`);
    return sha256;
  };
  return {
    paths: files.map((file) => file.path),
    read: (path) => store.get(hash(path)),
    hash,
  };
}
