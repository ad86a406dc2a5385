/** Wakes the lanes of this process that wait for work; those of another process find it when they look again. */
export class JobBell {
  readonly #waiting = new Set<() => void>();
  #rung = 0;

  /** How often it rang so far; who looked for work after that need not wait for a ring that came before. */
  get rung(): number {
    return this.#rung;
  }

  ring(): void {
    this.#rung++;
    for (const wake of this.#waiting) wake();
  }

  /** Waits until it rings more often than `rung`, `ms` have passed, or the signal aborts. */
  wait(rung: number, ms: number, signal: AbortSignal): Promise<void> {
    if (signal.aborted || this.#rung > rung) return Promise.resolve();
    return new Promise((resolve) => {
      const end = (): void => {
        clearTimeout(timer);
        signal.removeEventListener('abort', end);
        this.#waiting.delete(end);
        resolve();
      };
      const timer = setTimeout(end, ms);
      signal.addEventListener('abort', end, { once: true });
      this.#waiting.add(end);
    });
  }
}
