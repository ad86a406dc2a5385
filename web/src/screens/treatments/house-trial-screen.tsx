import './treatments.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams } from 'react-router';
import { endHouseTrial, takeHouseTrial, type HouseTrial, type TrialRow } from '@haveld/contract/api/house-treatments';
import { describeRule } from '@haveld/core/treatment/house/describe-rule';
import { formatCount as groupDigits } from '@haveld/core/text/count';
import { call } from '../../api/client';
import { BUSY_MS, houseTrialQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { Failure, Loading } from '../../parts/notice';
import { Thumbnail } from '../../parts/thumbnail';

/** What a house treatment would do to each of a set of models; nothing is done until it is taken. */
export function HouseTrialScreen() {
  const { id = '' } = useParams();
  const trial = useQuery({
    ...houseTrialQuery(id),
    refetchInterval: ({ state }) => (state.data && state.data.done < state.data.total ? BUSY_MS * 2 : false),
  });
  if (trial.isPending) return <Loading />;
  if (trial.isLoadingError) return <Failure error={trial.error} onRetry={() => void trial.refetch()} />;
  return <TrialView key={id} trial={trial.data} />;
}

/** Its only fields are boxes to be ticked. */
const KEYS = { enableOnFormTags: true } as const;

const changesSomething = (row: TrialRow): boolean =>
  row.state === 'planned' && row.lines.some(({ changed }) => changed !== '');

function TrialView({ trial }: { trial: HouseTrial }) {
  const go = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  /** Null until somebody chooses: then all that would change are meant. */
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null);
  const fitting = trial.rows.filter(changesSomething);
  const chosen = trial.rows
    .filter(({ id, state }) => state === 'planned' && (picked ? picked.has(id) : true))
    .filter((row) => picked !== null || changesSomething(row));
  const isChosen = new Set(chosen.map(({ id }) => id));
  const take = useChange((rows: string[]) => call(takeHouseTrial, { params: { id: trial.id }, body: { rows } }), {
    onDone: ({ taken, left }) => {
      setPicked(null);
      enqueueSnackbar(
        [
          `Taken for ${formatCount(taken, 'model')}.`,
          ...left.slice(0, 3).map(({ name, why }) => `“${name}”: ${why}`),
        ].join(' '),
        { variant: left.length > 0 ? 'warning' : 'success' },
      );
    },
  });
  const end = useChange(() => call(endHouseTrial, { params: { id: trial.id } }), {
    onDone: () => void go('/bench/treatments'),
  });
  const toggle = (id: string): void => {
    const next = new Set(isChosen);
    if (!next.delete(id)) next.add(id);
    setPicked(next);
  };
  const takeChosen = (): void => {
    if (chosen.length > 0 && !take.isPending) take.mutate(chosen.map(({ id }) => id));
  };
  useHotkeys('a', () => setPicked(isChosen.size === fitting.length ? new Set() : null), KEYS);
  useHotkeys('mod+enter', takeChosen, KEYS);
  const isBusy = trial.done < trial.total;
  const catalogued = chosen.filter((row) => row.isCatalogued).length;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>“{trial.name}” on trial</h1>
        <span className="quiet">
          {isBusy
            ? `${trial.done} of ${formatCount(trial.total, 'model')} looked at`
            : `${formatCount(trial.total, 'model')} looked at, ${fitting.length} would change · nothing is done yet`}
        </span>
        <span className="grow" />
        <Button loading={end.isPending} onClick={() => end.mutate(undefined)}>
          End the trial run
        </Button>
        <Button component={Link} to="/bench/treatments">
          House treatments
        </Button>
        <Button
          variant="contained"
          disabled={chosen.length === 0}
          loading={take.isPending}
          onClick={takeChosen}
          aria-keyshortcuts="Control+Enter"
        >
          Take it for {chosen.length} (Ctrl ↵)
        </Button>
      </div>
      {isBusy && (
        <progress className="trial-progress" max={trial.total} value={trial.done} aria-label="Looked at so far" />
      )}
      <div className="screen-body">
        <p className="trial-rules quiet">
          {trial.rules.map(describeRule).join(' · ')}
          {catalogued > 0 && ` — ${formatCount(catalogued, 'model')} of the catalogue would get a new version`}
        </p>
        <table className="trial-table">
          <thead>
            <tr>
              <th>
                <input
                  type="checkbox"
                  aria-label="Choose all that would change (a)"
                  checked={fitting.length > 0 && isChosen.size >= fitting.length}
                  onChange={() => setPicked(isChosen.size >= fitting.length ? new Set() : null)}
                />
              </th>
              <th>
                <span className="visually-hidden">Picture</span>
              </th>
              <th>Model</th>
              <th>What it would do</th>
              <th className="figure">Triangles</th>
              <th className="figure">Parts</th>
            </tr>
          </thead>
          <tbody>
            {(isBusy ? trial.rows : bringForward(trial.rows)).map((row) => (
              <Row key={row.id} row={row} isChosen={isChosen.has(row.id)} onToggle={() => toggle(row.id)} />
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

/** What needs eyes first: those that would change, then what went wrong; each in its order. */
const bringForward = (rows: readonly TrialRow[]): TrialRow[] => [...rows].sort((a, b) => placeOf(a) - placeOf(b));
const placeOf = (row: TrialRow): number =>
  changesSomething(row) ? 0 : row.state === 'failed' || row.state === 'changed' ? 1 : row.state === 'taken' ? 2 : 3;

function Row({ row, isChosen, onToggle }: { row: TrialRow; isChosen: boolean; onToggle: () => void }) {
  const { before, after } = row;
  return (
    <tr className={row.state === 'taken' ? 'taken' : ''}>
      <td>
        {row.state === 'planned' && (
          <input type="checkbox" aria-label={`Take it for ${row.name}`} checked={isChosen} onChange={onToggle} />
        )}
      </td>
      <td className="trial-picture">
        <Thumbnail sha256={row.thumbnailSha256} name="" />
      </td>
      <td>
        <Link to={row.isCatalogued ? `/catalogue/${row.assetId}` : `/bench/${row.assetId}`}>{row.name}</Link>
        <br />
        <span className="mono quiet small">
          {row.accession}
          {row.isCatalogued && ' · in the catalogue'}
        </span>
      </td>
      <td>
        <Deeds row={row} />
      </td>
      <td className="figure mono">{before && after && describeChange(before.triangles, after.triangles)}</td>
      <td className="figure mono">{before && after && describeChange(before.parts, after.parts)}</td>
    </tr>
  );
}

function Deeds({ row }: { row: TrialRow }) {
  if (row.state === 'waiting') return <span className="quiet">…</span>;
  if (row.state === 'failed') return <span className="says-blocks">It could not be tried: {row.message}</span>;
  if (row.state === 'changed')
    return <span className="says-look">Its treatment changed since it was looked at: try it again.</span>;
  return (
    <>
      {row.state === 'taken' && <span className="says-holds">Taken. </span>}
      {row.lines.length === 0 && <span className="quiet">Nothing: none of it fits here.</span>}
      <ul className="trial-lines">
        {row.lines.map((line, i) => (
          <li key={i}>
            {line.title}
            {line.changed && <span className="quiet">, {line.changed}</span>}
            {line.trouble.map((sentence) => (
              <span key={sentence} className="says-look small">
                {sentence}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}

const describeChange = (before: number, after: number): string =>
  before === after ? groupDigits(before) : `${groupDigits(before)} → ${groupDigits(after)}`;
