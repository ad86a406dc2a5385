import type { Person } from '@haveld/contract/api/people';
import { createDemoArrivals, type DemoArrival } from '@haveld/demo/arrivals';
import {
  DEMO_HOUSE,
  DEMO_PASSWORD,
  DEMO_PEOPLE,
  DEMO_PROJECTS,
  DEMO_RIGHTS,
  DEMO_TOKENS,
  DEMO_TREATMENTS,
} from '@haveld/demo/studio';
import { listArrivals } from '../arrivals/describe-arrivals';
import { announceArrival, noteStored } from '../arrivals/service';
import { answerFinding, catalogueAsset, getSheet, takeFindToBench, takeSure } from '../bench/service';
import { getSetting, setSetting } from '../database/setting-queries';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { listHouseTreatments, saveHouseTreatment } from '../house-treatments/service';
import { getLedger, saveRules, saveWork, settleRights } from '../ledger/service';
import { addPerson, findPerson } from '../people/service';
import { setToken } from '../sources/service';
import { createProject, getProject, handOver, listProjects } from '../projects/service';

const WAIT_MS = 150;
const WAIT_LIMIT_MS = 5 * 60_000;

/**
 * Fills an empty library with the demo studio: its people, and its downloads taken as far along the way as each is meant to be,
 * by the same services the screens call. Stopped half-way it goes on at the next start.
 * @returns who can sign in
 */
export async function loadDemo(
  dependencies: Dependencies,
  say: (words: string) => void,
): Promise<{ signIn: string; password: string; name: string }[]> {
  const { pool } = dependencies;
  const people: Person[] = [];
  for (const given of DEMO_PEOPLE) {
    const known = await findPerson(pool, given.signIn);
    people.push(known ?? (await addPerson(pool, { ...given, password: DEMO_PASSWORD, mustChange: false })));
  }
  say('drawing the demo models');
  const made = new Map((await createDemoArrivals()).map((arrival) => [arrival.name, arrival]));
  const here = new Set((await listArrivals(pool)).map((arrival) => arrival.name));
  for (const arrival of made.values()) if (!here.has(arrival.name)) await bringIn(dependencies, arrival, people[0]);
  say('reading them');
  await until(async () =>
    (await listArrivals(pool)).every((arrival) => arrival.state === 'ready' || arrival.state === 'failed'),
  );
  const catalogued: string[] = [];
  for (const shown of (await listArrivals(pool)).reverse()) {
    const arrival = made.get(shown.name);
    if (!arrival || arrival.stage === 'arrived') continue;
    for (const find of shown.finds) {
      const assetId = await takeFindToBench(dependencies, find.id);
      if (arrival.stage === 'bench') continue;
      if ((await getSheet(pool, assetId)).state === 'on-bench') await settle(dependencies, assetId, people[0]);
      catalogued.push(assetId);
    }
  }
  say('making their versions');
  await until(async () =>
    (await Promise.all(catalogued.map((id) => getSheet(pool, id)))).every((sheet) => sheet.busy === null),
  );
  await openProjects(dependencies, catalogued, people[0]);
  for (const treatment of DEMO_TREATMENTS)
    if (!(await listHouseTreatments(pool)).some(({ name }) => name === treatment.name))
      await saveHouseTreatment(dependencies, 'new', treatment, people[0]);
  await writeRights(dependencies, people[0]);
  for (const [kind, token] of Object.entries(DEMO_TOKENS)) await setToken(dependencies, kind, token, people[0]);
  await setSetting(pool, 'demo', 'loaded');
  return DEMO_PEOPLE.map(({ signIn, name }) => ({ signIn, name, password: DEMO_PASSWORD }));
}

/** @returns true where the demo was begun and not finished */
export async function isDemoBegun(pool: Dependencies['pool']): Promise<boolean> {
  return (await getSetting(pool, 'demo')) === 'begun';
}

/** Notes that the demo is wanted, so that a restart goes on with it. */
export const beginDemo = (pool: Dependencies['pool']): Promise<unknown> => setSetting(pool, 'demo', 'begun');

async function bringIn(dependencies: Dependencies, arrival: DemoArrival, person: Person): Promise<string> {
  const { id, received } = await announceArrival(dependencies, person, {
    name: arrival.name,
    files: [{ path: arrival.name, sizeBytes: arrival.bytes.length }],
  });
  const { sha256 } = await dependencies.store.put(arrival.bytes);
  await noteStored(dependencies, received[0].id, sha256);
  return id;
}

/** Answers as a person of the studio would: the sure ones, then the most likely of the rest. */
async function settle(dependencies: Dependencies, assetId: string, person: Person): Promise<void> {
  const sheet = await takeSure(dependencies, assetId, person);
  for (const finding of sheet.findings) {
    if (finding.settled || finding.heading === 'rights' || finding.choices.length === 0) continue;
    const answer = { kind: 'taken' as const, choiceId: finding.choices[0].id };
    await answerFinding(dependencies, assetId, { key: finding.key, answer }, person);
  }
  await catalogueAsset(dependencies, assetId, { name: sheet.name, category: sheet.proposedCategory.id }, person);
}

async function openProjects(dependencies: Dependencies, assetIds: string[], person: Person): Promise<void> {
  for (const { uses, ...given } of DEMO_PROJECTS) {
    if ((await listProjects(dependencies.pool)).some((project) => project.name === given.name)) continue;
    const project = await createProject(dependencies, { ...given, use: { ...given.use, uses: [...given.use.uses] } });
    if (uses === 0) continue;
    await handOver(
      dependencies,
      project.id,
      { assetIds: assetIds.slice(0, uses), format: 'glb', maps: 'as-they-are' },
      person,
    );
    await until(async () =>
      (await getProject(dependencies.pool, project.id)).handOvers.every((use) => use.state !== 'packing'),
    );
  }
}

/** Rights move on after a hand-over: an author answers, and somebody reads whose the maps are. */
async function writeRights(dependencies: Dependencies, person: Person): Promise<void> {
  const { pool } = dependencies;
  await saveRules(dependencies, { ...(await loadRules(pool)), houseName: DEMO_HOUSE }, person);
  const { rows } = await getLedger(pool, { words: '', by: 'licence', group: '', page: 0 });
  const idOf = (name: string): string | undefined => rows.find((row) => row.name === name)?.id;
  const { answered, maps } = DEMO_RIGHTS;
  const answeredId = idOf(answered.asset);
  if (answeredId)
    await settleRights(
      dependencies,
      {
        assetIds: [answeredId],
        change: { licenceId: answered.licenceId },
        why: answered.why,
        evidence: { kind: 'mail', name: 'answer.txt', note: '', text: answered.mail, base64: '' },
      },
      person,
    );
  const mapsId = idOf(maps.asset);
  const { asset: _asset, ...work } = maps;
  if (mapsId)
    await saveWork(
      dependencies,
      mapsId,
      {
        workId: null,
        work: { ...work, part: 'maps', authorUnknown: false, authorUrl: '', source: '', pageUrl: '' },
        why: 'named in its read-me',
      },
      person,
    );
}

async function until(isDone: () => Promise<boolean>): Promise<void> {
  const started = performance.now();
  while (!(await isDone())) {
    if (performance.now() - started > WAIT_LIMIT_MS) throw new Error('loadDemo: the work did not end');
    await new Promise((resolve) => setTimeout(resolve, WAIT_MS));
  }
}
