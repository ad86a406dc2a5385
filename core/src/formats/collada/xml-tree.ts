import { Parser } from 'htmlparser2';

/** An element of an XML file. */
export interface XmlElement {
  name: string;
  attributes: Record<string, string>;
  children: XmlElement[];
  text: string;
}

/**
 * Reads XML into a tree. What is not closed is closed by the end of what holds it, so a damaged file gives what stands before
 * the damage.
 * @returns the outermost element, or null where there is none; and whether every element was closed
 */
export function parseXml(text: string): { root: XmlElement | null; isWhole: boolean } {
  const top: XmlElement = { name: '', attributes: {}, children: [], text: '' };
  const open: XmlElement[] = [top];
  const pieces = new Map<XmlElement, string[]>();
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        const element: XmlElement = { name: withoutPrefix(name), attributes, children: [], text: '' };
        open[open.length - 1].children.push(element);
        open.push(element);
      },
      ontext(piece) {
        const element = open[open.length - 1];
        const known = pieces.get(element);
        if (known) known.push(piece);
        else pieces.set(element, [piece]);
      },
      onclosetag() {
        const element = open.pop()!;
        element.text = (pieces.get(element) ?? []).join('');
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.write(text);
  const isWhole = open.length === 1;
  parser.end();
  return { root: top.children[0] ?? null, isWhole };
}

const withoutPrefix = (name: string): string => name.slice(name.indexOf(':') + 1);

export const findElement = (parent: XmlElement | undefined, ...path: string[]): XmlElement | undefined =>
  path.reduce<XmlElement | undefined>((at, name) => at?.children.find((child) => child.name === name), parent);

export const listElements = (parent: XmlElement | undefined, name: string): XmlElement[] =>
  parent?.children.filter((child) => child.name === name) ?? [];

/** @returns the numbers of an element's text; decimal commas, as some systems' settings put them, are taken as points */
export function readNumbers(element: XmlElement | undefined): Float64Array {
  const words = element?.text.trim().split(/\s+/) ?? [];
  if (words.length === 1 && words[0] === '') return new Float64Array();
  return Float64Array.from(words, (word) => Number(word.includes(',') ? word.replace(',', '.') : word));
}

/** @returns the words of an element's text */
export const readWords = (element: XmlElement | undefined): string[] =>
  element?.text
    .trim()
    .split(/\s+/)
    .filter((word) => word !== '') ?? [];
