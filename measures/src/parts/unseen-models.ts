import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, dirname, join, relative } from 'node:path';

/** A model whose package says how large it is and which way is up: AC3D, Y up. */
export interface UnseenModel {
  /** Where it lies in its package. */
  path: string;
  name: string;
  author: string;
  /** By author: no rule was written after looking at these. */
  isHeldOut: boolean;
  /** The same as OBJ, Y up. */
  obj: string;
  /** Metres for one of its units. */
  metres: number;
}

interface UnseenPackage {
  name: string;
  /** Folders of whole things; effects, weather, signs of the sky and parts of other models lie elsewhere. */
  folders: readonly string[];
  /** Metres for one unit of its files: flight and driving models are drawn in metres, flying models of one package in feet. */
  metres: number;
}

const FLIGHT = 'usr/share/games/flightgear';

/** Debian's packages of models by many authors, nothing of which the rules were fitted to. */
const PACKAGES: readonly UnseenPackage[] = [
  {
    name: 'flightgear-data-models',
    folders: [
      'Residential',
      'Commercial',
      'Agriculture',
      'Maritime/Misc',
      'Maritime/Civilian',
      'Maritime/Military',
      'Buildings',
      'Industrial',
      'Transport',
      'Airport',
      'Aircraft',
    ].map((folder) => `${FLIGHT}/Models/${folder}`),
    metres: 1,
  },
  { name: 'flightgear-data-ai', folders: [`${FLIGHT}/AI/Aircraft`], metres: 1 },
  { name: 'crrcsim-data', folders: ['usr/share/games/crrcsim/objects'], metres: 0.3048 },
  { name: 'torcs-data', folders: ['usr/share/games/torcs/cars'], metres: 1 },
];

/** Coarser copies, lights, landscapes and things without a body of their own. */
const LEFT_OUT =
  /lod\d|[-_]l\d|light|strobe|rope|shadow|null|puff|flare|tracer|contrail|groundtile|prop|disc|terrain|wildfire|exhaust|cape_cod|davis|^small\.ac/i;

/** Fetches the packages once; nothing of them is kept in the project. */
export function fetchUnseenPackage({ name }: Pick<UnseenPackage, 'name'>, root: string): string {
  const folder = join(root, '.haveld/unseen', name);
  const unpacked = join(folder, 'unpacked');
  if (existsSync(unpacked)) return unpacked;
  mkdirSync(folder, { recursive: true });
  execFileSync('apt-get', ['-qq', 'download', name], { cwd: folder, stdio: 'ignore' });
  const archive = readdirSync(folder).find((file) => file.endsWith('.deb'));
  if (!archive) throw new Error(`${name} cannot be fetched: is there a list of packages on this machine?`);
  execFileSync('dpkg-deb', ['-x', join(folder, archive), `${unpacked}.part`]);
  execFileSync('mv', [`${unpacked}.part`, unpacked]);
  return unpacked;
}

/** @returns every model of the packages that another program reads, written as OBJ */
export function listUnseenModels(root: string): UnseenModel[] {
  const models: UnseenModel[] = [];
  const seen = new Set<string>();
  for (const entry of PACKAGES) {
    const unpacked = fetchUnseenPackage(entry, root);
    const written = join(root, '.haveld/unseen', entry.name, 'obj');
    mkdirSync(written, { recursive: true });
    for (const folder of entry.folders)
      for (const path of listModels(join(unpacked, folder))) {
        const within = relative(unpacked, path);
        const bytes = createHash('sha256').update(readFileSync(path)).digest('hex');
        if (seen.has(bytes)) continue;
        seen.add(bytes);
        const obj = convert(path, join(written, bytes.slice(0, 16)));
        if (!obj) continue;
        const author = authorOf(path, unpacked);
        models.push({
          path: within,
          name: nameOf(path),
          author,
          isHeldOut: isHeldOut(author),
          obj,
          metres: entry.metres,
        });
      }
  }
  return models;
}

const isHeldOut = (author: string): boolean => createHash('sha256').update(author).digest()[0] % 2 === 0;

function listModels(folder: string): string[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.acc?$/i.test(entry.name) && !LEFT_OUT.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((path) => !/\/lights?\//i.test(path) && statSync(path).size > 1500)
    .sort();
}

/** What a download of it would be called: its file, with the thing's own folder where the file only counts. */
function nameOf(path: string): string {
  const stem = basename(path).replace(/\.acc?$/i, '');
  const kind = /\/(Aircraft|cars)\//.exec(path)?.[1];
  return kind ? `${stem} ${{ Aircraft: 'aircraft', cars: 'car' }[kind]}` : stem;
}

/** Who a description beside it names; else the folder is taken for one author. */
function authorOf(path: string, unpacked: string): string {
  const folder = dirname(path);
  const stem = basename(path).replace(/\.acc?$/i, '');
  const beside = readdirSync(folder).filter((file) => file.endsWith('.xml'));
  const own = beside.filter((file) => file.startsWith(stem));
  for (const file of [...own, ...(beside.length < 6 ? beside : [])]) {
    const author = /<author>([^<]+)/i.exec(readFileSync(join(folder, file), 'latin1'))?.[1];
    if (author)
      return author
        .replace(/[,.(].*$/s, '')
        .trim()
        .toLowerCase();
  }
  return relative(unpacked, folder).split('/').slice(-2).join('/');
}

/** @returns null where nothing can be read from it */
function convert(path: string, to: string): string | null {
  const obj = `${to}.obj`;
  if (existsSync(obj)) return statSync(obj).size > 400 ? obj : null;
  const copy = `${to}.ac`;
  copyFileSync(path, copy);
  try {
    execFileSync('assimp', ['export', copy, obj], { stdio: 'ignore', timeout: 60_000 });
  } catch {
    return null;
  }
  return existsSync(obj) && statSync(obj).size > 400 ? obj : null;
}
