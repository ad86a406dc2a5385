// Ways in which maps get lost between the one who makes a model and the one who takes it in, written down before the rules that
// find them again. Invented names; `relink.test.ts` and `npm run measure relinking` print right, asked and wrong over them.
import type { TextureSlot } from '@haveld/contract/step';
import { createRandom } from './random';

export interface LayoutReference {
  material: string;
  slot: TextureSlot;
  reference: string;
}

export interface LayoutFile {
  path: string;
  /** Files of one content are one picture. */
  content: string;
  place: 'arrival' | 'sibling' | 'other-arrival' | 'library';
  sameAuthor: boolean;
}

export interface BrokenLayout {
  kind: LayoutKind;
  references: LayoutReference[];
  files: LayoutFile[];
  /** For each reference the content that is right; null where it did not come. */
  truth: (string | null)[];
}

export const LAYOUT_KINDS = [
  'moved to another folder',
  'moved, each map to a folder of its own role',
  're-cased',
  'other picture format',
  'other resolution in the name',
  'absolute path of one system',
  'absolute path of the other system',
  'percent-encoded, back-slashes',
  'a copy number behind the name',
  'whole set renamed by a pattern',
  'role words of another convention',
  'separators changed',
  'a prefix put before every name',
  'cut to eight letters',
  'same name, two contents',
  'same name, the same content twice',
  'same name by another author',
  'beside another piece of the kit',
  'in an earlier arrival of the same source',
  'in the library',
  'one map did not come, others of its role did',
  'none came, maps of another model did',
  'two sets of names that differ by a number',
  'accents written another way',
  'tiles of a layout',
  'colours beside each other',
  'all renamed to numbers',
  'set renamed and re-cased and in another format',
] as const;

/** Written after the rules, and run once before anything was changed for them. */
export const LATER_KINDS = [
  'a variant’s maps came instead',
  'a letter is wrong in every name',
  'the subject translated',
  'words in another order',
  'the material’s name put into the maps’ names',
  'maps of a variant beside the right ones, in another convention',
  'one map twice, an older beside a newer',
  'a set for another side of the same thing',
  'the role left out of the colour’s name',
  'names with the date they were saved',
] as const;
export type LayoutKind = (typeof LAYOUT_KINDS)[number] | (typeof LATER_KINDS)[number];

const SUBJECTS = [
  'oak_top',
  'iron_band',
  'sailcloth',
  'lamp glass',
  'rope',
  'buoy_shell',
  'chart_paper',
  'brass_rim',
  'tarred_wood',
  'flag_red',
  'gull_body',
  'mooring_post',
  'quay_stone',
  'barograph_case',
  'drum_paper',
  'lead_weight',
];
const CONVENTIONS: Record<string, Partial<Record<TextureSlot, string>>> = {
  words: {
    baseColor: 'diffuse',
    normal: 'normal',
    roughness: 'roughness',
    metallic: 'metallic',
    occlusion: 'ao',
    bump: 'height',
  },
  short: { baseColor: 'dif', normal: 'nrm', roughness: 'rgh', metallic: 'mtl', occlusion: 'occ', bump: 'disp' },
  letters: { baseColor: 'D', normal: 'N', roughness: 'R', metallic: 'M', occlusion: 'AO', bump: 'H' },
  camel: {
    baseColor: 'BaseColor',
    normal: 'Normal',
    roughness: 'Roughness',
    metallic: 'Metallic',
    occlusion: 'AmbientOcclusion',
    bump: 'Height',
  },
};
const SLOTS: TextureSlot[] = ['baseColor', 'normal', 'roughness', 'metallic', 'occlusion', 'bump'];

interface Intact {
  subject: string;
  slot: TextureSlot;
  name: string;
  content: string;
}

/** @param count at least one of each kind where it is as many */
export function createBrokenLayouts(
  count: number,
  seed: number,
  kinds: readonly LayoutKind[] = LAYOUT_KINDS,
): BrokenLayout[] {
  const random = createRandom(seed);
  return Array.from({ length: count }, (_, i) => breakLayout(kinds[i % kinds.length], random));
}

function breakLayout(kind: LayoutKind, random: () => number): BrokenLayout {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];
  const convention = pick(Object.keys(CONVENTIONS));
  const extension = pick(['png', 'tga', 'jpg', 'tif']);
  const subjects = shuffle(SUBJECTS, random).slice(0, 1 + Math.floor(random() * 4));
  const resolution = random() < 0.3 || kind === 'other resolution in the name' ? '_2k' : '';
  const maps = subjects.flatMap((subject) =>
    SLOTS.slice(0, 2 + Math.floor(random() * 5)).map((slot): Intact => ({
      subject,
      slot,
      name: `${subject}_${CONVENTIONS[convention][slot]}${resolution}.${extension}`,
      content: `${subject}:${slot}`,
    })),
  );
  const references = maps.map(({ subject, slot, name }) => ({ material: subject, slot, reference: `maps/${name}` }));
  const place = (path: (map: Intact, i: number) => string, over: Partial<LayoutFile> = {}): LayoutFile[] =>
    maps.map((map, i) => ({ path: path(map, i), content: map.content, place: 'arrival', sameAuthor: true, ...over }));
  const truth = maps.map(({ content }): string | null => content);
  const rename = ({ subject, slot }: Intact, to: string, separator = '_', ending = extension): string =>
    `${subject.replace(/[_ ]/g, separator)}${separator}${CONVENTIONS[to][slot]}.${ending}`;
  const other = pick(Object.keys(CONVENTIONS).filter((one) => one !== convention));
  const layout: BrokenLayout = { kind, references, files: [], truth };
  const strangers = (roleOf: TextureSlot[]): LayoutFile[] =>
    shuffle(
      SUBJECTS.filter((one) => !subjects.includes(one)),
      random,
    )
      .slice(0, 2)
      .flatMap((subject) =>
        roleOf.map((slot) => ({
          path: `other/${subject}_${CONVENTIONS[convention][slot]}.${extension}`,
          content: `${subject}:${slot}`,
          place: 'arrival' as const,
          sameAuthor: true,
        })),
      );
  switch (kind) {
    case 'moved to another folder':
      layout.files = place(({ name }) => `textures/hi/${name}`);
      break;
    case 'moved, each map to a folder of its own role':
      layout.files = place(({ slot, name }) => `${CONVENTIONS.camel[slot]}/${name}`);
      break;
    case 're-cased':
      layout.files = place(
        ({ name }) => `Maps/${random() < 0.5 ? name.toUpperCase() : name[0].toUpperCase() + name.slice(1)}`,
      );
      break;
    case 'other picture format':
      layout.files = place(({ name }) => `tex/${name.replace(/\.\w+$/, extension === 'png' ? '.webp' : '.png')}`);
      break;
    case 'other resolution in the name':
      layout.files = place(({ name }) => `maps4k/${name.replace('_2k', pick(['_4k', '_1k', '_4096']))}`);
      break;
    case 'absolute path of one system':
      layout.references = references.map((one) => ({
        ...one,
        reference: `D:\\work\\quay\\${one.reference.replaceAll('/', '\\')}`,
      }));
      layout.files = place(({ name }) => name);
      break;
    case 'absolute path of the other system':
      layout.references = references.map((one) => ({ ...one, reference: `/home/inga/quay/${one.reference}` }));
      layout.files = place(({ name }) => `a/b/${name}`);
      break;
    case 'percent-encoded, back-slashes':
      layout.references = references.map((one) => ({
        ...one,
        reference: `.\\old\\${encodeURIComponent(one.reference.slice(5))}`,
      }));
      layout.files = place(({ name }) => `maps/${name}`);
      break;
    case 'a copy number behind the name':
      layout.files = place(
        ({ name }) => `maps/${name.replace(/(\.\w+)$/, pick([' (1)$1', '_copy$1', ' - copy$1', '.001$1']))}`,
      );
      break;
    case 'whole set renamed by a pattern':
      layout.files = place((map) => `maps/T_${rename(map, other, '-')}`);
      break;
    case 'role words of another convention':
      layout.files = place((map) => `maps/${rename(map, other)}`);
      break;
    case 'separators changed':
      layout.files = place((map) => `maps/${rename(map, convention, pick(['-', '.', ' ']))}`);
      break;
    case 'a prefix put before every name':
      layout.files = place(({ name }) => `maps/lamproom_${name}`);
      break;
    case 'cut to eight letters':
      layout.files = place(
        ({ name }) =>
          `MAPS/${name
            .replace(/\.\w+$/, '')
            .replace(/ /g, '')
            .slice(0, 8)
            .toUpperCase()}.${extension.slice(0, 3).toUpperCase()}`,
      );
      break;
    case 'same name, two contents':
      layout.files = [
        ...place(({ name }) => `a/${name}`),
        ...place(({ name }) => `b/${name}`).map((file) => ({ ...file, content: `${file.content}*` })),
      ];
      break;
    case 'same name, the same content twice':
      layout.files = [...place(({ name }) => `a/${name}`), ...place(({ name }) => `b/${name}`)];
      break;
    case 'same name by another author':
      layout.files = place(({ name }) => `maps/${name}`, { place: 'other-arrival', sameAuthor: false }).map((file) => ({
        ...file,
        content: `${file.content}?`,
      }));
      layout.truth = truth.map(() => null);
      break;
    case 'beside another piece of the kit':
      layout.files = place(({ name }) => `pieces/lamp/${name}`, { place: 'sibling' });
      break;
    case 'in an earlier arrival of the same source':
      layout.files = place(({ name }) => `${name}`, { place: 'other-arrival' });
      break;
    case 'in the library':
      layout.files = place(({ name }) => name, { place: 'library' });
      break;
    case 'one map did not come, others of its role did': {
      const missing = Math.floor(random() * maps.length);
      layout.files = [
        ...place(({ name }) => `found/${name}`).filter((_, i) => i !== missing),
        ...strangers([maps[missing].slot]),
      ];
      layout.truth = truth.map((content, i) => (i === missing ? null : content));
      break;
    }
    case 'none came, maps of another model did':
      layout.files = strangers(SLOTS);
      layout.truth = truth.map(() => null);
      break;
    case 'two sets of names that differ by a number': {
      const numbered = [1, 2, 3].flatMap((n) => maps.map((map) => ({ ...map, n })));
      const nameOf = ({ subject, slot }: Intact, n: number): string =>
        `${subject}_0${n}_${CONVENTIONS[convention][slot]}.${extension}`;
      layout.references = numbered.map((map) => ({
        material: `${map.subject}_0${map.n}`,
        slot: map.slot,
        reference: `maps/${nameOf(map, map.n)}`,
      }));
      layout.files = numbered.map((map) => ({
        path: `moved/${rename(map, other).replace(map.subject.replace(/[_ ]/g, '_'), `${map.subject.replace(/[_ ]/g, '_')}_0${map.n}`)}`,
        content: `${map.content}${map.n}`,
        place: 'arrival',
        sameAuthor: true,
      }));
      layout.truth = numbered.map((map) => `${map.content}${map.n}`);
      break;
    }
    case 'accents written another way':
      layout.references = references.map((one) => ({
        ...one,
        reference: one.reference.replaceAll('o', 'ö').normalize('NFC'),
      }));
      layout.files = place(({ name }) => `maps2/${name.replaceAll('o', 'ö').normalize('NFD')}`);
      break;
    case 'tiles of a layout': {
      layout.references = references.map((one) => ({
        ...one,
        reference: one.reference.replace(/(\.\w+)$/, '.1001$1'),
      }));
      layout.files = [1001, 1002].flatMap((tile) =>
        place(({ name }) => `t/${name.replace(/(\.\w+)$/, `.${tile}$1`)}`).map((file) => ({
          ...file,
          content: `${file.content}${tile}`,
        })),
      );
      layout.truth = truth.map((content) => `${content}1001`);
      break;
    }
    case 'colours beside each other': {
      const colours = ['red', 'blue'];
      layout.references = references.map((one) => ({
        ...one,
        reference: one.reference.replace(/^maps\//, 'maps/red_'),
      }));
      layout.files = colours.flatMap((colour) =>
        place(({ name }) => `tex/${colour}_${name}`).map((file) => ({ ...file, content: `${file.content}${colour}` })),
      );
      layout.truth = truth.map((content) => `${content}red`);
      break;
    }
    case 'all renamed to numbers':
      layout.files = place((_, i) => `maps/${String(i + 1).padStart(3, '0')}.${extension}`);
      break;
    case 'set renamed and re-cased and in another format':
      layout.files = place(
        (map) => `new/${rename(map, other, '_', extension === 'jpg' ? 'png' : 'jpg').toUpperCase()}`,
      );
      break;
    case 'a variant’s maps came instead': {
      const variant = pick(['dark', 'old', 'wet', 'painted', 'b']);
      layout.files = place(({ subject, name }) => `maps/${name.replace(subject, `${subject}_${variant}`)}`).map(
        (file) => ({
          ...file,
          content: `${file.content} ${variant}`,
        }),
      );
      layout.truth = truth.map(() => null);
      break;
    }
    case 'a letter is wrong in every name':
      layout.files = place(({ subject, name }) => `maps/${name.replace(subject, misspell(subject, random))}`);
      break;
    case 'the subject translated':
      layout.files = place(
        ({ subject, name }) => `maps/${name.replace(subject, `werkstoff_${SUBJECTS.indexOf(subject)}`)}`,
      );
      break;
    case 'words in another order':
      layout.files = place(({ subject, slot }) => `maps/${CONVENTIONS[convention][slot]}_${subject}.${extension}`);
      break;
    case 'the material’s name put into the maps’ names':
      layout.references = references.map((one, i) => ({
        ...one,
        material: `lampshade_${one.material}`,
        reference: `maps/t${i}.${extension}`,
      }));
      layout.files = place(({ name }) => `maps/lampshade_${name}`);
      break;
    case 'maps of a variant beside the right ones, in another convention':
      layout.files = [
        ...place((map) => `moved/${rename(map, other)}`),
        ...place((map) => `moved/${rename({ ...map, subject: `${map.subject}_old` }, other)}`).map((file) => ({
          ...file,
          content: `${file.content} old`,
        })),
      ];
      break;
    case 'one map twice, an older beside a newer':
      layout.files = [
        ...place(({ name }) => `new/${name}`),
        ...place(({ name }) => `new/${name.replace(/(\.\w+)$/, '_v1$1')}`).map((file) => ({
          ...file,
          content: `${file.content} v1`,
        })),
      ];
      break;
    case 'a set for another side of the same thing': {
      layout.references = references.map((one) => ({
        ...one,
        reference: one.reference.replace('maps/', 'maps/left_'),
      }));
      layout.files = place(({ name }) => `tex/right_${name}`).map((file) => ({
        ...file,
        content: `${file.content} right`,
      }));
      layout.truth = truth.map(() => null);
      break;
    }
    case 'the role left out of the colour’s name':
      layout.files = place((map) =>
        map.slot === 'baseColor' ? `maps/${map.subject}.${extension}` : `maps/${map.name}`,
      );
      break;
    case 'names with the date they were saved':
      layout.files = place(({ name }) => `maps/${name.replace(/(\.\w+)$/, '_20240611$1')}`);
      break;
  }
  return dropTwins(layout);
}

function misspell(word: string, random: () => number): string {
  const at = 1 + Math.floor(random() * (word.length - 2));
  return word.slice(0, at) + word[at + 1] + word[at] + word.slice(at + 2);
}

/** A folder holds one file of a name: what would fall on another is gone. */
function dropTwins(layout: BrokenLayout): BrokenLayout {
  const files = [...new Map([...layout.files].reverse().map((file) => [file.path, file])).values()].reverse();
  const there = new Set(files.map(({ content }) => content));
  return { ...layout, files, truth: layout.truth.map((content) => (content && there.has(content) ? content : null)) };
}

function shuffle<T>(values: readonly T[], random: () => number): T[] {
  const result = [...values];
  for (let i = result.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [result[i], result[j]] = [result[j], result[i]];
  }
  return result;
}
