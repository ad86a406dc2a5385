import './stage-overlay.css';
import { use, type RefObject } from 'react';
import { chooseBarLengthIn, formatBarLengthIn } from '@haveld/core/picture/ruled-bar';
import { UnitIsOpen, useMeasures } from '../../parts/use-measures';
import { useOverlay, type OverlayStore } from '../use-overlay';
import { layTags } from './lay-tags';
import type { Side } from './overlay';
import { STAND_IN_WORDS, type StandIn } from './stand-ins';

interface StageOverlayProps {
  store: OverlayStore;
  only: Side | null;
  /** Where the treated side begins, a share of the width. */
  from: number;
  host: RefObject<HTMLElement | null>;
  /** Metres a unit of the received side; null where it states none. */
  receivedMetres: number | null;
  hasSize: boolean;
  isPlain: boolean;
  isTrying: boolean;
  /** What the model stands beside. */
  thing: StandIn | null;
}

/** What is written over the picture: measures, what stands with it, the ruled bars. It alone follows every frame. */
export function StageOverlay({
  store,
  only,
  from,
  host,
  receivedMetres,
  hasSize,
  isPlain,
  isTrying,
  thing,
}: StageOverlayProps) {
  const overlay = useOverlay(store, (now) => now);
  const { length } = useMeasures();
  if (!overlay) return null;
  const { beside, front, person, picked, bars } = overlay;
  const isTreatedShown = only !== 'received';
  const width = host.current?.clientWidth ?? 0;
  const height = host.current?.clientHeight ?? 0;
  const left = from * width;
  const hasMeasures = hasSize && !isPlain && isTreatedShown && !isTrying;
  const isInside = ({ x, y }: { x: number; y: number }): boolean =>
    x > left + 34 && x < width - 34 && y > 40 && y < height - 40;
  const tags = layTags([
    ...(hasMeasures ? overlay.measures.filter(isInside) : []).map(({ x, y, size }) => ({
      x,
      y,
      label: length(size),
      soft: false,
    })),
    ...(picked && picked.distance !== null ? [{ ...picked, label: length(picked.distance), soft: false }] : []),
    ...(hasSize && person && isInside(person) ? [{ x: person.x, y: person.y + 16, label: '1.70 m', soft: true }] : []),
    ...(beside && thing
      ? [
          {
            x: beside.x,
            y: beside.y + 16,
            label: thing.kind === 'asset' ? thing.label : STAND_IN_WORDS[thing.kind],
            soft: true,
          },
        ]
      : []),
    ...(!isPlain && !isTrying && front && isTreatedShown && isInside(front)
      ? [{ x: front.x, y: front.y + 12, label: 'front', soft: true }]
      : []),
  ]);
  return (
    <>
      {tags.map(({ x, y, label, soft }, i) => (
        <span key={i} className={soft ? 'stage-tag soft' : 'stage-tag'} style={{ left: x, top: y }}>
          {label}
        </span>
      ))}
      {bars.received && only !== 'treated' && (
        <UnitIsOpen value={receivedMetres === null}>
          <RuledBar bar={{ px: bars.received.px / (receivedMetres ?? 1) }} side="left" isTrue />
        </UnitIsOpen>
      )}
      {bars.treated && isTreatedShown && <RuledBar bar={bars.treated} side="right" isTrue={hasSize} />}
    </>
  );
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
