import { takeToBench } from '@haveld/contract/api/arrivals';
import { answerFinding, confirmGuesses, getSheet, switchStep, type Sheet } from '@haveld/contract/api/bench';
import { bring } from '../testing/bring';
import { CRATE, CRATE_MATERIAL } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { withoutTaking } from '../testing/without-taking';

const given = useLibrary();

/** Brings a crate to the bench. @param stem a name that says nothing leaves the size open @param author of its own: others of his would say a size */
async function takeCrate(height: number, stem: string, author: string, more = ''): Promise<Sheet> {
  const { finds } = await bring(given.client, `${stem}-${height}.zip`, {
    [`${stem}.obj`]: CRATE.replaceAll(' 40 ', ` ${height} `),
    'crate.mtl': CRATE_MATERIAL,
    'readme.txt': `Crate by ${author}\nhttps://quayside-models.example/crate\nCC BY 4.0\n${more}`,
  });
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  return sheetOf(assetId);
}
const sheetOf = (id: string): Promise<Sheet> => given.client.call(getSheet, { params: { id } });
const sizeOf = ({ findings }: Sheet) => findings.find(({ kind }) => kind === 'size')!;
const guessOf = (sheet: Sheet) => ({ key: sizeOf(sheet).key, choiceId: sizeOf(sheet).choices[0].id });

test('what is sure is done when the bench opens, by Haveld, and can be switched off', async () => {
  const sheet = await takeCrate(41, 'crate', 'Ines Falkenrot', 'The crate is 41 cm high.');
  expect(sheet.sureCount).toBe(0);
  expect(sizeOf(sheet).answer).toMatchObject({ kind: 'taken', by: 'haveld' });
  const scaled = sheet.steps.find(({ step }) => step.kind === 'scale')!;
  expect(scaled).toMatchObject({ personName: 'Haveld', enabled: true });
  // rights are for a person
  expect(sheet.findings.filter(({ heading, answer }) => heading === 'rights' && answer !== null)).toEqual([]);
  await given.client.call(switchStep, { params: { id: sheet.id }, body: { stepId: scaled.id, enabled: false } });
  expect((await sheetOf(sheet.id)).steps.find(({ id }) => id === scaled.id)!.enabled).toBe(false);
});

test('a house that lets Haveld take nothing is asked about what is sure, too', async () => {
  const sheet = await withoutTaking(given.client, () =>
    takeCrate(43, 'crate', 'Ines Falkenrot', 'The crate is 43 cm high.'),
  );
  expect(sheet.sureCount).toBeGreaterThan(0);
  expect(sheet.steps).toEqual([]);
  expect(sizeOf(sheet)).toMatchObject({ sure: true, answer: null });
});

test('a guess stands among the steps as it will be, and among those that are taken only once it is confirmed', async () => {
  const sheet = await takeCrate(47, 'thing', 'Tor Aldersund');
  expect(sheet.guessed).toContain('size');
  const guess = sheet.planned.find(({ step }) => step.kind === 'scale')!;
  expect(guess).toMatchObject({ isGuess: true, findingKey: 'size', enabled: true });
  expect(sheet.steps.filter(({ step }) => step.kind === 'scale')).toEqual([]);
  expect(sheet.missing).toContain('Its size is not settled.');
  const after = await given.client.call(confirmGuesses, {
    params: { id: sheet.id },
    body: { guesses: [guessOf(sheet)] },
  });
  expect(after.missing).not.toContain('Its size is not settled.');
  expect(sizeOf(after).answer).toMatchObject({ kind: 'taken', by: 'glance' });
  expect(after.steps.find(({ step }) => step.kind === 'scale')).toMatchObject({ personName: 'Maja Lindqvist' });
  expect(after.guessed).not.toContain('size');
});

test('a guess that has changed since it was seen is not confirmed, and none of the others with it', async () => {
  const sheet = await takeCrate(53, 'thing', 'Ebba Lindgard');
  const other = sizeOf(sheet).choices[1].id;
  const confirm = (guesses: { key: string; choiceId: string }[]) =>
    given.client.call(confirmGuesses, { params: { id: sheet.id }, body: { guesses } });
  await expect(confirm([{ key: 'size', choiceId: other }])).rejects.toThrow('409: A guess has changed');
  await expect(confirm([guessOf(sheet), { key: 'up', choiceId: 'no such' }])).rejects.toThrow(
    '409: A guess has changed',
  );
  expect(sizeOf(await sheetOf(sheet.id)).answer).toBeNull();
});

test('nobody can say that Haveld took it: who answered is told apart for ever', async () => {
  const sheet = await takeCrate(59, 'thing', 'Sanna Wirén');
  const claim = (by: 'haveld' | 'glance') =>
    given.client.call(answerFinding, {
      params: { id: sheet.id },
      body: { key: 'size', answer: { kind: 'taken', choiceId: guessOf(sheet).choiceId, by: by as 'glance' } },
    });
  await expect(claim('haveld')).rejects.toThrow('400');
  expect(sizeOf(await sheetOf(sheet.id)).answer).toBeNull();
  await claim('glance');
  expect(sizeOf(await sheetOf(sheet.id)).answer).toMatchObject({ by: 'glance' });
});

test('what rests on an answer is judged anew by it: on another side the crate no longer stands where it did', async () => {
  const sheet = await takeCrate(61, 'thing', 'Ove Strand');
  const up = sheet.findings.find(({ kind }) => kind === 'up')!;
  const other = up.choices.find(({ id }) => id === '-y')!;
  const pivotOf = ({ findings }: Sheet) => findings.find(({ kind }) => kind === 'pivot')!;
  const before = pivotOf(sheet);
  await given.client.call(answerFinding, {
    params: { id: sheet.id },
    body: { key: 'up', answer: { kind: 'taken', choiceId: other.id } },
  });
  const after = await waitFor(
    () => sheetOf(sheet.id),
    ({ busy }) => busy === null,
  );
  // on its head it hangs below the ground it stood on
  expect([before.title, ...before.evidence.map(({ text }) => text)].join()).not.toContain('below the ground');
  expect([pivotOf(after).title, ...pivotOf(after).evidence.map(({ text }) => text)].join()).toContain(
    'below the ground',
  );
});
