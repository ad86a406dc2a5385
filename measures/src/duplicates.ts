import { randomUUID } from 'node:crypto';
import { PROFILE_BINS, type ShapeSignature } from '@haveld/core/geometry/shape-signature';
import { transact } from '@haveld/server/database/pool';
import { insertMany, run } from '@haveld/server/database/statements';
import { noteDuplicates } from '@haveld/server/duplicates/service';
import { insertFinds } from './parts/fill-library';
import { openDatabase } from './parts/open-database';
import { median } from './parts/run-timed';

// Finding doubles among 100 000 finds on the real database: one find that is new, one that is here (aim ≤ 100 ms an arrival).
const FINDS = 100_000;
const { pool, close } = await openDatabase();
try {
  const person = randomUUID();
  await run(
    pool,
    "INSERT INTO person (id, sign_in, name, role, password_hash, must_change) VALUES (?, 'm', 'M', 'owner', 'x', FALSE)",
    [person],
  );
  const [known, fresh] = [randomUUID(), randomUUID()];
  for (const id of [known, fresh])
    await run(pool, "INSERT INTO arrival (id, name, state, refused, person_id) VALUES (?, 'heap', 'ready', '[]', ?)", [
      id,
      person,
    ]);
  let seed = 1;
  const random = (): number => (seed = (seed * 16807) % 2147483647) / 2147483647;
  const shapes = Array.from({ length: FINDS }, () => createShape(random));
  const ids = shapes.map(() => randomUUID());
  const facts = JSON.stringify({ triangles: 1200 });
  await insertFinds(
    pool,
    ids.map((id, i) => ({ id, arrivalId: known, ordinal: i, figures: facts })),
  );
  await insertMany(
    pool,
    'arrival_file',
    ['arrival_id', 'path', 'sha256', 'size_bytes', 'kind', 'format', 'words'],
    ids.map((_, i) => [known, `thing${i}.glb`, i.toString(16).padStart(64, '0'), 1, 'model', 'glb', 'GLB']),
  );
  // rows of a new table count from 1, in the order they came
  await run(
    pool,
    "INSERT INTO find_file (find_id, arrival_file_id, role) SELECT find.id, find.ordinal + 1, 'model' FROM find WHERE find.arrival_id = ?",
    [known],
  );
  await insertMany(
    pool,
    'shape',
    ['find_id', 'triangles', 'reach', 'middle', 'small', 'fullness', 'hand', 'profile', 'maps'],
    shapes.map((shape, i) => [
      ids[i],
      shape.triangles,
      shape.radiusOfGyration,
      shape.middleSpread,
      shape.smallestSpread,
      shape.fullness,
      shape.handedness,
      JSON.stringify(shape.profile.map((v) => Number(v.toFixed(5)))),
      '[]',
    ]),
  );
  for (const [words, shape] of [
    ['a shape that is new', createShape(random)],
    ['a shape that is here', shapes[FINDS >> 1]],
  ] as const) {
    const taken: number[] = [];
    for (let i = 0; i < 21; i++) {
      const id = randomUUID();
      await insertFinds(pool, [{ id, arrivalId: fresh, ordinal: i, figures: facts }]);
      const from = performance.now();
      await transact(pool, (tx) => noteDuplicates(tx, id, shape, []));
      taken.push(performance.now() - from);
    }
    console.log(
      `doubles among ${FINDS.toLocaleString('en')}, ${words}: ${median(taken).toFixed(1)} ms (most ${Math.max(...taken).toFixed(1)}; aim ≤ 100)`,
    );
  }
} finally {
  await close();
}

/** Shapes as they come: spreads anywhere, profiles of their own. */
function createShape(random: () => number): ShapeSignature {
  const middle = 0.2 + random() * 0.8;
  const raw = Array.from({ length: PROFILE_BINS * 2 }, random);
  const sum = raw.reduce((total, value) => total + value, 0) / 2;
  return {
    triangles: 1200,
    radiusOfGyration: random() * 10,
    middleSpread: middle,
    smallestSpread: middle * random(),
    fullness: 4 + random() * 8,
    handedness: random() - 0.5,
    profile: raw.map((value) => value / sum),
  };
}
