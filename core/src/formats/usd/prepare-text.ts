/** An attribute that says of a prim what the library drops from its metadata. */
export const INACTIVE = 'haveld:inactive';

/** A prim whose metadata switch it off; bounded, so that no text makes it slow. */
const SWITCHED_OFF =
  /\bdef\b[^\n({]{0,300}\([^(){}]{0,2000}?\bactive\s{0,9}=\s{0,9}(?:false|0)\b[^(){}]{0,2000}\)\s{0,99}\{/g;

/**
 * Writes USD text as the library's parser takes it. It reads metadata of an attribute only on lines of their own, and would take
 * those beside a value for a part of it; and it drops `active`, by which a prim is switched off (OpenUSD, "Prim metadata").
 */
export const prepareText = (text: string): string =>
  text.replace(/^[^\n]*\)[ \t]*$/gm, breakMetadata).replace(SWITCHED_OFF, `$&\nbool ${INACTIVE} = true\n`);

/** `… = value (name = x)` on two lines; anything else as it is. */
function breakMetadata(line: string): string {
  const at = line.lastIndexOf('(');
  const [value, metadata] = [line.slice(0, at).trimEnd(), line.slice(at + 1, line.lastIndexOf(')'))];
  const isMetadata = at > 0 && /^\s*[A-Za-z]\w*\s*=/.test(metadata) && /[\])"'\w]$/.test(value) && value.includes('=');
  return isMetadata ? `${value} (\n${metadata}\n)` : line;
}
