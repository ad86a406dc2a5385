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
import { Link, useParams } from 'react-router';
import type { Sheet } from '@haveld/contract/api/bench';
import type { PartOffer } from '@haveld/core/structure/parts/part-offer';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { count } from '@haveld/core/text/count';
import { BUSY_MS, sheetQuery } from '../../api/queries';
import { Failure, Loading, Notice } from '../../parts/notice';
import { UnitIsOpen } from '../../parts/use-measures';
import { PartView } from '../../view3d/part-view';
import type { PartsShown } from '../../view3d/stage/part-marks';
import { chooseIsland, chooseTriangles, usePartSheet, usePlacedFaces } from '../../view3d/use-part-sheet';
import { listShownCopies, useOutcomes, useTreated } from '../../view3d/use-treated';
import {
  arrangeRows,
  findAlike,
  findOfMaterial,
  findParts,
  listAbove,
  withBelow,
  type Order,
  type PlanRow,
} from './arrange-rows';
import { BorrowPanel } from './borrow-panel';
import { FaceLookList } from './face-look-list';
import { FacesInHand } from './faces-in-hand';
import { PartFind } from './part-find';
import { PartHand } from './part-hand';
import type { Mode } from './part-mode';
import { PartOfferList } from './part-offer-list';
import { PartPlan } from './part-plan';
import { PartSteps } from './part-steps';
import { PartViewBar } from './part-view-bar';
import { describeTrouble, SurfaceHand } from './surface-hand';
import { isPutSomewhere, useBorrowing } from './use-borrowing';
import { useFaceLook } from './use-face-look';
import { useChosenParts } from './use-chosen-parts';
import { usePartActs } from './use-part-acts';
import { usePartKeys } from './use-part-keys';
import { usePartSteps } from './use-part-steps';
import { useSurfaceHand } from './use-surface-hand';

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

function PartSheetView({ sheet }: { sheet: Sheet }) {
  const steps = useMemo(() => sheet.planned.filter((row) => row.enabled).map((row) => row.step), [sheet.planned]);
  const shownCopies = useMemo(() => listShownCopies(sheet), [sheet]);
  const model = useMemo(
    () => ({ documentSha256: sheet.documentSha256, steps, shown: shownCopies }),
    [sheet.documentSha256, steps, shownCopies],
  );
  const treated = useTreated(model.documentSha256, steps, shownCopies);
  const outcomes = useOutcomes(model.documentSha256, steps, shownCopies, treated.data);
  const parts = usePartSheet(model);
  const rows = parts.data?.rows ?? NO_ROWS;
  const [order, setOrder] = useState<Order>('hang');
  const [words, setWords] = useState('');
  const [folded, setFolded] = useState(NONE);
  const [mode, setMode] = useState<Mode>({ kind: 'parts' });
  const [isGoneTo, setGoneTo] = useState(false);
  const search = useRef<HTMLInputElement>(null);
  const plan = useMemo(() => arrangeRows(rows, { order, words, folded }), [rows, order, words, folded]);
  const parting = useChosenParts(rows);
  const { chosen, chosenRows, at } = parting;
  // what is borrowed stays in hand until it stands where it should
  const own = usePartSteps(sheet, () => setMode((now) => (now.kind === 'borrow' ? now : { kind: 'parts' })));

  const meant = useMemo(() => withBelow(rows, chosen), [rows, chosen]);
  const look = useFaceLook(model);
  const areFacesMeant = mode.kind === 'faces' || look.meant !== null;
  const shown = useMemo(
    (): PartsShown => ({
      chosen: areFacesMeant ? NONE : meant,
      hidden: parting.hidden,
      // faces that were found lie within others: all of it is faint then
      faint:
        parting.isAlone || areFacesMeant
          ? new Set(rows.filter(({ id }) => look.meant !== null || !meant.has(id)).map(({ id }) => id))
          : NONE,
    }),
    [rows, meant, areFacesMeant, look.meant, parting.hidden, parting.isAlone],
  );
  const faces = mode.kind === 'faces' ? mode.chosen : null;
  const inHand = useMemo(
    () => (mode.kind !== 'faces' ? look.meant : faces ? [{ id: mode.id, faces: faces.faces }] : null),
    [mode, faces, look.meant],
  );
  const lit = usePlacedFaces(model, inHand);

  const surface = useSurfaceHand(model, chosenRows);

  const borrowing = useBorrowing({ model, rows, chosenRows, sheet, own });
  const acts = usePartActs({ model, rows, chosenRows, own });
  const hang = acts.hang;
  const separate = (name: string | null): void => {
    if (mode.kind === 'faces' && mode.chosen) acts.separate(mode.id, mode.chosen, name);
  };

  const onChoose = ({ row }: PlanRow, event: MouseEvent): void => {
    if (mode.kind === 'hang') return hang([...chosen], row.id);
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
  const isBoxingFaces = mode.kind === 'faces' && mode.isBoxed === true;
  /** Of parts, or of the faces in hand. */
  const switchBox = (): void =>
    setMode(
      mode.kind === 'faces'
        ? { ...mode, isBoxed: !mode.isBoxed }
        : mode.kind === 'box'
          ? { kind: 'parts' }
          : { kind: 'box' },
    );
  const switchBorrowing = (): void => {
    borrowing.choose(null);
    setMode(mode.kind === 'borrow' ? { kind: 'parts' } : { kind: 'borrow' });
  };
  const leave = (): void => {
    if (look.offer) look.take(null);
    else if (mode.kind === 'borrow') switchBorrowing();
    else if (mode.kind !== 'parts') setMode({ kind: 'parts' });
    else if (parting.isAlone || parting.hidden.size > 0) parting.showAll();
    else if (chosen.size > 0) parting.choose([], 'instead');
    else setWords('');
  };

  usePartKeys({
    move,
    toggle: () => at !== null && parting.toggle(at),
    fold: setFoldedAt,
    act: acts.act,
    hang: () => chosen.size > 0 && setMode({ kind: 'hang' }),
    faces: startFaces,
    surface: () => surface.setShown(!surface.isShown),
    lookThrough: look.start,
    borrow: switchBorrowing,
    box: switchBox,
    cut: () => setMode(mode.kind === 'cut' ? { kind: 'parts' } : { kind: 'cut' }),
    cutAcross: (across) => mode.kind === 'cut' && acts.cut({ across }),
    alike: () => parting.choose(findAlike(rows, chosen), 'instead'),
    ofMaterial: () => parting.choose(findOfMaterial(rows, chosen), 'instead'),
    alone: () => parting.setAlone(!parting.isAlone),
    hide: () => parting.hide([...chosen]),
    frame: () => setGoneTo(!isGoneTo),
    undo: own.undo,
    redo: own.redo,
    search: () => search.current?.focus(),
    leave,
    confirm: () => {
      if (mode.kind === 'faces') separate(nameOfPiece(rows, mode.id));
      else if (mode.kind === 'hang' && at !== null)
        hang(
          [...chosen].filter((id) => id !== at),
          at,
        );
    },
  });

  const size = sheet.findings.find(({ kind }) => kind === 'size');
  const hasSize = !(size?.answer?.kind === 'taken' && size.answer.choiceId === 'none');
  const isUnitOpen = size !== undefined && size.mark === 'look' && !size.settled && !sheet.guessed.includes(size.key);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  /** One of the chosen draws all of them along. */
  const listDrawn = (id: string): string[] => (chosen.has(id) ? [...chosen] : [id]);
  const [drawn, setDrawn] = useState<string | null>(null);
  const onDrop = ({ active, over }: DragEndEvent): void => {
    setDrawn(null);
    if (over && over.id !== active.id) hang(listDrawn(String(active.id)), String(over.id));
  };
  const lookAt = ({ ids }: PartOffer): void => {
    look.take(null);
    parting.choose(ids, 'instead');
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
            <PartFind
              ref={search}
              words={words}
              order={order}
              shown={plan.length}
              all={rows.length}
              isBorrowing={mode.kind === 'borrow'}
              onBorrow={switchBorrowing}
              onWords={setWords}
              onOrder={setOrder}
              onEnter={() =>
                parting.choose(
                  findParts(rows, words).map(({ id }) => id),
                  'instead',
                )
              }
            />
            <PartOfferList
              offers={parts.data?.offers ?? []}
              isBusy={own.isBusy || parts.isPlaceholderData}
              onLook={lookAt}
              onTake={(offer) => own.take(() => Promise.resolve(offer.steps))}
            />
            <FaceLookList
              look={look}
              isBusy={own.isBusy}
              onTake={(offer) => own.take(() => Promise.resolve(offer.steps))}
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
              edges={surface.edges}
              isGoneTo={isGoneTo}
              draws={mode.kind === 'box' || isBoxingFaces ? 'box' : mode.kind === 'cut' ? 'line' : null}
              onPick={(picked, choosing) => {
                if (mode.kind === 'faces') {
                  if (picked?.id !== mode.id) return;
                  void chooseIsland(model, picked, mode.chosen?.faces ?? []).then((next) =>
                    setMode({ kind: 'faces', id: picked.id, chosen: next }),
                  );
                } else if (mode.kind === 'hang') {
                  if (picked) hang([...chosen], picked.id);
                } else if (mode.kind === 'borrow' && picked && isPutSomewhere(borrowing.thing)) {
                  borrowing.takePart(picked);
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
              facesOf={isBoxingFaces ? mode.id : null}
              onFaceBox={(id, triangles) =>
                void chooseTriangles(model, { id, triangles }, faces?.faces ?? []).then((next) =>
                  setMode({ kind: 'faces', id, chosen: next, isBoxed: true }),
                )
              }
              onLine={(plane) => acts.cut({ plane })}
            />
            <PartViewBar
              mode={mode}
              parting={parting}
              isGoneTo={isGoneTo}
              onMode={setMode}
              onGo={() => setGoneTo(!isGoneTo)}
            />
          </div>
          <aside className="part-side">
            {mode.kind === 'faces' ? (
              <FacesInHand
                name={rows.find(({ id }) => id === mode.id)?.name ?? ''}
                chosen={mode.chosen}
                isBoxed={isBoxingFaces}
                isBusy={own.isBusy}
                onBox={switchBox}
                onPart={() => separate(nameOfPiece(rows, mode.id))}
                onRemove={() => separate(null)}
                onLeave={leave}
              />
            ) : mode.kind === 'borrow' ? (
              <BorrowPanel id={sheet.id} borrowing={borrowing} chosen={chosenRows} isBusy={own.isBusy} onDone={leave} />
            ) : (
              <>
                {mode.kind === 'cut' && (
                  <p className="part-asks" role="status">
                    Where is {chosen.size > 0 ? 'what is chosen' : 'the model'} cut? Draw a line across the view, or
                    click both its ends. 1, 2 and 3 cut through the middle of its width, height and depth. Esc leaves
                    it.
                  </p>
                )}
                {mode.kind === 'hang' && (
                  <p className="part-asks" role="status">
                    What do they hang under? Click a line or a part, or go there and press Enter. Esc leaves it.
                  </p>
                )}
                <PartHand
                  chosen={chosenRows}
                  below={meant.size - chosen.size}
                  isBusy={own.isBusy}
                  onAct={acts.act}
                  onRename={acts.rename}
                  onHang={() => setMode({ kind: 'hang' })}
                  onAlike={() => parting.choose(findAlike(rows, chosen), 'instead')}
                  onOfMaterial={() => parting.choose(findOfMaterial(rows, chosen), 'instead')}
                  onFaces={startFaces}
                  surfaceTrouble={describeTrouble(surface.facts)}
                  onSurface={surface.setShown}
                  surface={
                    surface.isShown ? (
                      <SurfaceHand
                        shapes={surface.shapes}
                        facts={surface.facts}
                        isBusy={own.isBusy}
                        areEdgesDrawn={surface.areEdgesDrawn}
                        onDrawEdges={surface.setEdgesDrawn}
                        onTake={(make) => acts.takeFor(surface.ids, make)}
                      />
                    ) : null
                  }
                />
              </>
            )}
            <PartSteps sheet={sheet} outcomes={outcomes} own={own} />
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

const nameOfPiece = (rows: readonly PartRow[], id: string): string =>
  `${rows.find((row) => row.id === id)?.name || 'part'}_piece`;
