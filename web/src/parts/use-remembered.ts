import { useCallback, useState } from 'react';

/** State of a screen that is there again after a reload, in this tab alone. @param key of its own */
export function useRemembered<T>(key: string, start: T): [T, (next: T) => void] {
  const [now, setNow] = useState<T>(() => read(key) ?? start);
  const remember = useCallback(
    (next: T) => {
      setNow(next);
      sessionStorage.setItem(key, JSON.stringify(next));
    },
    [key],
  );
  return [now, remember];
}

/** @returns null where nothing was kept, or something that is none of ours */
function read<T>(key: string): T | null {
  const kept = sessionStorage.getItem(key);
  if (kept === null) return null;
  try {
    return JSON.parse(kept) as T;
  } catch {
    sessionStorage.removeItem(key);
    return null;
  }
}
