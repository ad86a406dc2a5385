import { format, isSameYear } from 'date-fns';

/** `1.4 GB`, `640 kB`. */
export function formatBytes(bytes: number): string {
  if (bytes < 1000) return `${bytes} B`;
  const units = ['kB', 'MB', 'GB', 'TB'];
  let value = bytes;
  let unit = -1;
  while (value >= 1000 && unit < units.length - 1) {
    value /= 1000;
    unit++;
  }
  return `${value < 10 ? value.toFixed(1) : Math.round(value)} ${units[unit]}`;
}

/** `11.9 k`, `840`. */
export function formatThousands(count: number): string {
  if (count < 1000) return String(count);
  if (count < 1_000_000) return `${(count / 1000).toFixed(count < 100_000 ? 1 : 0)} k`;
  return `${(count / 1_000_000).toFixed(1)} M`;
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

/** `1 map`, `3 maps`. */
export const formatCount = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
