import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';

export interface Timed {
  seconds: number;
  /** Most that it and what it started had resident at once, MiB. */
  peakMiB: number;
}

/** Runs a command to its end. @throws {Error} where it ends with a status that is not allowed */
export function runTimed(command: string, args: string[], allowed: readonly number[] = [0]): Promise<Timed> {
  return new Promise((resolve, reject) => {
    const started = performance.now();
    let peak = 0;
    const child = spawn(command, args, { stdio: 'ignore' });
    const watch = setInterval(() => {
      peak = Math.max(peak, readResident(child.pid!));
    }, 10);
    child.on('error', reject);
    child.on('exit', (code) => {
      clearInterval(watch);
      if (!allowed.includes(code ?? -1)) return reject(new Error(`${command} ${args.join(' ')} ended with ${code}`));
      resolve({ seconds: (performance.now() - started) / 1000, peakMiB: peak / 2 ** 20 });
    });
  });
}

function readResident(pid: number): number {
  try {
    const own = Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) * 4096;
    const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').split(' ').filter(Boolean);
    return children.reduce((sum, child) => sum + readResident(Number(child)), own);
  } catch {
    // it ended meanwhile
    return 0;
  }
}

export const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1];
