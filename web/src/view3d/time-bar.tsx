import './time-bar.css';
import PauseIcon from '@mui/icons-material/Pause';
import PlayIcon from '@mui/icons-material/PlayArrow';
import IconButton from '@mui/material/IconButton';
import type { Clip, Playing } from './use-playing';

/** The model's clips: one is chosen, played, or looked at moment by moment. */
export function TimeBar({ clips, playing }: { clips: readonly Clip[]; playing: Playing }) {
  const { moment, isRunning } = playing;
  const clip = moment && clips[moment.clip];
  return (
    <div className="time-bar" role="group" aria-label="Motion">
      <IconButton
        size="small"
        onClick={() => playing.setRunning(!isRunning)}
        aria-label={isRunning ? 'Stop' : 'Play'}
        title={isRunning ? 'Stop (p)' : 'Play (p)'}
      >
        {isRunning ? <PauseIcon fontSize="small" /> : <PlayIcon fontSize="small" />}
      </IconButton>
      <select
        value={moment?.clip ?? ''}
        onChange={(event) => playing.choose(event.target.value === '' ? null : Number(event.target.value))}
        aria-label="Clip"
      >
        <option value="">at rest</option>
        {clips.map(({ name, from, to }, i) => (
          <option key={i} value={i}>
            {name}, {(to - from).toFixed(2)} s
          </option>
        ))}
      </select>
      <input
        type="range"
        min={clip?.from ?? 0}
        max={clip?.to ?? 1}
        step="any"
        value={moment?.seconds ?? 0}
        disabled={!clip}
        onChange={(event) => playing.seek(Number(event.target.value))}
        aria-label="Moment of the clip, seconds"
      />
      <span className="mono">
        {clip ? `${(moment.seconds - clip.from).toFixed(2)} of ${(clip.to - clip.from).toFixed(2)} s` : 'at rest'}
      </span>
    </div>
  );
}
