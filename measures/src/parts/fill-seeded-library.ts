import type { Connection } from 'mysql2/promise';
import { NOUN_TREE } from '@haveld/core/library/words/noun-tree';
import { TYPICAL_SIZES } from '@haveld/core/placement/size/kind-rows';

const ADJECTIVES =
  'old new small large rusty painted wooden broken round tall carved plain folded striped polished worn heavy light narrow wide curved square double single open closed dusty mossy tarred varnished'.split(
    ' ',
  );
const MATERIALS = 'oak pine brass iron steel glass leather rope stone marble copper canvas plastic brick slate'.split(
  ' ',
);
const COLOURS = 'black white grey red orange yellow green blue purple pink brown'.split(' ');
const CATEGORIES = ['prop', 'prop', 'prop', 'furniture', 'furniture', 'building', 'vehicle', 'creature', 'foliage'];
const LICENCES = [
  'CC0-1.0',
  'CC0-1.0',
  'CC-BY-4.0',
  'CC-BY-4.0',
  'CC-BY-4.0',
  'CC-BY-SA-4.0',
  'CC-BY-NC-4.0',
  'MIT',
  'CC-BY-3.0',
  'LicenseRef-unknown',
];
const SYLLABLES = 'fal ker vest moor ine tor hal quay lin dor mar sel bri ost wen kar'.split(' ');
const AUTHORS = 20_000;
const CHUNK = 25_000;

/**
 * Fills a library with assets as if they had been brought, read and put right: names of two to four words, of which the thing is one of all that
 * are known to have a size (common ones more often); sizes, tags, parts, licences and authors by seed; pictures are shared.
 * @param to how many there are to be; it goes on from how many there are
 */
export async function fillSeededLibrary(db: Connection, from: number, to: number): Promise<void> {
  const known = new Set(NOUN_TREE.match(/[a-z]+/g));
  const things = [...new Set(TYPICAL_SIZES.flatMap(({ words }) => words))].filter((word) => known.has(word));
  if (from === 0) await begin(db, things);
  for (let first = from + 1; first <= to; first += CHUNK)
    await insertChunk(db, first, Math.min(to, first + CHUNK - 1), things.length);
}

async function begin(db: Connection, things: readonly string[]): Promise<void> {
  await db.query('CREATE TABLE measured_thing (id INT PRIMARY KEY, word VARCHAR(60))');
  await db.query('INSERT INTO measured_thing VALUES ?', [things.map((word, i) => [i, word.replaceAll('_', ' ')])]);
  await db.query(
    "INSERT INTO arrival (id, name, state, refused, person_id) SELECT 'heap', 'heap', 'ready', '[]', id FROM person LIMIT 1",
  );
  await db.query("INSERT INTO project (id, name, purpose, intended_use) VALUES ('show', 'Touring show', '', '{}')");
}

/** A number below `below` that looks drawn, by the row's own. */
const draw = (salt: string, below: number): string => `CRC32(CONCAT('${salt}', seq)) MOD ${below}`;
const oneOf = (salt: string, words: readonly string[]): string =>
  `ELT(1 + ${draw(salt, words.length)}, ${words.map((word) => `'${word}'`).join(', ')})`;
const id = (kind: string): string => `CONCAT('${kind}', LPAD(seq, 9, '0'))`;
const sha = "LPAD(HEX(seq), 64, '0')";

async function insertChunk(db: Connection, first: number, last: number, things: number): Promise<void> {
  const rows = `seq_${first}_to_${last}`;
  // common things are asked for and made more often: the square of a share
  const thing = `FLOOR(POW(${draw('thing', 10_000)} / 10000, 2) * ${things})`;
  const maker = (salt: string): string => `${oneOf(`${salt}a`, SYLLABLES)}, ${oneOf(`${salt}b`, SYLLABLES)}`;
  const author = `CONCAT(UCASE(${oneOf('x', ['i', 't', 'm', 'o'])}), '. ', ${maker('n')}, ' ', FLOOR(POW(${draw('author', 10_000)} / 10000, 3) * ${AUTHORS}))`;
  const name = `CONCAT_WS(' ', IF(${draw('has', 3)} > 0, ${oneOf('adj', ADJECTIVES)}, NULL), IF(${draw('of', 2)} = 0, ${oneOf('mat', MATERIALS)}, NULL), word, IF(${draw('no', 4)} = 0, ${draw('nr', 40)}, NULL))`;
  const size = `POW(10, ${draw('size', 4000)} / 1000 - 2)`;
  await db.query('SET SESSION foreign_key_checks = 0, SESSION unique_checks = 0');
  await db.query(
    `INSERT INTO find (id, arrival_id, ordinal, name, model_path, reason, state) SELECT ${id('f')}, 'heap', seq, CONCAT('find_', seq), CONCAT('find_', seq, '.glb'), '', 'on-bench' FROM ${rows}`,
  );
  await db.query(
    `INSERT INTO reading (id, find_id, reader_version, document_sha256, source, log, rights, proposed, stated, findings, figures, maps, unused_maps)
     SELECT ${id('r')}, ${id('f')}, 1, ${sha}, '{}', '[]', '{}', '{}', '[]', '[]', '{}', '[]', '[]' FROM ${rows}`,
  );
  await db.query(
    `INSERT INTO model_inside (sha256, materials, parts, colours, traits)
     SELECT ${sha}, CONCAT(${oneOf('mat', MATERIALS)}, '_', ${draw('m', 9)}), CONCAT('handle ', ${draw('p', 4)}, '\\n', ${oneOf('part', ['lid', 'leg', 'wheel', 'hinge', 'strap', 'hook', 'base', 'rim'])}),
       CONCAT(${oneOf('col', COLOURS)}, ',', ${oneOf('col2', COLOURS)}), IF(${draw('clip', 12)} = 0, 'maps,clips', IF(${draw('lev', 5)} = 0, 'maps,levels', 'maps')) FROM ${rows}`,
  );
  await db.query(
    `INSERT INTO version (id, asset_id, number, reading_id, steps, code, state, has_size, model_sha256, thumbnail_sha256, orthographic_sha256, orthographic_width, orthographic_height, triangles, map_side, figures_after, person_id)
     SELECT ${id('v')}, ${id('a')}, 1, ${id('r')}, '[]', '[]', 'made', ${draw('sized', 20)} > 0, ${sha}, LPAD(HEX(seq MOD 50), 64, 'c'), LPAD(HEX(seq MOD 50), 64, 'd'), ${size}, ${size} * 0.8,
       FLOOR(POW(10, 2 + ${draw('tri', 4000)} / 1000)), ELT(1 + ${draw('side', 4)}, 0, 512, 1024, 2048), CONCAT('{"box":{"min":[0,0,0],"max":[', ${size}, ',0.1,0.1]}}'), person.id FROM ${rows}, (SELECT id FROM person LIMIT 1) AS person`,
  );
  await db.query(
    `INSERT INTO asset (id, accession, find_id, reading_id, name, category, state, findings, search_text, current_version_id, rights_mark, created_at)
     SELECT ${id('a')}, seq, ${id('f')}, ${id('r')}, ${name}, ELT(1 + measured_thing.id MOD ${CATEGORIES.length}, ${CATEGORIES.map((one) => `'${one}'`).join(', ')}), IF(${draw('state', 30)} = 0, 'on-bench', 'catalogued'), '[]', '', ${id('v')}, 'holds',
       UTC_TIMESTAMP() - INTERVAL ${draw('day', 1500)} DAY FROM ${rows} JOIN measured_thing ON measured_thing.id = ${thing}`,
  );
  await db.query(
    `INSERT INTO provenance (asset_id, title, author, author_unknown, licence_id, source, page_url, page_text)
     SELECT ${id('a')}, '', ${author}, 0, ${oneOf('lic', LICENCES)}, CONCAT('site ', ${draw('src', 30)}), '', '' FROM ${rows}`,
  );
  for (const ordinal of [0, 1, 2])
    await db.query(
      `INSERT IGNORE INTO asset_tag (asset_id, ordinal, tag) SELECT ${id('a')}, ${ordinal}, measured_thing.word FROM ${rows} JOIN measured_thing ON measured_thing.id = FLOOR(POW(${draw(`tag${ordinal}`, 10_000)} / 10000, 2) * ${things}) WHERE ${draw(`has${ordinal}`, 2)} = 0`,
    );
  await db.query(
    `INSERT INTO hand_over (id, project_id, asset_id, version_id, format, maps, state, credits, verdict, person_id)
     SELECT ${id('h')}, 'show', ${id('a')}, ${id('v')}, 'glb', 'png', 'packed', '[]', '{}', person.id FROM ${rows}, (SELECT id FROM person LIMIT 1) AS person WHERE ${draw('used', 40)} = 0`,
  );
}
