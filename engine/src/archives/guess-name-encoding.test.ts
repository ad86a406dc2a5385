import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import iconv from 'iconv-lite';
import { writeRawZip } from '../testing/raw-zip';
import { guessNameEncoding } from './guess-name-encoding';
import { walkZip } from './walk-zip';

// Names as people give them, in the words of each language; iconv-lite writes them
const NAMES: Record<string, { codec: string; names: string[] }> = {
  'Shift-JIS': { codec: 'cp932', names: ['椅子', 'テーブル/木目', '屋根_赤', '車両', '鳥居モデル', '材質/鉄板'] },
  GBK: { codec: 'gbk', names: ['椅子', '桌子/木纹', '房屋模型', '汽车', '贴图/金属', '屋顶红色'] },
  'EUC-KR': { codec: 'cp949', names: ['의자', '책상/나무', '지붕_빨강', '자동차', '재질/철판', '건물'] },
  'Windows-1251': { codec: 'windows-1251', names: ['стул', 'стол/дерево', 'крыша красная', 'машина', 'железо'] },
  'code page 866': { codec: 'cp866', names: ['стул', 'стол/дерево', 'крыша красная', 'машина', 'железо'] },
  'Windows-1250': { codec: 'windows-1250', names: ['židle', 'stůl/dřevo', 'střecha', 'křeslo červené', 'łóżko'] },
  'code page 852': { codec: 'cp852', names: ['židle', 'stůl/dřevo', 'střecha', 'křeslo červené', 'łóżko'] },
  'code page 850': { codec: 'cp850', names: ['Stühle', 'cadeira São João', 'À gauche', 'Tür/Holz', 'canapé'] },
  'code page 437': { codec: 'cp437', names: ['Stühle', 'Tür/Holz', 'Glühbirne', 'Küche groß', 'été', 'façade'] },
  'Windows-1252': { codec: 'windows-1252', names: ['Stühle', 'Tür/Holz', 'Glühbirne', 'Küche groß', 'été', 'façade'] },
};

test.each(Object.entries(NAMES))('%s is told from all names together', async (label, { codec, names }) => {
  const raw = names.map((name) => iconv.encode(`${name}.obj`, codec));
  const guess = await guessNameEncoding(raw);
  expect(guess?.label).toBe(label);
  expect(raw.map((one) => guess!.decode(one))).toEqual(names.map((name) => `${name}.obj`));
});

test('kana alone is Japanese, and Chinese is not taken for it', async () => {
  const kana = ['テーブル', 'カーテン', 'サイドボード'].map((name) => iconv.encode(name, 'cp932'));
  expect((await guessNameEncoding(kana))?.label).toBe('Shift-JIS');
  const chinese = ['阿富汗', '安道尔', '阿联酋', '安哥拉'].map((name) => iconv.encode(name, 'gbk'));
  expect((await guessNameEncoding(chinese))?.label).toBe('GBK');
});

test('UTF-8, plain names, and too few bytes to tell by are left to the format', async () => {
  const utf8 = ['椅子.obj', 'Tür.obj', 'chair.obj'].map((name) => new TextEncoder().encode(name));
  expect(await guessNameEncoding(utf8)).toBeNull();
  expect(await guessNameEncoding([iconv.encode('Tür.obj', 'cp437')])).toBeNull();
  expect(await guessNameEncoding([])).toBeNull();
});

test('names in UTF-8 among them are read as that', async () => {
  const raw = NAMES['Shift-JIS'].names.map((name) => iconv.encode(name, 'cp932'));
  const guess = await guessNameEncoding([...raw, new TextEncoder().encode('Tür')]);
  expect(guess!.decode(new TextEncoder().encode('Tür'))).toBe('Tür');
});

test('a zip from Japan keeps its names, and says how they were read', async () => {
  const names = ['モデル/椅子.obj', 'モデル/椅子.mtl', 'テクスチャ/木目.png'];
  const path = join(mkdtempSync(join(tmpdir(), 'haveld-names-')), 'names.zip');
  // without general purpose bit 11
  writeFileSync(
    path,
    writeRawZip(
      names.map((name) => ({ name: iconv.encode(name, 'cp932'), bytes: Buffer.from('v 0 0 0\n'), flags: 0 })),
    ),
  );
  const seen: (string | Uint8Array)[] = [];
  const end = await walkZip(path, {
    begin: ({ name }) => {
      seen.push(name);
      return null;
    },
    pass: () => undefined,
  });
  rmSync(dirname(path), { recursive: true });
  expect(seen).toEqual(names);
  expect(end).toMatchObject({
    problem: null,
    note: 'has names that do not say how they are written; they were read as Shift-JIS: “テクスチャ/木目.png”.',
  });
});
