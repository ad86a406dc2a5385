import { readLogicalLines } from './logical-lines';

/** One map statement: `map_Kd -s 2 2 oak top.png`. */
export interface MtlMap {
  statement: string;
  file: string;
  options: string;
}

export interface MtlMaterial {
  name: string;
  /** Last value of each statement that is not a map, as written. */
  statements: Record<string, string>;
  maps: MtlMap[];
  /** 1-based. */
  line: number;
}

/** Options of a map statement and how many values each takes; `-s`, `-o` and `-t` take one to three (MTL, Alias|Wavefront 1995). */
const OPTIONS: Record<string, [least: number, most: number]> = {
  '-blendu': [1, 1],
  '-blendv': [1, 1],
  '-boost': [1, 1],
  '-bm': [1, 1],
  '-cc': [1, 1],
  '-clamp': [1, 1],
  '-imfchan': [1, 1],
  '-mm': [2, 2],
  '-o': [1, 3],
  '-s': [1, 3],
  '-t': [1, 3],
  '-texres': [1, 1],
  '-type': [1, 1],
};

const MAP_STATEMENT = /^(map_.+|bump|disp|decal|refl|norm)$/i;
const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;

/** Reads a material library. Names and file names may hold spaces; statements it does not know are kept as they are. */
export function parseMtl(bytes: Uint8Array): { materials: MtlMaterial[]; comments: { line: number; text: string }[] } {
  const materials: MtlMaterial[] = [];
  const comments: { line: number; text: string }[] = [];
  let current: MtlMaterial | null = null;
  for (const { text, line } of readLogicalLines(bytes)) {
    if (text.startsWith('#')) {
      if (comments.length < 60) comments.push({ line, text: text.replace(/^#+\s*/, '') });
      continue;
    }
    const space = text.search(/\s/);
    const word = space < 0 ? text : text.slice(0, space);
    const rest = space < 0 ? '' : text.slice(space).trim();
    if (word.toLowerCase() === 'newmtl') {
      current = { name: rest, statements: {}, maps: [], line };
      materials.push(current);
    } else if (current && MAP_STATEMENT.test(word)) {
      const map = parseMapStatement(word, rest);
      if (map.file !== '') current.maps.push(map);
    } else if (current && word !== '') {
      current.statements[word] = rest;
    }
  }
  return { materials, comments };
}

function parseMapStatement(statement: string, rest: string): MtlMap {
  const options: string[] = [];
  let remaining = rest;
  for (;;) {
    const match = /^(-\S+)\s+/.exec(remaining);
    const count = match && OPTIONS[match[1].toLowerCase()];
    if (!match || !count) break;
    options.push(match[1]);
    remaining = remaining.slice(match[0].length);
    for (let taken = 0; taken < count[1]; taken++) {
      const value = /^(\S+)\s+/.exec(remaining);
      if (!value || (taken >= count[0] && !NUMBER.test(value[1]))) break;
      options.push(value[1]);
      remaining = remaining.slice(value[0].length);
    }
  }
  return { statement, file: remaining.replace(/^"(.*)"$/, '$1'), options: options.join(' ') };
}
