import { useState } from 'react';
import { formatLength } from '@haveld/core/placement/units';

/** Less than this share is a trembling hand. */
const LEAST_CHANGE = 0.01;

/** Nothing is dragged smaller than this, pixels. */
const LEAST_PX = 4;

/** A drag that is under way: where it began, and how many times as high it is now. */
export interface Sizing {
  fromY: number;
  times: number;
}

/**
 * The upper edge of a picture, dragged until the model looks as high as it is beside the person. By keyboard a height is typed (`s`).
 * @param heightPx of the picture as it is drawn
 */
export function SizeGrip({
  name,
  heightM,
  heightPx,
  sizing,
  onSizing,
  onDone,
}: {
  name: string;
  heightM: number;
  heightPx: number;
  sizing: Sizing | null;
  onSizing: (sizing: Sizing | null) => void;
  onDone: (heightM: number) => void;
}) {
  return (
    <>
      <button
        type="button"
        className="line-up-grip"
        tabIndex={-1}
        aria-label={`Drag to set the height of ${name}`}
        title="Drag to set its height"
        style={{ bottom: heightPx * (sizing?.times ?? 1) }}
        onPointerDown={(event) => {
          event.preventDefault();
          event.currentTarget.setPointerCapture?.(event.pointerId);
          onSizing({ fromY: event.clientY, times: 1 });
        }}
        onPointerMove={(event) => {
          if (!sizing) return;
          const px = Math.max(LEAST_PX, heightPx + sizing.fromY - event.clientY);
          onSizing({ ...sizing, times: px / heightPx });
        }}
        onPointerUp={() => {
          if (sizing && Math.abs(sizing.times - 1) > LEAST_CHANGE)
            onDone(Number((heightM * sizing.times).toPrecision(3)));
          onSizing(null);
        }}
        onPointerCancel={() => onSizing(null)}
      />
      {sizing && (
        <span className="line-up-sizing mono" role="status" style={{ bottom: heightPx * sizing.times + 12 }}>
          {formatLength(heightM * sizing.times)}
        </span>
      )}
    </>
  );
}

/** What a drag shows before it is let go: the picture from its foot on, so many times as large. */
export function useSizing(): [Sizing | null, (sizing: Sizing | null) => void, React.CSSProperties] {
  const [sizing, setSizing] = useState<Sizing | null>(null);
  return [sizing, setSizing, sizing ? { transform: `scale(${sizing.times})`, transformOrigin: '50% 100%' } : {}];
}
