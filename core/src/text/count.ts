/** `1 camera`, `3 cameras`. */
export const count = (n: number, one: string, many = `${one}s`): string => `${formatCount(n)} ${n === 1 ? one : many}`;

/** Thousands apart by a narrow space that does not break: `12 400`. */
export const formatCount = (n: number): string => String(Math.round(n)).replace(/\B(?=(?:\d{3})+$)/g, '\u202f');
