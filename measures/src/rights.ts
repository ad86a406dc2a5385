import { randomUUID } from 'node:crypto';
import type { Person } from '@haveld/contract/api/people';
import { detectRights } from '@haveld/core/rights/detect';
import { createLicenceTextIndex } from '@haveld/core/rights/reading/licence-text-index';
import { getLicenceTexts } from '@haveld/engine/licence-texts';
import { insertMany, run } from '@haveld/server/database/statements';
import { getLedger, getLicenceMix, settleRights } from '@haveld/server/ledger/service';
import { getRights } from '@haveld/server/ledger/to-settle';
import { getProjectCredits, getProjectRights } from '@haveld/server/projects/project-rights';
import { listLicences } from '@haveld/server/rights/licences';
import { refreshAllMarks } from '@haveld/server/rights/state';
import { insertFinds } from './parts/fill-library';
import { openDatabase } from './parts/open-database';
import { median } from './parts/run-timed';

// Rights at 100 000 assets: the ledger, the verdict of a project with 5 000 uses, its credits (aim: each under a second), with the
// number of SQL statements; and reading licence texts.
const ASSETS = 100_000;
const USES = 5_000;
const LICENCES = [
  'CC0-1.0',
  'CC-BY-4.0',
  'CC-BY-3.0',
  'CC-BY-SA-4.0',
  'CC-BY-NC-4.0',
  'CC-BY-ND-4.0',
  'MIT',
  'LicenseRef-own-work',
  'LicenseRef-quayside-standard',
  'LAL-1.3',
  'CC-BY-SA-3.0 OR GPL-2.0-only',
  'LicenseRef-unknown',
];

const { pool, close } = await openDatabase();
try {
  const person: Person = { id: randomUUID(), signIn: 'm', name: 'M', role: 'owner', mustChange: false };
  const project = await fill(person);
  const from = performance.now();
  const marked = await refreshAllMarks(pool);
  say(`how the rights of ${marked} assets stand, worked out anew`, [performance.now() - from], 0);

  const statements = countStatements();
  const ask = async (words: string, act: () => Promise<unknown>, times = 7): Promise<void> => {
    const taken: number[] = [];
    let asked = 0;
    for (let i = 0; i < times; i++) {
      const before = statements.count;
      const began = performance.now();
      await act();
      taken.push(performance.now() - began);
      asked = statements.count - before;
    }
    say(words, taken, asked);
  };
  const plain = { words: '', by: 'licence' as const, group: '', page: 0 };
  await ask('ledger, first page, by licence', () => getLedger(pool, plain));
  await ask('ledger, page 400, by author', () => getLedger(pool, { ...plain, by: 'author', page: 400 }));
  await ask('ledger, of one source', () => getLedger(pool, { ...plain, by: 'source', group: 'site 7' }));
  await ask('ledger, words', () => getLedger(pool, { ...plain, words: 'maker 12' }));
  await ask('what is to settle, with every live project judged', () => getRights(pool));
  await ask(`verdicts, conflicts and duties of a project with ${USES} uses`, () => getProjectRights(pool, project));
  await ask('its credits as text', () => getProjectCredits(pool, project, { format: 'text', form: 'long' }));
  await ask('its SPDX document', () => getProjectCredits(pool, project, { format: 'spdx', form: 'long' }));
  await ask('every licence with its count', () => listLicences(pool));
  await ask('licence mix by month', () => getLicenceMix(pool));
  const ids = (await getLedger(pool, plain)).rows.map((row) => row.id);
  let turn = 0;
  await ask(
    'settling 200 at once',
    () =>
      settleRights(
        { pool } as Parameters<typeof settleRights>[0],
        { assetIds: ids, change: { licenceId: turn++ % 2 ? 'MIT' : 'CC-BY-4.0' }, why: 'measured', evidence: null },
        person,
      ),
    3,
  );
} finally {
  await close();
}
readTexts();

function say(words: string, taken: number[], statements: number): void {
  console.log(`${words}: ${median(taken).toFixed(0)} ms${statements > 0 ? `, ${statements} SQL statements` : ''}`);
}

/** Counts what is asked of the database from here on. */
function countStatements(): { count: number } {
  const counted = { count: 0 };
  const query = pool.query.bind(pool);
  pool.query = ((...given: Parameters<typeof query>) => {
    counted.count++;
    return query(...given);
  }) as typeof pool.query;
  const getConnection = pool.getConnection.bind(pool);
  pool.getConnection = async () => {
    const connection = await getConnection();
    const own = connection.query.bind(connection);
    connection.query = ((...given: Parameters<typeof own>) => {
      counted.count++;
      return own(...given);
    }) as typeof connection.query;
    return connection;
  };
  return counted;
}

/** @returns the project's id */
async function fill(person: Person): Promise<string> {
  await run(
    pool,
    "INSERT INTO person (id, sign_in, name, role, password_hash, must_change) VALUES (?, 'm', 'M', 'owner', 'x', FALSE)",
    [person.id],
  );
  const arrival = randomUUID();
  await run(pool, "INSERT INTO arrival (id, name, state, refused, person_id) VALUES (?, 'heap', 'ready', '[]', ?)", [
    arrival,
    person.id,
  ]);
  const all = Array.from({ length: ASSETS }, (_, i) => ({
    i,
    find: randomUUID(),
    reading: randomUUID(),
    asset: randomUUID(),
    version: randomUUID(),
    licence: LICENCES[(i * 7) % LICENCES.length],
  }));
  const rights = (licence: string): string =>
    JSON.stringify({
      licences:
        licence === 'LicenseRef-unknown'
          ? []
          : [
              {
                id: licence,
                confidence: 0.95,
                nearness: 'beside-it',
                evidence: {
                  text: 'the name of the licence',
                  file: 'heap/readme.txt',
                  line: 3,
                  passage: `under ${licence}`,
                },
              },
            ],
      authors: [],
      sources: [],
      titles: [],
      notGrants: [],
    });
  await insertFinds(
    pool,
    all.map(({ i, find, reading, licence }) => ({
      id: find,
      arrivalId: arrival,
      ordinal: i,
      readingId: reading,
      rights: rights(licence),
    })),
  );
  await insertMany(
    pool,
    'asset',
    ['id', 'find_id', 'reading_id', 'name', 'state', 'findings', 'search_text', 'current_version_id'],
    all.map(({ i, find, reading, asset, version }) => [
      asset,
      find,
      reading,
      `thing ${i}`,
      'catalogued',
      '[]',
      `thing ${i} maker ${i % 300} site ${i % 40}`,
      version,
    ]),
  );
  await insertMany(
    pool,
    'provenance',
    ['asset_id', 'title', 'author', 'author_unknown', 'licence_id', 'source', 'page_url', 'page_text'],
    all.map(({ i, asset, licence }) => [
      asset,
      `Thing ${i}`,
      `Maker ${i % 300}`,
      false,
      licence,
      `site ${i % 40}`,
      `https://quayside-models.example/${i}`,
      '',
    ]),
  );
  await insertMany(
    pool,
    'provenance_change',
    ['asset_id', 'field', 'before_value', 'after_value', 'person_id', 'at'],
    all.map(({ i, asset, licence }) => [
      asset,
      'licenceId',
      '',
      licence,
      person.id,
      new Date(Date.UTC(2025, i % 18, 3)),
    ]),
  );
  await insertMany(
    pool,
    'further_work',
    ['id', 'asset_id', 'part', 'title', 'author', 'author_unknown', 'author_url', 'licence_id', 'source', 'page_url'],
    all
      .filter(({ i }) => i % 30 === 0)
      .map(({ i, asset }) => [randomUUID(), asset, 'maps', `Set ${i}`, 'Map maker', false, '', 'CC-BY-4.0', '', '']),
  );
  const steps = [
    JSON.stringify([
      { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' },
      { kind: 'bake-transforms', schema: 1 },
    ]),
    JSON.stringify([{ kind: 'leave-out', schema: 1, what: 'display floor', parts: [] }]),
    '[]',
  ];
  await insertMany(
    pool,
    'version',
    ['id', 'asset_id', 'number', 'reading_id', 'steps', 'code', 'state', 'has_size', 'person_id'],
    all.map(({ i, asset, version, reading }) => [
      version,
      asset,
      1,
      reading,
      steps[i % 3],
      '[]',
      'made',
      true,
      person.id,
    ]),
  );
  const project = randomUUID();
  const use = JSON.stringify({ uses: ['rendered', 'build'], commercial: true, arrangement: 'unsaid' });
  await run(pool, "INSERT INTO project (id, name, purpose, commercial, intended_use) VALUES (?, 'Show', '', TRUE, ?)", [
    project,
    use,
  ]);
  await insertMany(
    pool,
    'hand_over',
    ['id', 'project_id', 'asset_id', 'version_id', 'format', 'state', 'credit', 'verdict', 'person_id'],
    all
      .slice(0, USES)
      .map(({ asset, version }) => [
        randomUUID(),
        project,
        asset,
        version,
        'glb',
        'packed',
        '',
        '{"verdict":"allowed","reasons":[],"duties":[]}',
        person.id,
      ]),
  );
  return project;
}

function readTexts(): void {
  const texts = getLicenceTexts();
  let began = performance.now();
  const index = createLicenceTextIndex(texts);
  console.log(
    `index of ${Object.keys(texts).length} licence texts: ${(performance.now() - began).toFixed(0)} ms, once a process`,
  );
  const taken: number[] = [];
  for (let i = 0; i < 9; i++) {
    began = performance.now();
    detectRights(
      { texts: [{ file: 'heap/LICENSE.txt', text: texts['CC-BY-NC-SA-4.0'], firstLine: 1 }] },
      { model: 'heap/a.obj', files: ['heap/a.obj'] },
      index,
    );
    taken.push(performance.now() - began);
  }
  console.log(`a full licence text read and told apart: ${median(taken).toFixed(0)} ms`);
}
