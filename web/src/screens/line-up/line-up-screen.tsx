import './line-up.css';
import '../catalogue/catalogue.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useSnackbar } from 'notistack';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { confirmLineUp, type LineUp, type LineUpCard } from '@haveld/contract/api/line-up';
import { bytesUrl, call } from '../../api/client';
import { lineUpQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { useRemembered } from '../../parts/use-remembered';
import { layDrawers } from '../../parts/lay-drawers';
import { Failure, Loading, Notice } from '../../parts/notice';
import { HandKeys } from './hand-keys';
import { HeldBack } from './held-back';
import { CardWords, type CardField, type CardProps } from './line-up-card';
import { LINE_UP_KEYS } from './line-up-keys';
import { LineUpRow, type Placed } from './line-up-row';
import { MatesOffer } from './mates-offer';
import { MendChosen } from './mend-chosen';
import { isOpen, isReady, orderBySize, sidesOf } from './read-card';
import { SharedQuestions } from './shared-questions';

const PICTURE_PX = 230;

/** Left of a row its rule, right of it the person. */
const ASIDE_PX = 64 + 110;

/** All models that wait, each as it will be: what is wrong is mended on its card, the rest confirmed at once. */
export function LineUpScreen() {
  const lineUp = useQuery(lineUpQuery);
  if (lineUp.isPending) return <Loading />;
  if (lineUp.error) return <Failure error={lineUp.error} onRetry={() => void lineUp.refetch()} />;
  return <LinedUp lineUp={lineUp.data} />;
}

function LinedUp({ lineUp }: { lineUp: LineUp }) {
  const [body, setBody] = useState<HTMLElement | null>(null);
  const [remembered, setChosen] = useRemembered<string[]>('haveld-line-up-chosen', []);
  const [inHand, setInHand] = useRemembered<string | null>('haveld-line-up-in-hand', null);
  const [field, setField] = useState<CardField>(null);
  // a card that is clicked stays where it is under the pointer; one that was in hand before a reload is gone to
  const byKey = useRef(inHand !== null);

  const shown = orderBySize(lineUp.cards);
  const chosen: ReadonlySet<string> = new Set(remembered.filter((id) => shown.some((card) => card.id === id)));
  const hand = shown.find(({ id }) => id === inHand) ?? null;
  const meant = chosen.size > 0 ? shown.filter(({ id }) => chosen.has(id)) : shown;
  const ready = meant.filter(isReady);
  const confirm = useConfirm(() => setChosen([]));
  const confirmReady = (): void => confirm.mutate(ready.map(({ id }) => id));

  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen([...next]);
  };
  const elementOf = (id: string): HTMLElement | null => body?.querySelector(`[data-card="${id}"]`) ?? null;
  /** @param wanted goes on until one is like that */
  const go = (by: 1 | -1, wanted: (card: LineUpCard) => boolean = () => true): void => {
    const at = shown.findIndex(({ id }) => id === inHand);
    const ahead = by > 0 ? shown.slice(at + 1) : shown.slice(0, Math.max(0, at)).reverse();
    const next = ahead.find(wanted);
    if (!next) return;
    byKey.current = true;
    setInHand(next.id);
    setField(null);
  };
  useHotkeys('left', () => go(-1), { preventDefault: true });
  useHotkeys('right', () => go(1), { preventDefault: true });
  useHotkeys('j', () => go(1, isOpen));
  useHotkeys('k', () => go(-1, isOpen));
  useHotkeys('a', () => ready.length > 0 && !confirm.isPending && confirmReady());

  const propsOf = (card: LineUpCard): CardProps => ({
    card,
    field: card.id === inHand ? field : null,
    onField: (next) => {
      setInHand(card.id);
      setField(next);
      // who leaves a field goes on with its card
      if (next === null) elementOf(card.id)?.focus();
    },
    isChosen: chosen.has(card.id),
    onToggle: () => toggle(card.id),
  });
  return (
    <div className="screen line-up">
      <div className="screen-head">
        <h1>The line-up</h1>
        <span className="quiet">{describe(lineUp)}</span>
        <span className="grow" />
        {chosen.size > 1 && <MendChosen cards={meant} />}
        {shown.length > 0 && (
          <Button
            variant="contained"
            disabled={ready.length === 0}
            loading={confirm.isPending}
            onClick={confirmReady}
            aria-keyshortcuts="a"
          >
            {confirmWords(ready.length, lineUp.cards.length)}
          </Button>
        )}
      </div>
      <div className="screen-body" ref={setBody}>
        <MatesOffer cards={shown}>
          {hand && (
            <HandKeys
              key={hand.id}
              card={hand}
              onField={setField}
              onCategory={() => elementOf(hand.id)?.querySelector('select')?.focus()}
              onToggle={() => toggle(hand.id)}
            />
          )}
          <HeldBack finds={lineUp.heldBack} />
          <SharedQuestions cards={meant} />
          {shown.length === 0 && <NothingWaits reading={lineUp.reading} />}
          {body && (
            <Rows cards={shown} body={body} inHand={inHand} follows={byKey} onHand={setInHand} propsOf={propsOf} />
          )}
          {shown.length > 0 && <Keys />}
        </MatesOffer>
      </div>
    </div>
  );
}

function confirmWords(ready: number, all: number): string {
  if (ready === 0) return 'None is ready yet';
  return ready === all ? 'All of these are right' : ready === 1 ? 'This one is right' : `These ${ready} are right`;
}

/** Says what was left where something was. */
function useConfirm(onDone: () => void) {
  const { enqueueSnackbar } = useSnackbar();
  return useChange((ids: string[]) => call(confirmLineUp, { body: { ids } }), {
    onDone: ({ catalogued, left }) => {
      if (catalogued.length > 0)
        enqueueSnackbar(`${formatCount(catalogued.length, 'model')} on the way into the catalogue.`);
      for (const { name, missing } of left)
        enqueueSnackbar(`${name} stays: ${missing.join(' ')}`, { variant: 'warning' });
      onDone();
    },
  });
}

/** Rows by order of size; only those in sight are drawn. What has no size yet stands below. */
function Rows({
  cards,
  body,
  inHand,
  follows,
  onHand,
  propsOf,
}: {
  cards: readonly LineUpCard[];
  body: HTMLElement;
  inHand: string | null;
  /** The card in hand was come to by a key. */
  follows: React.RefObject<boolean>;
  onHand: (id: string) => void;
  propsOf: (card: LineUpCard) => CardProps;
}) {
  const [width, setWidth] = useState(1200);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidth(entry.contentRect.width));
    observer.observe(body);
    return () => observer.disconnect();
  }, [body]);
  const sized = cards.filter((card) => sidesOf(card).heightM !== null);
  const rest = cards.filter((card) => !sized.includes(card));
  const placed = sized.map((card): Placed => ({ ...sidesOf(card), card }));
  const rows = layDrawers(placed, Math.max(320, width - ASIDE_PX), PICTURE_PX);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => body,
    estimateSize: () => PICTURE_PX + 170,
    overscan: 2,
    getItemKey: (i) => rows[i].cards[0].card.id,
  });
  // the card in hand is brought into sight, and has the focus unless something in it has
  const rowInHand = rows.findIndex(({ cards: placedHere }) => placedHere.some(({ card }) => card.id === inHand));
  useEffect(() => {
    if (inHand === null || !follows.current) return;
    follows.current = false;
    if (rowInHand >= 0) list.scrollToIndex(rowInHand, { align: 'auto' });
    const frame = requestAnimationFrame(() => {
      const element = body.querySelector<HTMLElement>(`[data-card="${inHand}"]`);
      if (element && !element.contains(document.activeElement)) element.focus({ preventScroll: rowInHand >= 0 });
    });
    return () => cancelAnimationFrame(frame);
  }, [inHand, rowInHand, list, body, follows]);
  return (
    <>
      <div className="line-up-rows" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((item) => (
          <div
            key={item.key}
            ref={list.measureElement}
            data-index={item.index}
            className="line-up-item"
            style={{ transform: `translateY(${item.start}px)` }}
          >
            <LineUpRow row={rows[item.index]} heightPx={PICTURE_PX} inHand={inHand} onHand={onHand} propsOf={propsOf} />
          </div>
        ))}
      </div>
      {rest.length > 0 && (
        <section className="line-up-rest" aria-label="Size unknown">
          <h2>Size unknown</h2>
          <div className="frames">
            {rest.map((card) => (
              <article
                key={card.id}
                data-card={card.id}
                aria-label={card.name}
                tabIndex={0}
                className={card.id === inHand ? 'in-hand' : ''}
                onFocus={() => onHand(card.id)}
              >
                <Unscaled card={card} />
                <CardWords {...propsOf(card)} />
              </article>
            ))}
          </div>
        </section>
      )}
    </>
  );
}

/** What no size is known of is shown as large as the frame allows. */
function Unscaled({ card: { name, standing } }: { card: LineUpCard }) {
  return (
    <div className="line-up-unscaled">
      {standing?.sha256 ? (
        <img src={bytesUrl(standing.sha256, 'png')} alt={`${name}, from the front, at no scale`} loading="lazy" />
      ) : (
        <span className="quiet small">{standing ? 'nothing to draw' : 'drawing …'}</span>
      )}
    </div>
  );
}

function NothingWaits({ reading }: { reading: number }) {
  if (reading > 0) return <Notice title="Reading …">Each model appears here as soon as it has been read.</Notice>;
  return (
    <Notice
      title="Nothing is waiting in the line-up"
      action={
        <Button variant="contained" component={Link} to="/arrivals">
          To the arrivals
        </Button>
      }
    >
      What arrives is lined up from there: each model as it will be, beside a person, at its real size.
    </Notice>
  );
}

function Keys() {
  return (
    <p className="line-up-keys small quiet" aria-label="Keys">
      {Object.values(LINE_UP_KEYS).map(({ shown, words }) => (
        <span key={shown}>
          <kbd>{shown}</kbd> {words}
        </span>
      ))}
    </p>
  );
}

/** How many stand here, and how many of them want something. */
function describe({ cards, reading }: LineUp): string {
  const asked = cards.filter((card) => card.asked.length > 0).length;
  const pencilled = cards.filter((card) => card.asked.length === 0 && card.guessed.length > 0).length;
  const sure = cards.length - asked - pencilled;
  const parts = [
    reading > 0 ? `${cards.length} of ${cards.length + reading} are here` : formatCount(cards.length, 'model'),
    ...(sure > 0 ? [`${sure} as they should be`] : []),
    ...(pencilled > 0 ? [`${pencilled} in pencil`] : []),
    ...(asked > 0 ? [`${asked} with a question`] : []),
  ];
  return parts.join(' · ');
}
