import './part-sheet-screen.css';
import '../bench/bench.css';
import '../maps/maps.css';
import {
  DndContext,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useRef, useState, type MouseEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import type { Sheet } from '@haveld/contract/api/bench';
import type { ChosenFaces } from '@haveld/core/structure/parts/choose-faces';
import type { PartOffer } from '@haveld/core/structure/parts/part-offers';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { count } from '@haveld/core/text/count';
import { BUSY_MS, sheetQuery } from '../../api/queries';
import { Failure, Loading, Notice } from '../../parts/notice';
import { UnitIsOpen } from '../../parts/use-measures';
import { PartView } from '../../view3d/part-view';
import type { PartsShown } from '../../view3d/stage/part-marks';
import { chooseIsland, referToParts, usePartSheet, usePlacedFaces } from '../../view3d/use-part-sheet';
import { listShownCopies, useTreated } from '../../view3d/use-treated';
import {
  arrangeRows,
  findAlike,
  findOfMaterial,
  findParts,
  listAbove,
  ORDERS,
  withBelow,
  type Order,
  type PlanRow,
} from './arrange-rows';
import { PART_ACTIONS, type PartAction } from './part-actions';
import { PartHand } from './part-hand';
import { PartOfferList } from './part-offer-list';
import { PartPlan } from './part-plan';
import { PartSteps } from './part-steps';
import { useChosenParts } from './use-chosen-parts';
import { usePartSteps } from './use-part-steps';

/** Every part of a model in one view: found, chosen on the sheet or on the model, and put in order once. */
export function PartSheetScreen() {
  const { id = '' } = useParams();
  const sheet = useQuery({ ...sheetQuery(id), refetchInterval: ({ state }) => (state.data?.busy ? BUSY_MS : false) });
  if (sheet.isPending) return <Loading />;
  if (sheet.isLoadingError) return <Failure error={sheet.error} onRetry={() => void sheet.refetch()} />;
  return <PartSheetView key={id} sheet={sheet.data} />;
}

const NO_ROWS: PartRow[] = [];
const NONE: ReadonlySet<string> = new Set();

/** What the hand on the model does: choose parts, draw a box, choose faces of one part, or say what others hang under. */
type Mode =
  { kind: 'parts' } | { kind: 'box' } | { kind: 'faces'; id: string; chosen: ChosenFaces | null } | { kind: 'hang' };

function PartSheetView({ sheet }: { sheet: Sheet }) {
  const steps = useMemo(() => sheet.planned.filter((row) => row.enabled).map((row) => row.step), [sheet.planned]);
  const shownCopies = useMemo(() => listShownCopies(sheet), [sheet]);
  const model = useMemo(
    () => ({ documentSha256: sheet.documentSha256, steps, shown: shownCopies }),
    [sheet.documentSha256, steps, shownCopies],
  );
  const treated = useTreated(model.documentSha256, steps, shownCopies);
  const parts = usePartSheet(model);
  const rows = parts.data?.rows ?? NO_ROWS;
  const [order, setOrder] = useState<Order>('hang');
  const [words, setWords] = useState('');
  const [folded, setFolded] = useState(NONE);
  const [mode, setMode] = useState<Mode>({ kind: 'parts' });
  const [frame, setFrame] = useState(0);
  const search = useRef<HTMLInputElement>(null);
  const plan = useMemo(() => arrangeRows(rows, { order, words, folded }), [rows, order, words, folded]);
  const parting = useChosenParts(rows);
  const { chosen, chosenRows, at } = parting;
  const own = usePartSteps(sheet, () => setMode({ kind: 'parts' }));

  const meant = useMemo(() => withBelow(rows, chosen), [rows, chosen]);
  const shown = useMemo(
    (): PartsShown => ({
      chosen: mode.kind === 'faces' ? NONE : meant,
      hidden: parting.hidden,
      faint:
        parting.isAlone || mode.kind === 'faces'
          ? new Set(rows.filter(({ id }) => !meant.has(id)).map(({ id }) => id))
          : NONE,
    }),
    [rows, meant, mode.kind, parting.hidden, parting.isAlone],
  );
  const faces = mode.kind === 'faces' ? mode.chosen : null;
  const lit = usePlacedFaces(model, mode.kind === 'faces' && faces ? { id: mode.id, faces: faces.faces } : null);

  const refer = (ids: readonly string[]) => referToParts(model, ids);
  const act = async (action: PartAction): Promise<void> => {
    if (chosenRows.length === 0 || own.isBusy || action.whyNot(chosenRows) !== null) return;
    own.take(action.steps(await refer(chosenRows.map(({ id }) => id)), chosenRows));
  };
  const rename = async (name: string): Promise<void> => {
    const [part] = await refer(chosenRows.map(({ id }) => id));
    own.take([{ kind: 'name-parts', schema: 1, names: [{ part, name }] }]);
  };
  const hang = async (ids: readonly string[], under: string): Promise<void> => {
    const below = withBelow(rows, new Set(ids));
    if (below.has(under) || ids.every((id) => rows.find((row) => row.id === id)?.parentId === under)) return;
    const [target, ...refs] = await refer([under, ...ids]);
    own.take([{ kind: 'hang-parts', schema: 1, parts: refs, under: target }]);
  };
  const separate = async (name: string | null): Promise<void> => {
    if (mode.kind !== 'faces' || !mode.chosen || mode.chosen.polygons === 0) return;
    const [part] = await refer([mode.id]);
    own.take([{ kind: 'separate-faces', schema: 1, part, faces: mode.chosen.faces, name }]);
  };

  const onChoose = ({ row }: PlanRow, event: MouseEvent): void => {
    if (mode.kind === 'hang') return void hang([...chosen], row.id);
    if (event.shiftKey && at !== null) {
      const [from, to] = [at, row.id].map((id) => plan.findIndex((one) => one.row.id === id)).sort((a, b) => a - b);
      return parting.choose(
        plan.slice(Math.max(0, from), to + 1).map((one) => one.row.id),
        'also',
      );
    }
    if (event.ctrlKey || event.metaKey) parting.toggle(row.id);
    else parting.goTo(row.id, 'instead');
  };
  const move = (by: number, choosing: 'instead' | 'also'): void => {
    const place = plan.findIndex(({ row }) => row.id === at);
    const next = plan.at(place < 0 ? 0 : Math.max(0, Math.min(plan.length - 1, place + by)));
    if (next) parting.goTo(next.row.id, choosing);
  };
  const fold = (id: string): void => {
    const next = new Set(folded);
    if (!next.delete(id)) next.add(id);
    setFolded(next);
  };
  const setFoldedAt = (wanted: boolean): void => {
    if (at !== null && folded.has(at) !== wanted && plan.some(({ row, below }) => row.id === at && below > 0)) fold(at);
  };
  /** What was chosen on the model is found on the sheet: what hides it there gives way. */
  const reveal = (id: string): void => {
    if (plan.some(({ row }) => row.id === id)) return;
    setWords('');
    setOrder('hang');
    const above = listAbove(rows, id);
    setFolded(new Set([...folded].filter((one) => !above.has(one))));
  };
  const startFaces = (): void => {
    if (chosenRows.length === 1 && chosenRows[0].kind === 'shape')
      setMode({ kind: 'faces', id: chosenRows[0].id, chosen: null });
  };
  const leave = (): void => {
    if (mode.kind !== 'parts') setMode({ kind: 'parts' });
    else if (parting.isAlone || parting.hidden.size > 0) parting.showAll();
    else if (chosen.size > 0) parting.choose([], 'instead');
    else setWords('');
  };

  const ofPlan = {
    ignoreEventWhen: (event: KeyboardEvent) =>
      event.target instanceof Element && event.target.closest(TAKES_KEYS) !== null,
    preventDefault: true,
  };
  useHotkeys('down', () => move(1, 'instead'), ofPlan);
  useHotkeys('up', () => move(-1, 'instead'), ofPlan);
  useHotkeys('shift+down', () => move(1, 'also'), ofPlan);
  useHotkeys('shift+up', () => move(-1, 'also'), ofPlan);
  useHotkeys('space', () => at !== null && parting.toggle(at), ofPlan);
  useHotkeys('right', () => setFoldedAt(false), ofPlan);
  useHotkeys('left', () => setFoldedAt(true), ofPlan);
  useHotkeys(
    PART_ACTIONS.map(({ keyName }) => keyName),
    (event) => void act(PART_ACTIONS.find(({ keyName }) => keyName === event.key)!),
  );
  useHotkeys('r', () => document.getElementById('part-name-field')?.focus(), { preventDefault: true });
  useHotkeys('u', () => chosen.size > 0 && setMode({ kind: 'hang' }));
  useHotkeys('b', startFaces);
  useHotkeys('x', () => setMode(mode.kind === 'box' ? { kind: 'parts' } : { kind: 'box' }));
  useHotkeys('a', () => parting.choose(findAlike(rows, chosen), 'instead'));
  useHotkeys('q', () => parting.choose(findOfMaterial(rows, chosen), 'instead'));
  useHotkeys('i', () => parting.setAlone(!parting.isAlone));
  useHotkeys('w', () => parting.hide([...chosen]));
  useHotkeys('f', () => setFrame((now) => now + 1));
  useHotkeys('mod+z', own.undo, { preventDefault: true });
  useHotkeys('mod+shift+z', own.redo, { preventDefault: true });
  useHotkeys('s', () => search.current?.focus(), { preventDefault: true });
  useHotkeys('escape', leave);
  useHotkeys(
    'enter',
    () => {
      if (mode.kind === 'faces') void separate(nameOfPiece(rows, mode.id));
      else if (mode.kind === 'hang' && at !== null)
        void hang(
          [...chosen].filter((id) => id !== at),
          at,
        );
    },
    ofPlan,
  );

  const size = sheet.findings.find(({ kind }) => kind === 'size');
  const hasSize = !(size?.answer?.kind === 'taken' && size.answer.choiceId === 'none');
  const isUnitOpen = size !== undefined && size.mark === 'look' && !size.settled && !sheet.guessed.includes(size.key);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  /** One of the chosen draws all of them along. */
  const listDrawn = (id: string): string[] => (chosen.has(id) ? [...chosen] : [id]);
  const [drawn, setDrawn] = useState<string | null>(null);
  const onDrop = ({ active, over }: DragEndEvent): void => {
    setDrawn(null);
    if (over && over.id !== active.id) void hang(listDrawn(String(active.id)), String(over.id));
  };
  const look = (offer: PartOffer): void => {
    parting.choose(offer.ids, 'instead');
    parting.setAlone(true);
  };

  return (
    <UnitIsOpen value={isUnitOpen}>
      <DndContext
        sensors={sensors}
        collisionDetection={pointerWithin}
        onDragStart={({ active }) => setDrawn(String(active.id))}
        onDragCancel={() => setDrawn(null)}
        onDragEnd={onDrop}
      >
        <div className="part-screen">
          <div className="screen-head">
            <span className="mono quiet">{sheet.accession}</span>
            <h1>Parts of {sheet.name}</h1>
            <span className="grow" />
            <Button component={Link} to={`/bench/${sheet.id}`} variant="outlined">
              Back to its condition
            </Button>
          </div>
          <div className="part-sheet">
            <div className="part-find">
              <input
                ref={search}
                type="search"
                aria-label="Find parts by name or material"
                placeholder="name or material, screw*  (s)"
                value={words}
                onChange={(event) => setWords(event.target.value)}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter') return;
                  parting.choose(
                    findParts(rows, words).map(({ id }) => id),
                    'instead',
                  );
                  event.currentTarget.blur();
                }}
              />
              <label>
                <span className="quiet small">in order </span>
                <select value={order} onChange={(event) => setOrder(event.target.value as Order)}>
                  {ORDERS.map(({ id, label }) => (
                    <option key={id} value={id}>
                      {label}
                    </option>
                  ))}
                </select>
              </label>
              <span className="grow" />
              <span className="quiet small" role="status">
                {words || order === 'odd' ? `${plan.length} of ` : ''}
                {count(rows.length, 'part')}
              </span>
            </div>
            <PartOfferList
              offers={parts.data?.offers ?? []}
              isBusy={own.isBusy || parts.isPlaceholderData}
              onLook={look}
              onTake={(offer) => own.take(offer.steps)}
            />
            {parts.error && <Failure error={parts.error} onRetry={() => void parts.refetch()} />}
            {parts.isPending && !parts.error && <Loading />}
            {parts.data && plan.length === 0 && (
              <Notice title={rows.length === 0 ? 'Nothing is in it' : 'No part is like that'}>
                {rows.length === 0
                  ? 'The model has no parts.'
                  : order === 'odd' && words === ''
                    ? 'Nothing about its parts is odd.'
                    : 'Another word, or a pattern such as screw*, may find it.'}
              </Notice>
            )}
            {plan.length > 0 && (
              <PartPlan
                model={model}
                plan={plan}
                at={at}
                chosen={chosen}
                hidden={parting.hidden}
                onChoose={onChoose}
                onFold={fold}
              />
            )}
          </div>
          <div className="part-view">
            <PartView
              treated={treated.data?.glb.buffer ?? null}
              failure={treated.error}
              hasSize={hasSize}
              shown={shown}
              lit={lit}
              frameKey={frame}
              isGoneTo={false}
              isBoxing={mode.kind === 'box'}
              onPick={(picked, choosing) => {
                if (mode.kind === 'faces') {
                  if (picked?.id !== mode.id) return;
                  void chooseIsland(model, picked, mode.chosen?.faces ?? []).then((next) =>
                    setMode({ kind: 'faces', id: picked.id, chosen: next }),
                  );
                } else if (mode.kind === 'hang') {
                  if (picked) void hang([...chosen], picked.id);
                } else if (picked) {
                  reveal(picked.id);
                  if (choosing === 'also') parting.toggle(picked.id);
                  else parting.goTo(picked.id, 'instead');
                } else if (choosing === 'instead') parting.choose([], 'instead');
              }}
              onBox={(ids, choosing) => {
                parting.choose(ids, choosing);
                setMode({ kind: 'parts' });
              }}
            />
            <ViewBar mode={mode} parting={parting} onMode={setMode} />
          </div>
          <aside className="part-side">
            {mode.kind === 'faces' ? (
              <FacesInHand
                name={rows.find(({ id }) => id === mode.id)?.name ?? ''}
                chosen={mode.chosen}
                isBusy={own.isBusy}
                onPart={() => void separate(nameOfPiece(rows, mode.id))}
                onRemove={() => void separate(null)}
                onLeave={leave}
              />
            ) : (
              <>
                {mode.kind === 'hang' && (
                  <p className="part-asks" role="status">
                    What do they hang under? Click a line or a part, or go there and press Enter. Esc leaves it.
                  </p>
                )}
                <PartHand
                  chosen={chosenRows}
                  below={meant.size - chosen.size}
                  isBusy={own.isBusy}
                  onAct={(action) => void act(action)}
                  onRename={(name) => void rename(name)}
                  onHang={() => setMode({ kind: 'hang' })}
                  onAlike={() => parting.choose(findAlike(rows, chosen), 'instead')}
                  onOfMaterial={() => parting.choose(findOfMaterial(rows, chosen), 'instead')}
                  onFaces={startFaces}
                />
              </>
            )}
            <PartSteps sheet={sheet} outcomes={treated.data?.outcomes ?? []} own={own} />
          </aside>
        </div>
        <DragOverlay dropAnimation={null}>
          {drawn !== null && (
            <span className="part-drawn">
              {listDrawn(drawn).length > 1
                ? count(listDrawn(drawn).length, 'part')
                : rows.find(({ id }) => id === drawn)?.name || 'unnamed'}
            </span>
          )}
        </DragOverlay>
      </DndContext>
    </UnitIsOpen>
  );
}

/** Keys of the plan do not count where something else takes them: a field, a list, the view of the model, a button. */
const TAKES_KEYS = 'input, textarea, select, [role="combobox"], .stage-hand, button, a';

const nameOfPiece = (rows: readonly PartRow[], id: string): string =>
  `${rows.find((row) => row.id === id)?.name || 'part'}_piece`;

/** What the view shows of the parts, and what a drag on it does. */
function ViewBar({
  mode,
  parting,
  onMode,
}: {
  mode: Mode;
  parting: ReturnType<typeof useChosenParts>;
  onMode: (mode: Mode) => void;
}) {
  const { chosen, hidden, isAlone } = parting;
  return (
    <div className="part-bar" role="group" aria-label="What of the model is shown">
      <button
        type="button"
        aria-pressed={mode.kind === 'box'}
        onClick={() => onMode(mode.kind === 'box' ? { kind: 'parts' } : { kind: 'box' })}
      >
        choose by a box (x)
      </button>
      <button
        type="button"
        aria-pressed={isAlone}
        disabled={chosen.size === 0}
        onClick={() => parting.setAlone(!isAlone)}
      >
        alone (i)
      </button>
      <button type="button" disabled={chosen.size === 0} onClick={() => parting.hide([...chosen])}>
        hide (w)
      </button>
      {(hidden.size > 0 || isAlone) && (
        <button type="button" onClick={parting.showAll}>
          show all (Esc)
        </button>
      )}
    </div>
  );
}

function FacesInHand({
  name,
  chosen,
  isBusy,
  onPart,
  onRemove,
  onLeave,
}: {
  name: string;
  chosen: ChosenFaces | null;
  isBusy: boolean;
  onPart: () => void;
  onRemove: () => void;
  onLeave: () => void;
}) {
  const has = chosen !== null && chosen.polygons > 0;
  return (
    <div className="part-hand">
      <h2>Faces of {name || 'the part'}</h2>
      <p className="quiet small">
        Click the model: what hangs together there is chosen, and given up by another click.
      </p>
      <p role="status">
        {has
          ? `${count(chosen.polygons, 'polygon')} chosen${chosen.isWhole ? ', all it has' : ''}`
          : 'None is chosen yet.'}
      </p>
      <div className="part-acts">
        <Button size="small" variant="contained" disabled={!has || chosen.isWhole || isBusy} onClick={onPart}>
          Make them a part (Enter)
        </Button>
        <Button size="small" variant="outlined" color="error" disabled={!has || isBusy} onClick={onRemove}>
          Remove them
        </Button>
        <Button size="small" onClick={onLeave}>
          Leave it (Esc)
        </Button>
      </div>
    </div>
  );
}
