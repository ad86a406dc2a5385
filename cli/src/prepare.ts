import { availableParallelism, freemem } from 'node:os';
import { DomainError } from '@haveld/contract/error';
import type { Confirm, PreparedModel, PreparedReport, Preset } from '@haveld/contract/prepared';
import { compareFinds } from '@haveld/core/finds/describe-duplicate';
import { describeFailure } from '@haveld/core/condition/describe-failure';
import { groupFinds } from '@haveld/core/finds/grouping/group-finds';
import type { ProposedFind } from '@haveld/core/finds/heap-file';
import { sayByAuthor } from '@haveld/core/placement/kit/author-say';
import { listUnitShares } from '@haveld/core/placement/kit/kit-say';
import type { AuthorSay } from '@haveld/core/placement/size/judge-size';
import { SANDBOX_LIMITS } from '@haveld/engine/sandbox/run-sandboxed';
import type { PrepareInput, PrepareResult } from '@haveld/engine/tasks/prepare-find';
import { gatherInput, type GatheredFile } from './gather-input';
import type { Outputs } from './outputs';
import type { Workshop } from './workshop';

export interface PrepareOptions {
  input: string;
  preset: Preset;
  confirm: Confirm;
  /** Where models go; null only looks. */
  outputs: Outputs | null;
}

/**
 * From what was given to a report: finds, each read, judged and treated in a process of its own.
 * @throws {DomainError} `bad-request` where the input holds no model at all
 */
export async function prepare(
  { input, preset, confirm, outputs }: PrepareOptions,
  workshop: Workshop,
): Promise<PreparedReport> {
  const { files, only, refused, locked } = await gatherInput(input, workshop);
  const { finds, excluded } = groupFinds(only === null ? files : withoutTwins(files, only));
  const wanted = only === null ? finds : finds.filter((find) => find.model === only);
  if (wanted.length === 0 && locked.length === 0) {
    const reasons = [...refused, ...excluded.slice(0, 3).map(({ path, reason }) => `“${path}”: ${reason}.`)];
    throw new DomainError('bad-request', `There is no model in “${input}”. ${reasons.join(' ')}`.trim());
  }
  const byPath = new Map(files.map((file) => [file.path, file]));
  const shares = new Map<ProposedFind, number>();
  const onShare = (find: ProposedFind) => (share: number) => {
    shares.set(find, share);
    const done = [...shares.values()].reduce((sum, value) => sum + value, 0);
    workshop.onProgress({ done, of: wanted.length, label: find.name });
  };
  const batch = { byPath, preset, confirm, outputs, isCompared: wanted.length > 1 };
  const first = await mapSome(wanted, countAtOnce(), async (find) => {
    const one = await prepareOne({ ...batch, find }, workshop, onShare(find));
    return mayHearOfOthers(one) ? one : { ...one, model: await keep(one, batch, workshop), isKept: true };
  });
  // what all of them say of their authors' habits may settle what one alone left open
  const says = listAuthorSays(first);
  const models = await mapSome(first, countAtOnce(), async (one, i) => {
    if (one.isKept) return one.model;
    const author = says[i];
    // it was compared the first time
    const again = { ...batch, isCompared: false, find: one.find, author: author ?? undefined };
    const last = author ? await prepareOne(again, workshop, () => undefined) : one;
    return keep(last, batch, workshop);
  });
  const unused = excluded.filter(({ path }) => byPath.get(path)?.kind !== 'archive');
  const duplicates = listDuplicates(first);
  return {
    report: 1,
    input,
    preset,
    confirm,
    models,
    excluded: only === null ? unused : [],
    refused,
    duplicates,
    locked,
  };
}

/** Every two that are one thing, or a twin of one another, by the path of their model. */
function listDuplicates(prepared: readonly Prepared[]): PreparedReport['duplicates'] {
  const read = prepared.flatMap(({ find, result }) =>
    result?.likeness ? [{ path: find.model, likeness: result.likeness }] : [],
  );
  return read.flatMap((one, i) =>
    read.slice(i + 1).flatMap((other): PreparedReport['duplicates'] => {
      const alike = compareFinds(one.likeness, other.likeness);
      return alike ? [{ models: [one.path, other.path], relation: alike.relation, summary: alike.summary }] : [];
    }),
  );
}

/** Where one model was named, the same model in other formats is none of it. */
function withoutTwins(files: readonly GatheredFile[], only: string): GatheredFile[] {
  const stem = only.replace(/\.[^.]*$/, '').toLowerCase();
  return files.filter(
    (file) => file.kind !== 'model' || file.path === only || file.path.replace(/\.[^.]*$/, '').toLowerCase() !== stem,
  );
}

interface Batch {
  byPath: ReadonlyMap<string, GatheredFile>;
  preset: Preset;
  confirm: Confirm;
  outputs: Outputs | null;
  isCompared: boolean;
}

interface One extends Batch {
  find: ProposedFind;
  author?: AuthorSay;
}

/** A model and what was made of it; nothing where it failed. */
interface Prepared {
  find: ProposedFind;
  model: PreparedModel;
  result: PrepareResult | null;
  /** It was written already. */
  isKept?: boolean;
}

async function prepareOne(
  { find, byPath, preset, confirm, outputs, isCompared, author }: One,
  workshop: Workshop,
  onShare: (share: number) => void,
): Promise<Prepared> {
  workshop.signal.throwIfAborted();
  onShare(0);
  const kept: PreparedModel['files'] = [];
  const inputs: PrepareInput['files'] = [];
  for (const { path, role } of find.files) {
    const file = byPath.get(path)!;
    const sha256 = 'sha256' in file ? file.sha256 : (await workshop.store.adoptFile(file.location)).sha256;
    kept.push({ path, role, sha256, sizeBytes: file.sizeBytes });
    inputs.push({ path, role, sha256, width: file.width, height: file.height });
  }
  try {
    const input: PrepareInput = {
      name: find.name,
      model: find.model,
      files: inputs,
      preset,
      confirm,
      makes: outputs !== null,
      isCompared,
      today: new Date().toISOString().slice(0, 10),
      author,
    };
    const result: PrepareResult = await workshop.runSandboxed('prepare-find', input, (done, of) => onShare(done / of));
    onShare(1);
    const question = find.question?.text ?? null;
    return { find, model: { ...result.report, files: kept, outputs: [], question }, result };
  } catch (error) {
    onShare(1);
    return { find, model: failed(error, find, kept, byPath, workshop), result: null };
  }
}

/** Writes what was made of a model beside the others. */
async function keep(
  { find, model, result }: Prepared,
  { byPath, outputs }: Batch,
  workshop: Workshop,
): Promise<PreparedModel> {
  if (!outputs || !result) return model;
  try {
    return { ...model, outputs: await outputs.write(result, workshop.store) };
  } catch (error) {
    return failed(error, find, model.files, byPath, workshop);
  }
}

/** @throws {unknown} what is no failure of the model: who stops the whole does not say that one failed */
function failed(
  error: unknown,
  find: ProposedFind,
  files: PreparedModel['files'],
  byPath: Batch['byPath'],
  workshop: Workshop,
): PreparedModel {
  if (!(error instanceof DomainError) || workshop.signal.aborted) throw error;
  const said = describeFailure(find.name, byPath.get(find.model)!.format, error.message);
  return { ...said, files, question: find.question?.text ?? null };
}

/** Its size is open, and somebody made it who may have made others. */
const mayHearOfOthers = ({ result, model }: Prepared): boolean =>
  result !== null && result.author !== '' && model.size?.status !== 'sure';

/**
 * For each model whose size is open, what the others by its author say; null for those that are settled or stand alone. Each is judged
 * by what the others say by themselves, so that their order says nothing.
 */
function listAuthorSays(prepared: readonly Prepared[]): (AuthorSay | null)[] {
  return prepared.map((one) => {
    if (!mayHearOfOthers(one)) return null;
    const { author } = one.result!;
    const others = prepared.filter((other) => other !== one && other.result?.author === author);
    return sayByAuthor(
      author,
      others.map(({ result }) => listUnitShares(result!.sizeQuestion, null)),
    );
  });
}

/** One model a core, as long as each finds the memory it may take. */
const countAtOnce = (): number =>
  Math.max(1, Math.min(availableParallelism(), Math.floor(freemem() / SANDBOX_LIMITS.memoryBytes)));

/** Like `Promise.all` over a map, with at most `atOnce` under way; results in the order of the items. */
async function mapSome<T, R>(
  items: readonly T[],
  atOnce: number,
  act: (item: T, i: number) => Promise<R>,
): Promise<R[]> {
  const results = new Array<R>(items.length);
  let next = 0;
  const run = async (): Promise<void> => {
    while (next < items.length) {
      const i = next++;
      results[i] = await act(items[i], i);
    }
  };
  await Promise.all(Array.from({ length: Math.min(atOnce, items.length) }, run));
  return results;
}
