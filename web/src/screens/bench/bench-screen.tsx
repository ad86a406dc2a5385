import './bench.css';
import './bench-screen.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import type { BenchRow } from '@haveld/contract/api/bench';
import { lineUp } from '@haveld/contract/api/line-up';
import { call } from '../../api/client';
import { benchQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { Thumbnail } from '../../parts/thumbnail';

/** What lies on the bench, each with what is next for it. */
export function BenchScreen() {
  const bench = useQuery(benchQuery);
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>On the bench</h1>
        {bench.data && bench.data.length > 0 && (
          <span className="quiet">{formatCount(bench.data.length, 'model')}, the newest first</span>
        )}
        <span className="grow" />
        {bench.data && bench.data.length > 0 && <LineUpBench />}
        {/* last, so that it stays under the hand when what is on the bench arrives */}
        <Button component={Link} to="/bench/treatments">
          House treatments
        </Button>
      </div>
      <div className="screen-body">
        {bench.isPending && <Loading />}
        {bench.error && <Failure error={bench.error} onRetry={() => void bench.refetch()} />}
        {bench.data?.length === 0 && (
          <Notice
            title="The bench is clear"
            action={
              <Button component={Link} to="/arrivals" variant="outlined">
                To the arrivals
              </Button>
            }
          >
            A find comes here from the arrivals; it gets its number and its condition sheet.
          </Notice>
        )}
        <ul className="bench-list">
          {bench.data &&
            listEntries(bench.data).map((entry) => (
              <li key={entry.key}>
                {'rows' in entry ? <KitEntry kit={entry.kit} rows={entry.rows} /> : <AssetRow row={entry.row} />}
              </li>
            ))}
        </ul>
      </div>
    </div>
  );
}

type Kit = NonNullable<BenchRow['kit']>;
type Entry = { key: string } & ({ row: BenchRow } | { kit: Kit; rows: BenchRow[] });

/** Pieces of one kit stand in one row, where the first of them stands. */
function listEntries(rows: readonly BenchRow[]): Entry[] {
  const entries: Entry[] = [];
  for (const row of rows) {
    const known = entries.find((entry) => 'rows' in entry && entry.kit.id === row.kit?.id);
    if (known && 'rows' in known) known.rows.push(row);
    else if (row.kit && rows.filter(({ kit }) => kit?.id === row.kit!.id).length > 1)
      entries.push({ key: row.kit.id, kit: row.kit, rows: [row] });
    else entries.push({ key: row.id, row });
  }
  return entries;
}

function AssetRow({ row }: { row: BenchRow }) {
  return (
    <Link to={`/bench/${row.id}`} className="sheet bench-row">
      <Thumbnail sha256={row.thumbnailSha256} name="" />
      <span className="bench-row-words">
        <span className="mono quiet">{row.accession}</span>
        <strong className="bench-row-name">{row.name}</strong>
        <span className="quiet small">from “{row.arrivalName}”</span>
      </span>
      <span className="bench-row-next">
        <Mark mark={row.blocks > 0 ? 'blocks' : row.open > 0 ? 'look' : 'holds'} /> {row.next}
        <br />
        <span className="quiet small">
          {row.open === 0
            ? 'nothing open'
            : `${formatCount(row.open, 'finding')} open${row.sure > 0 ? `, ${row.sure} of them sure` : ''}`}
        </span>
      </span>
    </Link>
  );
}

function KitEntry({ kit, rows }: { kit: Kit; rows: BenchRow[] }) {
  const open = rows.filter((row) => row.open > 0).length;
  const blocks = rows.some((row) => row.blocks > 0);
  const accessions = rows.map((row) => row.accession).sort();
  return (
    <Link to={`/bench/kits/${kit.id}`} className="sheet bench-row">
      <span className="bench-kit-pictures">
        {rows.slice(0, 4).map((row) => (
          <Thumbnail key={row.id} sha256={row.thumbnailSha256} name="" />
        ))}
      </span>
      <span className="bench-row-words">
        <span className="mono quiet">
          {accessions[0]} to {accessions[accessions.length - 1]}
        </span>
        <strong className="bench-row-name">
          {kit.name}, {formatCount(rows.length, 'piece')} of a kit
        </strong>
        <span className="quiet small">from “{rows[0].arrivalName}”</span>
      </span>
      <span className="bench-row-next">
        <Mark mark={blocks ? 'blocks' : open > 0 ? 'look' : 'holds'} />{' '}
        {open === 0 ? 'Ready for the catalogue' : 'Answered together, as one job'}
        <br />
        <span className="quiet small">
          {open === 0 ? 'nothing open' : `${formatCount(open, 'piece')} with something open`}
        </span>
      </span>
    </Link>
  );
}

/** Everything on the bench by itself is lined up, to be looked at side by side. */
function LineUpBench() {
  const navigate = useNavigate();
  const line = useChange(() => call(lineUp, { body: { bench: true } }), { onDone: () => void navigate('/line-up') });
  return (
    <Button variant="outlined" loading={line.isPending} onClick={() => line.mutate(undefined)}>
      Line them up
    </Button>
  );
}
