import type { ArchiveEntry } from './archive-entry';
import type { ArchiveCommand } from './seven-zip-module';

export interface ListedEntry extends ArchiveEntry {
  path: string;
  isEncrypted: boolean;
  method: string;
}

export interface Listing {
  entries: ListedEntry[];
  /** `7z`, `Rar5`, `xz` … as the reader names it. */
  type: string;
  /** The directory could be read. */
  isComplete: boolean;
}

/** A switch has to be there, or the reader asks at a terminal. */
export const passwordSwitch = (password: string | null): string => `-p${password ?? 'none given'}`;

/** Lists an archive. @param nameOfOnly what the one file of a compression without names is called */
export function listGeneral(
  command: ArchiveCommand,
  file: string,
  password: string | null,
  nameOfOnly: string,
): Listing {
  const pieces: Buffer[] = [];
  const args = ['l', '-slt', '-sccUTF-8', passwordSwitch(password), `/in/${file}`];
  const { code } = command.run(
    args,
    (bytes) => pieces.push(Buffer.from(bytes)),
    () => undefined,
  );
  const [head = '', ...bodies] = Buffer.concat(pieces).toString('utf8').split('\n----------\n');
  const blocks = bodies.flatMap((body) => body.split('\n\n')).map(parseBlock);
  return {
    type: /^Type = (.+)$/m.exec(head)?.[1] ?? '',
    entries: blocks
      .filter((block) => block.size > 0 && (block.has('Path') || block.has('Size')))
      .map((block) => describe(block, nameOfOnly)),
    isComplete: code === 0,
  };
}

function parseBlock(text: string): Map<string, string> {
  return new Map(
    text.split('\n').flatMap((line): [string, string][] => {
      const at = line.indexOf(' = ');
      return at > 0 ? [[line.slice(0, at), line.slice(at + 3).trim()]] : [];
    }),
  );
}

function describe(block: Map<string, string>, nameOfOnly: string): ListedEntry {
  const path = block.get('Path') ?? nameOfOnly;
  const attributes = block.get('Attributes') ?? '';
  const number = (key: string): number | null => {
    const text = block.get(key);
    return text ? Number(text) : null;
  };
  const isFolder = block.get('Folder') === '+' || attributes.startsWith('D');
  const isLink = / l/.test(attributes) || Boolean(block.get('Symbolic Link')) || Boolean(block.get('Hard Link'));
  return {
    path,
    name: path,
    isUtf8: true,
    kind: isFolder ? 'folder' : isLink ? 'link' : 'file',
    sizeBytes: number('Size'),
    packedBytes: number('Packed Size'),
    isEncrypted: block.get('Encrypted') === '+',
    method: block.get('Method') ?? '',
  };
}
