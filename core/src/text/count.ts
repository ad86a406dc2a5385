/** `1 camera`, `3 cameras`. */
export const count = (n: number, one: string, many = `${one}s`): string => `${formatCount(n)} ${n === 1 ? one : many}`;

/** Thousands apart: `12 400`. */
export const formatCount = (n: number): string => String(n).replace(/\B(?=(\d{3})+$)/g, '\u202f');
