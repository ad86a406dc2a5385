import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { homedir } from 'node:os';
import { dirname, join } from 'node:path';
import { z } from 'zod';

const EntrySchema = z.object({
  arrivalId: z.string(),
  sentAt: z.string(),
  /** Where each file was begun to be uploaded to, by its number there. */
  uploads: z.record(z.string(), z.string()).default({}),
});
type Entry = z.infer<typeof EntrySchema>;
const BookSchema = z.record(z.string(), EntrySchema);

/** What was begun to be sent, so that the next run goes on with it. A file of this machine's user. */
const bookPath = (): string =>
  join(process.env.XDG_STATE_HOME ?? join(homedir(), '.local/state'), 'haveld', 'sent.json');

async function readBook(): Promise<Record<string, Entry>> {
  try {
    return BookSchema.parse(JSON.parse(await readFile(bookPath(), 'utf8')));
  } catch {
    // there is none yet, or it is broken: then it is sent as if for the first time
    return {};
  }
}

/** @returns what a set of files was begun as, or null */
export const findSent = async (key: string): Promise<Entry | null> => (await readBook())[key] ?? null;

/** Notes that a set of files is sent as an arrival, or where one of them is uploaded to. */
export async function noteSent(key: string, arrivalId: string, uploads: Record<string, string> = {}): Promise<void> {
  const book = await readBook();
  const known = book[key]?.arrivalId === arrivalId ? book[key].uploads : {};
  book[key] = { arrivalId, sentAt: new Date().toISOString(), uploads: { ...known, ...uploads } };
  await mkdir(dirname(bookPath()), { recursive: true, mode: 0o700 });
  // written aside: a run that is stopped here leaves the old one whole
  await writeFile(`${bookPath()}.new`, JSON.stringify(book, null, 1), { mode: 0o600 });
  await rename(`${bookPath()}.new`, bookPath());
}
