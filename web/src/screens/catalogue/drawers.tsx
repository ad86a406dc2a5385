import { useEffect, useRef, useState } from 'react';
import type { Card } from '@haveld/contract/api/catalogue';
import { formatLength } from '@haveld/core/placement/units';
import { bytesUrl } from '../../api/client';
import { formatTick, HEADROOM_PX, layDrawers, listTicks, type Drawer } from '../../parts/lay-drawers';
import { Thumbnail } from '../../parts/thumbnail';
import type { FoundCard } from './card-pages';
import { CardWords } from './card-words';
import type { OnToggle } from './choose-box';

const RULE_PX = 56;
const PICTURE_PX = 232;

/** A single drawer has the screen to itself. */
const LONE_PICTURE_PX = 420;

export interface CardsProps {
  cards: readonly FoundCard[];
  chosen: ReadonlyMap<string, Card>;
  /** Null for whoever hands nothing over. */
  onToggle: OnToggle | null;
}

/** Drawers of true pictures on a common ground, with a rule in metres at each drawer's left. */
export function Drawers(props: CardsProps) {
  const host = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1200);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidth(entry.contentRect.width));
    observer.observe(host.current!);
    return () => observer.disconnect();
  }, []);
  const sized = props.cards.filter((card) => card.heightM !== null && card.widthM !== null);
  const rest = props.cards.filter((card) => !sized.includes(card));
  const widthPx = Math.max(320, width - RULE_PX - 40);
  const heightPx = layDrawers(sized, widthPx, PICTURE_PX).length === 1 ? LONE_PICTURE_PX : PICTURE_PX;
  const drawers = layDrawers(sized, widthPx, heightPx);
  return (
    <div className="drawers" ref={host}>
      {drawers.map((drawer) => (
        <DrawerRow key={drawer.cards[0].id} drawer={drawer} heightPx={heightPx} {...props} />
      ))}
      {rest.length > 0 && (
        <section className="drawer-rest" aria-label="Without a real size">
          <h2>Without a real size</h2>
          <div className="frames">
            {rest.map((card) => (
              <div key={card.id}>
                {card.thumbnailSha256 && <Thumbnail sha256={card.thumbnailSha256} name={card.name} />}
                <CardWords card={card} isChosen={props.chosen.has(card.id)} onToggle={props.onToggle} />
              </div>
            ))}
          </div>
        </section>
      )}
    </div>
  );
}

function DrawerRow({
  drawer,
  heightPx,
  chosen,
  onToggle,
}: { drawer: Drawer<FoundCard>; heightPx: number } & CardsProps) {
  const scale = (heightPx - HEADROOM_PX) / drawer.heightM;
  return (
    <section className="drawer" aria-label={`Up to ${formatLength(drawer.heightM)} high`}>
      <div className="drawer-ground" style={{ height: heightPx }}>
        <div className="drawer-rule" aria-hidden="true">
          {listTicks(drawer.heightM).map((metres) => (
            <span key={metres} style={{ bottom: metres * scale }}>
              {formatTick(metres)}
            </span>
          ))}
        </div>
        {drawer.cards.map((card) => (
          <div key={card.id} className="drawer-place" style={{ width: drawer.columnPx }}>
            {card.orthographicSha256 && (
              <img
                src={bytesUrl(card.orthographicSha256, 'png')}
                alt={`${card.name}, from the front`}
                loading="lazy"
                style={{ width: card.widthM! * scale, height: card.heightM! * scale }}
              />
            )}
          </div>
        ))}
      </div>
      <div className="drawer-words">
        {drawer.cards.map((card) => (
          <div key={card.id} style={{ width: drawer.columnPx }}>
            <CardWords card={card} isChosen={chosen.has(card.id)} onToggle={onToggle} />
          </div>
        ))}
      </div>
    </section>
  );
}
