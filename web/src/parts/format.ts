import { format, isSameYear, parseISO } from 'date-fns';

const BYTE_UNITS = ['byte', 'kilobyte', 'megabyte', 'gigabyte', 'terabyte'];

/** `1.4 GB`, `640 kB`. */
export function formatBytes(bytes: number): string {
  if (bytes < 1000) return `${bytes} B`;
  const power = Math.min(BYTE_UNITS.length - 1, Math.floor(Math.log10(bytes) / 3));
  const value = bytes / 1000 ** power;
  const digits = value < 10 ? 1 : 0;
  return value.toLocaleString('en', {
    style: 'unit',
    unit: BYTE_UNITS[power],
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
}

/** `11.9 k`, `840`. */
export function formatThousands(count: number): string {
  if (count < 1000) return String(count);
  const [value, unit] = count < 1_000_000 ? [count / 1000, 'k'] : [count / 1_000_000, 'M'];
  const digits = count >= 100_000 && unit === 'k' ? 0 : 1;
  return `${value.toLocaleString('en', { minimumFractionDigits: digits, maximumFractionDigits: digits })} ${unit}`;
}

/** `2K` for the longest side of maps; `no maps` for none. */
export function formatMapSide(side: number): string {
  if (side === 0) return 'no maps';
  return side >= 1024 ? `${Math.round((side / 1024) * 10) / 10}K` : `${side} px`;
}

/** `12 Nov 10:41`. */
export function formatMoment(iso: string): string {
  const at = new Date(iso);
  return format(at, isSameYear(at, new Date()) ? 'd MMM HH:mm' : 'd MMM yyyy HH:mm');
}

/** `12 Nov 2026` for a day as it is written in data: `2026-11-12`. */
export const formatDay = (day: string): string => format(parseISO(day), 'd MMM yyyy');

/** `1 map`, `3 maps`. */
export const formatCount = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
