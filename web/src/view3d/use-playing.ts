import { useEffect, useState } from 'react';
import type { Moment } from './stage/clip-player';

export interface Clip {
  name: string;
  /** Seconds of its first and last key. */
  from: number;
  to: number;
}

export interface Playing {
  /** Null where the model rests. */
  moment: Moment | null;
  isRunning: boolean;
  choose(clip: number | null): void;
  seek(seconds: number): void;
  setRunning(running: boolean): void;
}

/** Plays one of a model's clips over and over, at its own speed. */
export function usePlaying(clips: readonly Clip[]): Playing {
  const [moment, setMoment] = useState<Moment | null>(null);
  const [isRunning, setRunning] = useState(false);
  useEffect(() => {
    if (!isRunning) return;
    let last = performance.now();
    let wanted = requestAnimationFrame(function advance(now) {
      const passed = (now - last) / 1000;
      last = now;
      setMoment((before) => before && advanceMoment(before, clips[before.clip], passed));
      wanted = requestAnimationFrame(advance);
    });
    return () => cancelAnimationFrame(wanted);
  }, [isRunning, clips]);
  return {
    moment,
    isRunning: isRunning && moment !== null,
    choose(clip) {
      setMoment(clip === null ? null : { clip, seconds: clips[clip].from });
      setRunning(clip !== null);
    },
    seek(seconds) {
      setMoment((before) => before && { ...before, seconds });
      setRunning(false);
    },
    setRunning(running) {
      if (running) setMoment((before) => before ?? { clip: 0, seconds: clips[0].from });
      setRunning(running);
    },
  };
}

/** @returns the moment some seconds later; past its end a clip begins again */
export function advanceMoment(moment: Moment, { from, to }: Pick<Clip, 'from' | 'to'>, seconds: number): Moment {
  const span = to - from;
  if (!(span > 0)) return { ...moment, seconds: from };
  return { ...moment, seconds: from + ((moment.seconds - from + seconds) % span) };
}
