import { NOTHING_INSIDE } from '../../formats/inside';
import { HELD_OUT_LAYOUTS, LAYOUTS, type Layout } from '../../testing/corpora';
import type { Grouping, HeapFile } from '../heap-file';
import { identifyFile } from '../identify';
import { groupFinds } from './group-finds';

/** A layout's kinds come from its file names: what a file of that name holds is known by other tests. */
const KINDS: Record<string, [HeapFile['kind'], string]> = {
  png: ['picture', 'png'],
  jpg: ['picture', 'jpeg'],
  jpeg: ['picture', 'jpeg'],
  tga: ['picture', 'tga'],
  tif: ['picture', 'tiff'],
  hdr: ['picture', 'hdr'],
  exr: ['picture', 'exr'],
  glb: ['model', 'glb'],
  gltf: ['model', 'gltf'],
  obj: ['model', 'obj'],
  usdz: ['model', 'usdz'],
  mtl: ['material', 'mtl'],
  txt: ['text', 'text'],
  md: ['text', 'text'],
  html: ['text', 'text'],
  zip: ['archive', 'zip'],
  exe: ['program', 'exe'],
};

function readLayout({ files }: Layout): HeapFile[] {
  return files.map((line) => {
    const [, path, size, hash, mentions] = /^(.+?)(?: @(\d+))?(?: = (\S+))?(?: > (.+))?$/.exec(line)!;
    const extension = path.split('.').pop()!.toLowerCase();
    const { kind, format } = identifyFile(path, new Uint8Array());
    const [known, shape] = KINDS[extension] ?? [kind, format];
    const side = size ? Number(size) : null;
    return {
      path,
      kind: known,
      format: shape,
      sizeBytes: 1,
      sha256: hash ?? path,
      width: side,
      height: side,
      inside: { ...NOTHING_INSIDE, mentions: mentions?.split(', ') ?? [] },
    };
  });
}

/** `model: a | map: b` of each find, in order. */
function readExpected({ finds, files }: Layout): string[] {
  const paths = files.map((line) => /^(.+?)(?: @\d+)?(?: = \S+)?(?: > .+)?$/.exec(line)![1]);
  return finds
    .map((line) =>
      line
        .split('|')
        .flatMap((part) => {
          const [, role, patterns] = /^(\S+) (.+)$/.exec(part.trim())!;
          return patterns.split(',').flatMap((pattern) => {
            const found = paths.filter((path) => toPattern(pattern.trim()).test(path));
            if (found.length === 0) throw new Error(`the layout names “${pattern}”, and there is none`);
            return found.map((path) => `${role} ${path}`);
          });
        })
        .sort()
        .join('\n'),
    )
    .sort();
}

const toPattern = (glob: string): RegExp => {
  const parts = glob
    .split(/(\*+)/)
    .map((part) => (part === '**' ? '.*' : part === '*' ? '[^/]*' : part.replace(/[.()+@[\]]/g, '\\$&')));
  return new RegExp(`^${parts.join('')}$`);
};

const describe1 = ({ finds }: Grouping): string[] =>
  finds
    .map((find) =>
      find.files
        .map(({ path, role }) => `${role} ${path}`)
        .sort()
        .join('\n'),
    )
    .sort();

const judge = (layout: Layout) => {
  const grouping = groupFinds(readLayout(layout));
  const isSorted =
    JSON.stringify(describe1(grouping)) === JSON.stringify(readExpected(layout)) &&
    grouping.kits.length > 0 === (layout.isKit ?? false);
  const asks = grouping.finds.some((find) => find.question !== null);
  return { grouping, isExact: isSorted && asks === (layout.asks ?? false), asks };
};

test.each(LAYOUTS.map((layout) => [layout.name, layout] as const))('%s', (_, layout) => {
  const { grouping, asks } = judge(layout);
  expect(describe1(grouping)).toEqual(readExpected(layout));
  expect(grouping.kits.length > 0).toBe(layout.isKit ?? false);
  expect(asks).toBe(layout.asks ?? false);
});

test.each([
  ['written before the rules', LAYOUTS, 0.95],
  ['written after them (17 in the first run)', HELD_OUT_LAYOUTS, 0.95],
])('the score over those %s', (name, layouts, least) => {
  const judged = layouts.map((layout) => ({ layout, ...judge(layout) }));
  const exact = judged.filter(({ isExact }) => isExact).length;
  const asked = judged.filter(({ isExact, asks }) => !isExact && asks);
  const wrong = judged.filter(({ isExact, asks }) => !isExact && !asks);
  const list = (some: typeof judged): string =>
    some.length > 0 ? ` (${some.map(({ layout }) => layout.name).join('; ')})` : '';
  console.log(
    `${layouts.length} layouts ${name}: ${exact} sorted exactly, ${asked.length} asked${list(asked)}, ${wrong.length} wrong${list(wrong)}`,
  );
  expect(exact / layouts.length).toBeGreaterThanOrEqual(least);
});

test('no file is lost: each is in a find or excluded with a reason', () => {
  for (const layout of LAYOUTS) {
    const files = readLayout(layout);
    const { finds, excluded } = groupFinds(files);
    const listed = new Set([
      ...finds.flatMap((find) => find.files.map(({ path }) => path)),
      ...excluded.map(({ path }) => path),
    ]);
    expect([...listed].sort()).toEqual(files.map(({ path }) => path).sort());
    for (const { reason } of excluded) expect(reason).not.toBe('');
  }
});
