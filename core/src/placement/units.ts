import { formatCount } from '../text/count';

/** Units a file may mean, in metres. Inch, foot and yard: International yard and pound agreement, 1959. */
export const UNITS = [
  { id: 'mm', label: 'millimetre', metres: 0.001 },
  { id: 'cm', label: 'centimetre', metres: 0.01 },
  { id: 'dm', label: 'decimetre', metres: 0.1 },
  { id: 'm', label: 'metre', metres: 1 },
  { id: 'km', label: 'kilometre', metres: 1000 },
  { id: 'in', label: 'inch', metres: 0.0254 },
  { id: 'ft', label: 'foot', metres: 0.3048 },
  { id: 'yd', label: 'yard', metres: 0.9144 },
] as const;
export type UnitId = (typeof UNITS)[number]['id'];

const PLURALS: Record<string, string> = { foot: 'feet', inch: 'inches' };

/** @returns several of a unit, in words: `metres`, `feet` */
export const pluralOf = (words: string): string => PLURALS[words] ?? words.replace(/^(\S+)/, '$1s');

const SUFFIX: Record<string, number> = {
  mm: 0.001,
  cm: 0.01,
  dm: 0.1,
  m: 1,
  km: 1000,
  in: 0.0254,
  '"': 0.0254,
  '″': 0.0254,
  inch: 0.0254,
  ft: 0.3048,
  "'": 0.3048,
  '′': 0.3048,
  foot: 0.3048,
  yd: 0.9144,
};

/**
 * Reads a length as a person writes it: `78 cm`, `1,70 m`, `2' 6"`, `30 in`.
 * @returns metres, or null where it is no length above zero
 */
export function parseLength(text: string): number | null {
  const parts = [
    ...text
      .trim()
      .toLowerCase()
      .matchAll(/(\d+(?:[.,]\d+)?)\s*(mm|cm|dm|km|m|inch|in|foot|ft|yd|["'″′])/g),
  ];
  const read = parts.map((part) => part[0]).join('');
  if (parts.length === 0 || read.replace(/\s/g, '') !== text.trim().toLowerCase().replace(/\s/g, '')) return null;
  const metres = parts.reduce((sum, [, value, unit]) => sum + Number(value.replace(',', '.')) * SUFFIX[unit], 0);
  return metres > 0 && Number.isFinite(metres) ? metres : null;
}

/** A length with three figures in the unit a person would choose: `0.78 m`, `34 mm`, `1.2 km`. */
export function formatLength(metres: number): string {
  const magnitude = Math.abs(metres);
  if (magnitude === 0) return '0 m';
  if (magnitude < 0.0995) return `${round(metres * 1000)} mm`;
  if (magnitude >= 9995) return `${round(metres / 1000)} km`;
  return magnitude >= 1000
    ? `${Math.round(metres)} m`
    : magnitude < 100
      ? `${metres.toFixed(2)} m`
      : `${round(metres)} m`;
}

/** How measures are shown. */
export type MeasureSystem = 'metric' | 'imperial';

const INCH = 0.0254;

/** A length in feet and inches, to an eighth of an inch below a foot, a quarter up to ten feet, an inch beyond: `2′ 6″`, `7/8″`. */
export function formatImperial(metres: number): string {
  const inches = Math.abs(metres) / INCH;
  const parts = inches < 12 ? 8 : inches < 120 ? 4 : 1;
  const whole = Math.round(inches * parts);
  const sign = metres < 0 ? '−' : '';
  const feet = Math.floor(whole / parts / 12);
  const left = whole - feet * 12 * parts;
  const words = `${sign}${feet > 0 ? `${formatCount(feet)}′` : ''}`;
  if (left === 0 && feet > 0) return words;
  return `${words}${feet > 0 ? ' ' : ''}${formatInches(left, parts)}″`;
}

function formatInches(count: number, parts: number): string {
  const whole = Math.floor(count / parts);
  let [over, under] = [count - whole * parts, parts];
  if (over === 0) return String(whole);
  while (over % 2 === 0) [over, under] = [over / 2, under / 2];
  return `${whole > 0 ? `${whole} ` : ''}${over}/${under}`;
}

/** A length in a system of measures. */
export const formatLengthIn = (system: MeasureSystem, metres: number): string =>
  system === 'imperial' ? formatImperial(metres) : formatLength(metres);

const METRES: Record<string, number> = { mm: 0.001, cm: 0.01, m: 1, km: 1000 };

/** A length as this file writes it, or a size of three: `0.78 m`, `−18.9 mm`, `1.20 × 0.78 × 0.80 m`. */
const WRITTEN = /“[^”]*”|(?<![\w.])((?:[\d\u202f.]+ × ){0,2}[−-]?[\d\u202f.]*\d) (mm|cm|m|km)(?![\w/²³])/gu;

/** A number as this file writes it. */
const parseWritten = (value: string): number => Number(value.replaceAll('\u202f', '').replace('−', '-'));

/** A sentence of Haveld's own with its lengths in a system of measures; names, which stand in quotation marks, stay as they are. */
export function sayIn(system: MeasureSystem, words: string): string {
  if (system === 'metric') return words;
  return words.replace(WRITTEN, (written: string, values: string | undefined, unit: string) =>
    values === undefined
      ? written
      : values
          .split(' × ')
          .map((value) => formatImperial(parseWritten(value) * METRES[unit]))
          .join(' × '),
  );
}

const round = (value: number): number => Number(value.toPrecision(3));

/** `1.20 × 0.78 × 0.80 m`, width × height × depth. */
export function formatSize(size: readonly [number, number, number]): string {
  const largest = Math.max(...size);
  const [unit, factor] =
    largest < 0.0995 ? (['mm', 1000] as const) : largest >= 9995 ? (['km', 0.001] as const) : (['m', 1] as const);
  const digits = largest * factor >= 1000 ? 0 : unit === 'mm' || largest * factor >= 100 ? 1 : 2;
  return `${size.map((v) => (v * factor).toFixed(digits)).join(' × ')} ${unit}`;
}

/** A length of a file whose unit is not known yet: `52.01 units`. */
export function formatUnits(count: number): string {
  const said = Number(count.toPrecision(4));
  return said === 1 ? '1 unit' : `${said} units`;
}

/** A sentence of Haveld's own whose lengths were worked out as if the file were in metres: counts of its unit instead. */
export const sayInUnits = (words: string): string =>
  words.replace(WRITTEN, (written: string, values: string | undefined, unit: string) =>
    values === undefined
      ? written
      : `${values
          .split(' × ')
          .map((value) => String(Number((parseWritten(value) * METRES[unit]).toPrecision(4))))
          .join(' × ')} units`,
  );
