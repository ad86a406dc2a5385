/** `2026-11-26`, in UTC. */
export const today = (): string => new Date().toISOString().slice(0, 10);
