import './stage-overlay.css';
import { use, type RefObject } from 'react';
import { chooseBarLengthIn, formatBarLengthIn } from '@haveld/core/picture/ruled-bar';
import { UnitIsOpen, useMeasures } from '../../parts/use-measures';
import { useOverlay, type OverlayStore } from '../use-overlay';
import type { Overlay, Side } from './overlay';
import { STAND_IN_WORDS, type StandIn } from './stand-ins';

interface StageOverlayProps {
  store: OverlayStore;
  only: Side | null;
  /** Where the treated side begins, a share of the width. */
  from: number;
  host: RefObject<HTMLElement | null>;
  hasSize: boolean;
  isPlain: boolean;
  isTrying: boolean;
  /** What the model stands beside. */
  thing: StandIn | null;
}

/** What is written over the picture: measures, what stands with it, the ruled bars. It alone follows every frame. */
export function StageOverlay({ store, only, from, host, hasSize, isPlain, isTrying, thing }: StageOverlayProps) {
  const overlay = useOverlay(store, (now) => now);
  const { length } = useMeasures();
  if (!overlay) return null;
  const { beside, front, person, picked, bars } = overlay;
  const isTreatedShown = only !== 'received';
  const left = from * (host.current?.clientWidth ?? 0);
  return (
    <>
      {hasSize && !isPlain && isTreatedShown && !isTrying && (
        <Measures overlay={overlay} from={from} host={host.current} />
      )}
      {beside && thing && (
        <Tag
          x={beside.x}
          y={beside.y + 16}
          label={thing.kind === 'asset' ? thing.label : STAND_IN_WORDS[thing.kind]}
          soft
        />
      )}
      {!isPlain && !isTrying && front && isTreatedShown && (from === 0 || front.x > left) && (
        <Tag x={front.x} y={front.y + 12} label="front" soft />
      )}
      {hasSize && person && <Tag x={person.x} y={person.y + 16} label="1.70 m" soft />}
      {picked && picked.distance !== null && <Tag x={picked.x} y={picked.y} label={length(picked.distance)} />}
      {bars.received && only !== 'treated' && <RuledBar bar={bars.received} side="left" isTrue />}
      {bars.treated && isTreatedShown && <RuledBar bar={bars.treated} side="right" isTrue={hasSize} />}
    </>
  );
}

function Tag({ x, y, label, soft }: { x: number; y: number; label: string; soft?: boolean }) {
  return (
    <span className={soft ? 'stage-tag soft' : 'stage-tag'} style={{ left: x, top: y }}>
      {label}
    </span>
  );
}

function Measures({ overlay, from, host }: { overlay: Overlay; from: number; host: HTMLElement | null }) {
  const { length } = useMeasures();
  const width = host?.clientWidth ?? 0;
  const height = host?.clientHeight ?? 0;
  return overlay.measures
    .filter(({ x, y }) => x > from * width + 34 && x < width - 34 && y > 40 && y < height - 40)
    .map(({ axis, x, y, size }) => <Tag key={axis} x={x} y={y} label={length(size)} />);
}

/** True length at the model's middle. */
function RuledBar({ bar, side, isTrue }: { bar: { px: number }; side: 'left' | 'right'; isTrue: boolean }) {
  const { system, length } = useMeasures();
  const isOpen = use(UnitIsOpen);
  const metres = chooseBarLengthIn(isOpen ? 'metric' : system, 150 / bar.px);
  return (
    <span className={`stage-bar ${side}`} style={{ width: metres * bar.px }}>
      <span>{!isTrue ? 'no real size' : isOpen ? length(metres) : formatBarLengthIn(system, metres)}</span>
    </span>
  );
}
