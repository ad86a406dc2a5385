import { Presets, SingleBar } from 'cli-progress';
import type { Progress } from './workshop';

/** A bar on a terminal; in a pipe nothing. It is written to the error stream, so that the report stays clean. */
export function createProgressBar(stream: NodeJS.WriteStream): {
  show: (progress: Progress) => void;
  end: () => void;
} {
  if (!stream.isTTY) return { show: () => undefined, end: () => undefined };
  const bar = new SingleBar(
    { stream, format: '{bar} {percentage} %  {label}', hideCursor: true, clearOnComplete: true, etaBuffer: 20 },
    Presets.shades_grey,
  );
  bar.start(1, 0, { label: 'looking' });
  return {
    show({ done, of, label }) {
      bar.setTotal(of);
      bar.update(done, { label });
    },
    end: () => bar.stop(),
  };
}
