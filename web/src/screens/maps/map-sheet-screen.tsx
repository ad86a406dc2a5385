import './maps.css';
import './map-sheet-screen.css';
import '../bench/bench.css';
import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import { takeSure, type Sheet } from '@haveld/contract/api/bench';
import type { UnusedMap } from '@haveld/contract/report';
import { call } from '../../api/client';
import { BUSY_MS, sheetQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { useAnswer } from '../bench/use-answer';
import { Failure, Loading, Notice } from '../../parts/notice';
import { CompareView } from '../../view3d/compare-view';
import type { Surface } from '../../view3d/stage/stage';
import { listShownCopies, useTreated, useTreatedPictures } from '../../view3d/use-treated';
import { BakeLayout } from './bake-layout';
import { CellCard } from './cell-card';
import { chooseSlot, COLUMNS, composeMapSheet, findNextOpen, type MapRow, type Place } from './compose-map-sheet';
import { MapTable } from './map-table';
import { MapTray } from './map-tray';
import { MaterialCard } from './material-card';
import { useOwnSteps } from './use-own-steps';

/** Every map of a model in one view: checked, corrected, and seen on the model at once. */
export function MapSheetScreen() {
  const { id = '' } = useParams();
  const sheet = useQuery({ ...sheetQuery(id), refetchInterval: ({ state }) => (state.data?.busy ? BUSY_MS : false) });
  if (sheet.isPending) return <Loading />;
  if (sheet.isLoadingError) return <Failure error={sheet.error} onRetry={() => void sheet.refetch()} />;
  return <MapSheetView key={id} sheet={sheet.data} />;
}

const NO_PICTURES = new Map<string, never>();
const SURFACES: { id: Surface; label: string }[] = [
  { id: 'own', label: 'as it is' },
  { id: 'checker', label: 'squares of 64 texels' },
];

function MapSheetView({ sheet }: { sheet: Sheet }) {
  const steps = useMemo(() => sheet.planned.filter((row) => row.enabled).map((row) => row.step), [sheet.planned]);
  const shown = useMemo(() => listShownCopies(sheet), [sheet]);
  const treated = useTreated(sheet.documentSha256, steps, shown);
  const pictures = useTreatedPictures(treated.data);
  const rows = useMemo(() => composeMapSheet(sheet, treated.data?.materials ?? []), [sheet, treated.data]);
  const [place, setPlace] = useState<Place | null>(null);
  const [surface, setSurface] = useState<Surface>('own');
  const [frame, setFrame] = useState(0);
  const known = place && rows.some(({ material }) => material === place.material) ? place : null;
  const [last, setLast] = useState<Place | null>(null);
  const inHand = known ?? findNextOpen(rows, null, 1) ?? last ?? { material: rows[0]?.material ?? '', column: 0 };
  const at = rows.findIndex(({ material }) => material === inHand.material);
  const row: MapRow | undefined = rows[at];
  const cell = inHand.column >= 0 ? row?.cells[inHand.column] : undefined;
  /** To the next thing that is open; where none is, it stays where it was. */
  const goOn = (): void => {
    setLast(inHand);
    setPlace(null);
  };

  const textures = sheet.findings.filter(({ heading }) => heading === 'textures');
  const sureOnes = textures.filter((finding) => finding.sure && !finding.settled);
  const asked = textures.filter((finding) => !finding.sure && !finding.settled && finding.mark !== 'holds');
  const sure = useChange(() => call(takeSure, { params: { id: sheet.id }, body: { heading: 'textures' } }), {
    onDone: goOn,
  });
  const answer = useAnswer(sheet.id, goOn);
  const own = useOwnSteps(sheet.id);
  const [open] = (cell ?? row)?.findings.filter((finding) => !finding.settled) ?? [];
  const takeChoice = (index: number, from = 0): void => {
    const choice = open?.choices[index];
    if (open && choice && choice.confidence >= from)
      answer.mutate({ key: open.key, answer: { kind: 'taken', choiceId: choice.id } });
  };
  const move = (byRow: number, byColumn: number): void =>
    setPlace({
      material: rows[Math.max(0, Math.min(rows.length - 1, at + byRow))]?.material ?? '',
      column: Math.max(-1, Math.min(COLUMNS.length - 1, inHand.column + byColumn)),
    });
  const ofTable = {
    ignoreEventWhen: (event: KeyboardEvent) => isWithin(event.target, TAKES_ARROWS),
    preventDefault: true,
  };
  useHotkeys('up', () => move(-1, 0), ofTable);
  useHotkeys('down', () => move(1, 0), ofTable);
  useHotkeys('left', () => move(0, -1), ofTable);
  useHotkeys('right', () => move(0, 1), ofTable);
  useHotkeys('j', () => setPlace(findNextOpen(rows, inHand, 1)));
  useHotkeys('k', () => setPlace(findNextOpen(rows, inHand, -1)));
  // what is hardly a proposal is taken by its number, not by the way
  useHotkeys('enter', () => takeChoice(0, PROPOSED_FROM), {
    enableOnFormTags: true,
    ignoreEventWhen: (event) => isWithin(event.target, TAKES_ENTER),
    preventDefault: true,
  });
  useHotkeys('1,2,3,4,5,6,7,8,9', (event) => takeChoice(Number(event.key) - 1));
  useHotkeys('a', () => sureOnes.length > 0 && sure.mutate(undefined));
  useHotkeys('f', () => setFrame((now) => now + 1));
  useHotkeys('v', () => setSurface((now) => (now === 'own' ? 'checker' : 'own')));

  const size = sheet.findings.find(({ kind }) => kind === 'size');
  const hasSize = !(size?.answer?.kind === 'taken' && size.answer.choiceId === 'none');
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const onDrop = ({ active, over }: DragEndEvent): void => {
    const picture = active.data.current?.picture as UnusedMap | undefined;
    const target = over?.data.current as { material: string; column: string } | undefined;
    const column = COLUMNS.find(({ id }) => id === target?.column);
    if (!picture || !target || !column) return;
    const there = rows
      .find(({ material }) => material === target.material)
      ?.cells.find((one) => one.column.id === column.id);
    const question = there?.findings.find(({ kind }) => kind === 'map' || kind === 'offer');
    own.mutate({
      about: `${target.material}:${column.id}`,
      finding: question,
      summary: picture.path.split('/').pop()!,
      steps: [
        {
          kind: 'relink-map',
          schema: 1,
          material: target.material,
          slot: question && there?.lines[0] ? there.lines[0].slot : chooseSlot(column, picture.judged?.role),
          sha256: picture.sha256,
          path: picture.path,
        },
      ],
    });
  };

  return (
    <DndContext sensors={sensors} onDragEnd={onDrop}>
      <div className="map-screen">
        <Head
          sheet={sheet}
          sure={sureOnes.length}
          asked={asked.length}
          isTaking={sure.isPending}
          onSure={() => sure.mutate(undefined)}
        />
        <div className="map-sheet">
          {rows.length === 0 ? (
            <Notice title="No materials">Nothing in this model has a surface of its own.</Notice>
          ) : (
            <MapTable rows={rows} pictures={pictures.data ?? NO_PICTURES} inHand={inHand} onHold={setPlace} />
          )}
        </div>
        <div className="map-foot">
          <MapTray unused={sheet.unused.filter(({ sha256 }) => !isUsed(sheet, sha256))} />
          <BakeLayout sheet={sheet} outcomes={treated.data?.outcomes ?? []} />
        </div>
        <div className="map-view">
          <CompareView
            treated={treated.data?.glb.buffer ?? null}
            hasSize={hasSize}
            only="treated"
            frameKey={frame}
            surface={surface}
            isPlain
          />
          <div className="map-surfaces" role="group" aria-label="What the model shows">
            {SURFACES.map(({ id, label }) => (
              <button key={id} type="button" aria-pressed={surface === id} onClick={() => setSurface(id)}>
                {label}
              </button>
            ))}
          </div>
        </div>
        <aside className="map-hand">
          {treated.error && <p className="says-blocks">{treated.error.message}</p>}
          {cell ? (
            <CellCard
              key={`${cell.material}|${cell.column.id}`}
              cell={cell}
              sheet={sheet}
              treatedBox={treated.data?.figures.box ?? null}
              size={(cell.pictureKey && pictures.data?.get(cell.pictureKey)) || sizeOf(cell.lines[0])}
              onAnswered={goOn}
            />
          ) : (
            row && (
              <MaterialCard
                key={row.material}
                row={row}
                sheet={sheet}
                treatedBox={treated.data?.figures.box ?? null}
                onAnswered={goOn}
              />
            )
          )}
        </aside>
      </div>
    </DndContext>
  );
}

/** Below this a choice is a guess among others. */
const PROPOSED_FROM = 0.5;

const sizeOf = (line: Sheet['maps'][number] | undefined): { width: number; height: number } | null =>
  line?.width && line.height ? { width: line.width, height: line.height } : null;

/** Keys of the table do not count where something else takes them: a field, a list, the view of the model. */
const TAKES_ARROWS = 'input, textarea, select, [role="listbox"], [role="combobox"], [role="slider"], .stage-hand';

/** A choice that is picked is taken by Enter all the same. */
const TAKES_ENTER =
  'input:not([type="radio"]), textarea, select, [role="listbox"], [role="combobox"], .map-hand button, a';

const isWithin = (target: EventTarget | null, selector: string): boolean =>
  target instanceof Element && target.closest(selector) !== null;

const isUsed = (sheet: Sheet, sha256: string): boolean =>
  sheet.steps.some(({ step, enabled }) => enabled && 'sha256' in step && step.sha256 === sha256);

function Head({
  sheet,
  sure,
  asked,
  isTaking,
  onSure,
}: {
  sheet: Sheet;
  sure: number;
  asked: number;
  isTaking: boolean;
  onSure: () => void;
}) {
  return (
    <div className="screen-head">
      <span className="mono quiet">{sheet.accession}</span>
      <h1>Maps of {sheet.name}</h1>
      <span className="grow" />
      <span className="small">
        {asked > 0 ? (
          <span className="says-look">{asked} to look at, by j and Enter, or a number</span>
        ) : sure > 0 ? (
          <span className="quiet">nothing to ask</span>
        ) : (
          <span className="says-holds">all settled</span>
        )}
      </span>
      {sure > 0 && (
        <Button variant="contained" onClick={onSure} loading={isTaking}>
          Take {sure} sure (a)
        </Button>
      )}
      <Button component={Link} to={`/bench/${sheet.id}`} variant={sure + asked === 0 ? 'contained' : 'outlined'}>
        Back to its condition
      </Button>
    </div>
  );
}
