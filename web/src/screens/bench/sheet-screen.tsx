import './bench.css';
import './sheet-screen.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams } from 'react-router';
import { takeSure, type BenchRow, type Sheet } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { describePointsAt } from '@haveld/core/condition/pointing/points-at';
import { bytesUrl, call } from '../../api/client';
import { benchQuery, BUSY_MS, earlierQuery, kitBenchQuery, sheetQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { Failure, Loading } from '../../parts/notice';
import { CompareView } from '../../view3d/compare-view';
import type { DrawnEdges } from '../../view3d/stage/drawn-edges';
import type { Side } from '../../view3d/stage/overlay';
import type { StandIn } from '../../view3d/stage/stand-ins';
import { TimeBar } from '../../view3d/time-bar';
import { BesideContext, type Beside } from '../../view3d/use-beside';
import { PickingContext, usePickingState } from '../../view3d/use-picking';
import { usePlaying } from '../../view3d/use-playing';
import { UnitIsOpen } from '../../parts/use-measures';
import { listShownCopies, useOutcomes, usePointedFaces, useTreated } from '../../view3d/use-treated';
import type { TrialKind } from '../../view3d/use-trials';
import { CatalogueDialog } from './catalogue-dialog';
import { CollisionPanel } from './collision-panel';
import { ConditionSheet } from './condition-sheet';
import { EarlierPanel } from './earlier-panel';
import { FiguresRow } from './figures-row';
import { LevelsPanel, type ShownAtLevel } from './levels-panel';
import { TURNS } from './placing/quarter-turns';
import { turnedOf, useTurns } from './placing/use-turns';
import { TreatmentStrip } from './treatment-strip';

/** One model on the bench: its condition, the model itself, its treatment. */
export function SheetScreen() {
  const { id = '' } = useParams();
  const sheet = useQuery({ ...sheetQuery(id), refetchInterval: ({ state }) => (state.data?.busy ? BUSY_MS : false) });
  if (sheet.isPending) return <Loading />;
  if (sheet.isLoadingError) return <Failure error={sheet.error} onRetry={() => void sheet.refetch()} />;
  // the bench opens on the model as it will be: guesses in pencil among the steps
  return <SheetView key={id} sheet={{ ...sheet.data, steps: sheet.data.planned }} />;
}

/** No step was taken yet. */
const AS_RECEIVED: Step[] = [];

const ONLY: (Side | null)[] = [null, 'treated', 'received'];

function SheetView({ sheet }: { sheet: Sheet }) {
  const steps = useMemo(() => sheet.steps.filter((row) => row.enabled).map((row) => row.step), [sheet.steps]);
  const shown = listShownCopies(sheet);
  const treated = useTreated(sheet.documentSha256, steps, shown);
  const outcomes = useOutcomes(sheet.documentSha256, steps, shown, treated.data);
  const received = useQuery({
    queryKey: ['bytes', sheet.documentSha256],
    queryFn: async ({ signal }) => (await fetch(bytesUrl(sheet.documentSha256, 'glb'), { signal })).arrayBuffer(),
    staleTime: Infinity,
  });
  const [inHand, setInHand] = useState<{ key: string | null; isChosen: boolean }>({ key: null, isChosen: false });
  const onInHand = useCallback((key: string | null, isChosen: boolean) => setInHand({ key, isChosen }), []);
  const [only, setOnly] = useState(0);
  const [frame, setFrame] = useState(0);
  const [cataloguing, setCataloguing] = useState(false);
  const [tried, setTried] = useState<TrialKind | null>(null);
  // six in a row stand by the module of their kit, which takes all of its pieces to find
  const kit = useQuery({ ...kitBenchQuery(sheet.kit?.id ?? ''), enabled: sheet.kit !== null && tried === 'row' });
  const sure = useChange(() => call(takeSure, { params: { id: sheet.id } }));
  const [panel, setPanel] = useState<'collision' | 'levels' | 'earlier' | null>(null);
  const earlier = useQuery(earlierQuery(sheet.id)).data ?? null;
  const toggle = (one: 'collision' | 'levels' | 'earlier'): void => setPanel((now) => (now === one ? null : one));
  const [outline, setOutline] = useState<DrawnEdges | null>(null);
  const [level, setLevel] = useState<ShownAtLevel | null>(null);
  useHotkeys('w', () => toggle('collision'));
  useHotkeys('g', () => toggle('levels'));
  const playing = usePlaying(sheet.source.clips);
  useHotkeys('p', () => sheet.source.clips.length > 0 && playing.setRunning(!playing.isRunning));
  useHotkeys('c', () => setOnly((now) => (now + 1) % ONLY.length));
  const { turn } = useTurns(turnedOf(sheet));
  const turnBy = (keyName: string | undefined, degrees: 90 | 180): void => {
    const found = TURNS.find((one) => one.keyName === keyName);
    if (found) turn(found.axis, degrees);
  };
  useHotkeys(
    TURNS.map(({ keyName }) => keyName),
    (_, { keys }) => turnBy(keys?.[0], 90),
  );
  useHotkeys(
    TURNS.map(({ keyName }) => `shift+${keyName}`),
    (_, { keys }) => turnBy(keys?.[0], 180),
  );
  useHotkeys('f', () => setFrame((now) => now + 1));
  const next = useNextOnBench(sheet.id);
  const nextLink = useRef<HTMLAnchorElement>(null);
  const goesOn = useRef(false);
  useEffect(() => {
    // after the dialog gave the focus back: who is done with this one goes on with the next by Enter
    if (!cataloguing && goesOn.current) nextLink.current?.focus();
    goesOn.current = false;
  }, [cataloguing]);
  const navigate = useNavigate();
  useHotkeys('n', () => next && void navigate(`/bench/${next.id}`));
  useHotkeys('a', () => sheet.sureCount > 0 && sure.mutate(undefined));
  const size = sheet.findings.find((finding) => finding.kind === 'size');
  const hasSize = !(size?.answer?.kind === 'taken' && size.answer.choiceId === 'none');
  // what is drawn is as the file counts, whatever that is in metres
  const isUnitOpen = size !== undefined && size.mark === 'look' && !size.settled && !sheet.guessed.includes(size.key);
  const glb = treated.data?.glb.buffer ?? null;
  // the last one stays on the stage while the next is made; nobody measures it any more
  const settled = treated.isPlaceholderData ? null : glb;
  const isTreated = steps.length > 0;
  const meant = sheet.findings.find(({ key }) => key === inHand.key);
  const pointed = useMemo(() => (meant ? describePointsAt(meant) : null), [meant]);
  const lit = {
    received: usePointedFaces(sheet.documentSha256, AS_RECEIVED, shown, pointed),
    treated: usePointedFaces(sheet.documentSha256, steps, shown, pointed),
    isGoneTo: inHand.isChosen,
  };
  const picking = usePickingState();
  const [thing, setThing] = useState<StandIn | null>(null);
  const [preview, setPreview] = useState(1);
  const beside = useMemo((): Beside => ({ thing, preview, stand: setThing, show: setPreview }), [thing, preview]);
  return (
    <PickingContext value={picking}>
      <BesideContext value={beside}>
        <div className="sheet-screen">
          <Head
            sheet={sheet}
            onSure={() => sure.mutate(undefined)}
            isTaking={sure.isPending}
            onCatalogue={() => setCataloguing(true)}
            next={next}
            nextLink={nextLink}
          />
          <ConditionSheet sheet={sheet} treatedBox={treated.data?.figures.box ?? null} onInHand={onInHand} />
          <UnitIsOpen value={isUnitOpen}>
            <div className="view-pane">
              <CompareView
                received={isTreated ? (received.data ?? null) : undefined}
                treated={level?.glb ?? glb}
                treatedWords={
                  level
                    ? level.words
                    : sheet.guessed.length > 0
                      ? 'as it will be, in pencil'
                      : isTreated
                        ? 'as treated'
                        : 'as received'
                }
                failure={treated.error ?? received.error}
                lit={lit}
                receivedMetres={sheet.source.declaredMetres ?? null}
                hasSize={hasSize}
                only={level ? 'treated' : ONLY[only]}
                frameKey={frame}
                moment={playing.moment}
                canDrop={sheet.source.clips.length === 0}
                moduleM={kit.data?.measures.module?.metres ?? null}
                onTrial={setTried}
                edges={outline}
                besideTrials={
                  <>
                    <button
                      type="button"
                      aria-pressed={panel === 'collision'}
                      title="Collision shape (w)"
                      onClick={() => toggle('collision')}
                    >
                      Collision shape
                    </button>
                    <button
                      type="button"
                      aria-pressed={panel === 'levels'}
                      title="Coarser versions for far away (g)"
                      onClick={() => toggle('levels')}
                    >
                      Levels of detail
                    </button>
                    {earlier && (
                      <button
                        type="button"
                        aria-pressed={panel === 'earlier'}
                        title={`Try what was done to ${earlier.asset.accession} ${earlier.asset.name}`}
                        onClick={() => toggle('earlier')}
                      >
                        Reuse earlier treatment
                      </button>
                    )}
                  </>
                }
              />
              {panel === 'collision' && (
                <CollisionPanel sheet={sheet} glb={settled} onOutline={setOutline} onClose={() => setPanel(null)} />
              )}
              {panel === 'levels' && (
                <LevelsPanel sheet={sheet} glb={settled} onShown={setLevel} onClose={() => setPanel(null)} />
              )}
              {panel === 'earlier' && earlier && (
                <EarlierPanel sheet={sheet} earlier={earlier} onShown={setLevel} onClose={() => setPanel(null)} />
              )}
              {sheet.source.clips.length > 0 && <TimeBar clips={sheet.source.clips} playing={playing} />}
              <FiguresRow
                sheet={sheet}
                treated={treated.data?.figures ?? null}
                hasSize={hasSize}
                problem={treated.error}
              />
            </div>
            <TreatmentStrip sheet={sheet} outcomes={outcomes} />
          </UnitIsOpen>
          {cataloguing && (
            <CatalogueDialog
              sheet={sheet}
              figures={treated.data?.figures ?? sheet.figures}
              onClose={(isDone) => {
                goesOn.current = isDone;
                setCataloguing(false);
              }}
            />
          )}
        </div>
      </BesideContext>
    </PickingContext>
  );
}

/** The one below this on the bench, or the first where this is the last or has left it; null where there is no other. */
function useNextOnBench(id: string): BenchRow | null {
  const rows = useQuery(benchQuery).data ?? [];
  const at = rows.findIndex((row) => row.id === id);
  return [...rows.slice(at + 1), ...rows].find((row) => row.id !== id) ?? null;
}

const STATES = [
  { state: 'on-bench', label: 'on the bench' },
  { state: 'catalogued', label: 'catalogued' },
] as const;

function Head({
  sheet,
  onSure,
  isTaking,
  onCatalogue,
  next,
  nextLink,
}: {
  sheet: Sheet;
  onSure: () => void;
  isTaking: boolean;
  onCatalogue: () => void;
  next: BenchRow | null;
  nextLink: React.Ref<HTMLAnchorElement>;
}) {
  return (
    <div className="screen-head">
      <span className="mono quiet">{sheet.accession}</span>
      <h1>{sheet.name}</h1>
      <span className="quiet small">
        {sheet.kit ? (
          <>
            a piece of <Link to={`/bench/kits/${sheet.kit.id}`}>{sheet.kit.name}</Link>
          </>
        ) : (
          `from “${sheet.arrivalName}”`
        )}
      </span>
      <span className="grow" />
      <ol className="states" aria-label="State">
        {STATES.map(({ state, label }) => (
          <li
            key={state}
            className={sheet.state === state ? 'now' : ''}
            aria-current={sheet.state === state ? 'step' : undefined}
          >
            {label}
          </li>
        ))}
      </ol>
      {sheet.busy && (
        <span className="quiet small" role="status">
          {sheet.busy} …
        </span>
      )}
      {sheet.state === 'catalogued' && (
        <Button component={Link} to={`/catalogue/${sheet.id}`}>
          Its page
        </Button>
      )}
      {sheet.sureCount > 0 && (
        <Button variant="contained" onClick={onSure} loading={isTaking}>
          Take {sheet.sureCount} sure {sheet.sureCount === 1 ? 'proposal' : 'proposals'}
        </Button>
      )}
      <Button
        variant={sheet.sureCount > 0 || sheet.missing.length > 0 ? 'outlined' : 'contained'}
        onClick={onCatalogue}
        disabled={sheet.busy === 'making the version'}
      >
        {sheet.state === 'catalogued' ? 'New version' : 'Catalogue'}
      </Button>
      {next && (
        <Button
          component={Link}
          to={`/bench/${next.id}`}
          ref={nextLink}
          title={next.name}
          aria-label={`Next one: ${next.name}`}
          aria-keyshortcuts="n"
        >
          Next one
        </Button>
      )}
    </div>
  );
}
