import { decodeUtf8 } from '@haveld/core/text/decode-text';

/** Names as bytes, in a way of writing that was guessed. */
export interface NameEncoding {
  /** As people know it: `Shift-JIS`. */
  label: string;
  decode: (raw: Uint8Array) => string;
}

/** What archives are written in, by what the guesser calls it: the name people know, and the name it is decoded by. */
const KNOWN: Record<string, { label: string; codec: string }> = {
  cp932: { label: 'Shift-JIS', codec: 'cp932' },
  shift_jis: { label: 'Shift-JIS', codec: 'cp932' },
  'euc-jp': { label: 'EUC-JP', codec: 'euc-jp' },
  gb18030: { label: 'GBK', codec: 'gb18030' },
  gbk: { label: 'GBK', codec: 'gb18030' },
  gb2312: { label: 'GBK', codec: 'gb18030' },
  big5: { label: 'Big5', codec: 'big5' },
  cp949: { label: 'EUC-KR', codec: 'cp949' },
  'euc-kr': { label: 'EUC-KR', codec: 'cp949' },
  'windows-1251': { label: 'Windows-1251', codec: 'windows-1251' },
  ibm866: { label: 'code page 866', codec: 'cp866' },
  'windows-1250': { label: 'Windows-1250', codec: 'windows-1250' },
  cp852: { label: 'code page 852', codec: 'cp852' },
  'windows-1252': { label: 'Windows-1252', codec: 'windows-1252' },
  cp850: { label: 'code page 850', codec: 'cp850' },
  cp858: { label: 'code page 850', codec: 'cp850' },
  cp437: { label: 'code page 437', codec: 'cp437' },
};

/** Fewer bytes above 127 say nothing of how they are written: APPNOTE's own code page 437 is taken then. */
const LEAST_BYTES = 3;

/** Japanese where so many of the signs beyond ASCII are kana of full width. Ours. */
const KANA = 0.3;

/** So many bytes are enough, and keep it quick. */
const MOST_BYTES = 16_384;

/**
 * How the names of a zip are written that do not say it (APPNOTE 6.3.10, appendix D has code page 437; few keep to it): judged over all of
 * them together, for one alone is too short.
 * @returns null where they are UTF-8 or plain, or say too little
 */
export async function guessNameEncoding(names: readonly Uint8Array[]): Promise<NameEncoding | null> {
  const open = names.filter((name) => name.some((byte) => byte > 127) && decodeUtf8(name) === null);
  const high = open.reduce((sum, name) => sum + name.filter((byte) => byte > 127).length, 0);
  if (high < LEAST_BYTES) return null;
  // loaded where it is needed: hardly any archive has such names
  const [{ detectAll }, { decode }] = await Promise.all([
    import('jschardet').then((module) => module.default),
    import('iconv-lite').then((module) => module.default),
  ]);
  const together = Buffer.concat(open.flatMap((name) => [Buffer.from(name), Buffer.from('\n')])).subarray(
    0,
    MOST_BYTES,
  );
  const ranked = detectAll(together).map(({ encoding }) => encoding?.toLowerCase() ?? '');
  // kana is written by nobody else, and the guesser takes it for rare Chinese signs
  if (shareOfKana(decode(together, 'cp932')) > KANA) ranked.unshift('cp932');
  for (const encoding of ranked) {
    const known = KNOWN[encoding];
    if (!known) continue;
    const read = (raw: Uint8Array): string => decodeUtf8(raw) ?? decode(Buffer.from(raw), known.codec);
    // a name that cannot be read so is not written so
    if (open.every((name) => !/[\ufffd\p{Cc}]/u.test(read(name)))) return { label: known.label, decode: read };
  }
  return null;
}

function shareOfKana(text: string): number {
  const beyond = text.match(/[\u0080-\uffff]/gu)?.length ?? 0;
  return beyond === 0 ? 0 : (text.match(/[\u3041-\u30ff]/gu)?.length ?? 0) / beyond;
}
