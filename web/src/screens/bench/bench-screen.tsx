import './bench.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { benchQuery } from '../../api/queries';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { Portrait } from '../../parts/portrait';

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
          {bench.data?.map((row) => (
            <li key={row.id}>
              <Link to={`/bench/${row.id}`} className="sheet bench-row">
                <Portrait sha256={row.portraitSha256} name="" />
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
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
