import { mkdir, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { DomainError } from '@haveld/contract/error';
import type { PreparedModel, PreparedReport } from '@haveld/contract/prepared';
import { houseName } from '@haveld/core/text/house-name';
import type { FolderStore } from '@haveld/engine/store/folder-store';
import type { PrepareResult } from '@haveld/engine/tasks/prepare-find';

type Output = PreparedModel['outputs'][number];

const REPORT = 'report.json';

/** The folder models are written to. Nothing that lies there is written over unless that was asked for. */
export class Outputs {
  readonly #folder: string;
  readonly #replace: boolean;
  readonly #taken = new Set<string>();

  private constructor(folder: string, replace: boolean) {
    this.#folder = folder;
    this.#replace = replace;
  }

  /** @throws {DomainError} `bad-request` where a report lies there already */
  static async open(folder: string, replace: boolean): Promise<Outputs> {
    await mkdir(folder, { recursive: true });
    if (!replace && (await stat(join(folder, REPORT)).catch(() => null)))
      throw new DomainError(
        'bad-request',
        `“${folder}” holds a ${REPORT} already. Give another folder, or --replace to write over it.`,
      );
    return new Outputs(folder, replace);
  }

  /** Writes a model and its thumbnail under the house's name for it, numbered where two have the same. */
  async write({ report, modelSha256, thumbnailSha256 }: PrepareResult, store: FolderStore): Promise<Output[]> {
    const stem = this.#takeName(houseName(report.name));
    const outputs: Output[] = [];
    for (const [role, extension, sha256] of [
      ['model', 'glb', modelSha256],
      ['thumbnail', 'png', thumbnailSha256],
    ] as const) {
      if (sha256 === null) continue;
      const path = `${stem}.${extension}`;
      const bytes = await store.get(sha256);
      await this.#writeFile(path, bytes);
      outputs.push({ role, path, sha256, sizeBytes: bytes.byteLength });
    }
    return outputs;
  }

  async writeReport(report: PreparedReport): Promise<void> {
    await this.#writeFile(REPORT, `${JSON.stringify(report, null, 2)}\n`);
  }

  #takeName(wanted: string): string {
    let name = wanted;
    for (let i = 2; this.#taken.has(name); i++) name = `${wanted}_${i}`;
    this.#taken.add(name);
    return name;
  }

  async #writeFile(path: string, content: Uint8Array | string): Promise<void> {
    try {
      await writeFile(join(this.#folder, path), content, { flag: this.#replace ? 'w' : 'wx' });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      throw new DomainError(
        'bad-request',
        `“${path}” lies in “${this.#folder}” already. Give another folder, or --replace to write over it.`,
      );
    }
  }
}
