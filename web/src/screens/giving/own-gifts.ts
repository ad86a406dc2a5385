import { z } from 'zod';

const KEY = 'haveld-gifts';
const MOST = 50;

/** Secrets of gifts given in this browser: who comes back finds their receipts, and is told what they gave twice. */
export function listOwnGifts(): string[] {
  try {
    return z.array(z.string()).parse(JSON.parse(localStorage.getItem(KEY) ?? '[]'));
  } catch {
    // what somebody else wrote there is no list of ours
    return [];
  }
}

/** Remembers one; a browser that keeps nothing forgets it, and the receipt's address still opens it. */
export function rememberGift(secret: string): void {
  try {
    localStorage.setItem(KEY, JSON.stringify([...listOwnGifts(), secret].slice(-MOST)));
  } catch (error) {
    console.warn(error);
  }
}
