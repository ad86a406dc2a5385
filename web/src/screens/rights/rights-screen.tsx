import './rights.css';
import './rights-screen.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSearchParams } from 'react-router';
import { joinAuthors, type Rights, type RightsRow } from '@haveld/contract/api/rights';
import { call } from '../../api/client';
import { rightsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { lowerFirst } from '../../parts/provenance-words';
import { AssetRightsPanel } from './asset-rights-panel';
import { LicenceMix } from './licence-mix';
import { RightsHead } from './rights-head';
import { useMay } from '../../parts/use-may';

/** What must be settled, worst first, with its evidence beside it; and the library by licence. */
export function RightsScreen() {
  const rights = useQuery(rightsQuery);
  const [search, setSearch] = useSearchParams();
  const rows = rights.data?.toSettle ?? [];
  const picked = search.get('asset');
  const row = rows.find(({ id }) => id === picked) ?? (picked ? null : rows[0]);
  const shownId = row?.id ?? picked;
  const pick = (id: string): void => setSearch({ asset: id }, { replace: true });
  const step = (by: 1 | -1): void => {
    const next = rows[rows.findIndex(({ id }) => id === shownId) + by];
    if (next) pick(next.id);
  };
  useHotkeys('j', () => step(1), [rows, shownId]);
  useHotkeys('k', () => step(-1), [rows, shownId]);
  if (rights.isPending) return <Loading />;
  if (rights.isLoadingError) return <Failure error={rights.error} onRetry={() => void rights.refetch()} />;
  const { toSettleCount, total, sameAuthors } = rights.data;
  const inUse = rows.filter(({ projects }) => projects.length > 0);
  const notInUse = rows.filter(({ projects }) => projects.length === 0);
  return (
    <div className="screen">
      <RightsHead title="Rights to settle" quiet={`${toSettleCount} of ${formatCount(total, 'asset')}`} />
      <div className="rights-body">
        <div className="rights-list">
          {rows.length === 0 && (
            <Notice title="All is settled">
              Every asset has a licence, an author and a source, and no project holds what it may not.
            </Notice>
          )}
          {inUse.length > 0 && <h2>In live projects first</h2>}
          {inUse.map((item) => (
            <Row key={item.id} row={item} isNow={item.id === shownId} onPick={pick} />
          ))}
          {notInUse.length > 0 && <h2>Not in use yet</h2>}
          {notInUse.map((item) => (
            <Row key={item.id} row={item} isNow={item.id === shownId} onPick={pick} />
          ))}
          {toSettleCount > rows.length && (
            <p className="quiet small rights-more">
              {formatCount(toSettleCount - rows.length, 'more', 'more')} in the ledger.
            </p>
          )}
          {sameAuthors.length > 0 && <SameAuthors pairs={sameAuthors} />}
          <LicenceMix rights={rights.data} />
        </div>
        {shownId && <AssetRightsPanel key={shownId} id={shownId} />}
      </div>
    </div>
  );
}

function Row({ row, isNow, onPick }: { row: RightsRow; isNow: boolean; onPick: (id: string) => void }) {
  return (
    <button
      type="button"
      className={isNow ? 'rights-row now' : 'rights-row'}
      aria-pressed={isNow}
      onClick={() => onPick(row.id)}
    >
      <Mark mark={row.mark} />
      <span>
        <strong>{row.name}</strong>: {lowerFirst(row.title)}
        <br />
        <span className="quiet small">
          {row.detail || row.projects.map(({ name }) => `“${name}”`).join(', ') || 'in no project'}
        </span>
      </span>
      <span className="mono quiet">{row.accession}</span>
    </button>
  );
}

function SameAuthors({ pairs }: { pairs: Rights['sameAuthors'] }) {
  const mayJoin = useMay('curator');
  const join = useChange((pair: { keep: string; join: string }) => call(joinAuthors, { body: pair }));
  return (
    <section className="rights-mix">
      <h2>One author, spelled two ways?</h2>
      <ul className="lines">
        {pairs.slice(0, 6).map(({ a, b, reason }) => (
          <li key={`${a}|${b}`}>
            <span>
              “{a}” and “{b}” <span className="quiet small">{reason}</span>
            </span>
            {mayJoin && (
              <Button size="small" onClick={() => join.mutate({ keep: a, join: b })} disabled={join.isPending}>
                Both are {a}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
