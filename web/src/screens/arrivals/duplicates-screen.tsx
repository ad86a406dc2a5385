import './duplicates.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { decideDuplicate, type Duplicate } from '@haveld/contract/api/duplicates';
import { call } from '../../api/client';
import { duplicatesQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { Thumbnail } from '../../parts/thumbnail';

/** What a find may be a double of, side by side with what differs; a person decides and nothing is removed. */
export function DuplicatesScreen() {
  const { id = '' } = useParams();
  const duplicates = useQuery(duplicatesQuery(id));
  if (duplicates.isPending) return <Loading />;
  if (duplicates.isLoadingError) return <Failure error={duplicates.error} onRetry={() => void duplicates.refetch()} />;
  const open = duplicates.data.filter(({ decision }) => decision === null).length;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Is it here already?</h1>
        <span className="quiet">
          {duplicates.data[0] && `${duplicates.data[0].mine.name}, from “${duplicates.data[0].mine.arrivalName}”`}
        </span>
        <span className="grow" />
        <span className="quiet small">
          {open === 0 ? 'all decided' : `${formatCount(open, 'similar asset', 'similar assets')} to decide`}
        </span>
        <Button component={Link} to="/arrivals">
          Back to the arrivals
        </Button>
      </div>
      <div className="screen-body duplicates">
        {duplicates.data.length === 0 && (
          <Notice title="Nothing like it is here">Its shape and its files are new to the library.</Notice>
        )}
        {duplicates.data.map((pair) => (
          <Pair key={pair.id} pair={pair} />
        ))}
      </div>
    </div>
  );
}

const DECISIONS = [
  { id: 'same', words: 'The same: keep the one here', done: 'decided: the same, the one here stays' },
  { id: 'newer', words: 'Take the new one', done: 'decided: the new one is taken' },
  { id: 'both', words: 'Two things: keep both', done: 'decided: two things' },
] as const;

function Pair({ pair }: { pair: Duplicate }) {
  const decide = useChange((decision: NonNullable<Duplicate['decision']>) =>
    call(decideDuplicate, { params: { id: pair.id }, body: { decision, seen: pair.decision } }),
  );
  const isTwin = pair.relation === 'mirrored' || pair.relation === 'other-maps';
  const likely = isTwin ? 'both' : pair.relation === 'same-page' ? 'newer' : 'same';
  return (
    <section className="sheet pair" aria-label={`${pair.mine.name} and ${pair.other.name}`}>
      <p className="pair-words">
        <Mark mark={pair.decision ? 'holds' : 'look'} />{' '}
        {pair.decision ? DECISIONS.find(({ id }) => id === pair.decision)!.done : pair.summary}
      </p>
      <div className="pair-sides">
        <Side side={pair.mine} title="Just arrived" />
        <Side side={pair.other} title="Here already" />
        <table className="pair-lines">
          <thead>
            <tr>
              <td />
              <th scope="col">just arrived</th>
              <th scope="col">here already</th>
            </tr>
          </thead>
          <tbody>
            {pair.lines.map(({ what, mine, other, same }) => (
              <tr key={what} className={same ? 'quiet' : ''}>
                <th scope="row">{what}</th>
                <td className="mono">{mine}</td>
                <td className="mono">{same && mine === other ? 'the same' : other}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="pair-acts">
        {DECISIONS.map(({ id, words }) => (
          <Button
            key={id}
            variant={id === likely && !pair.decision ? 'contained' : 'outlined'}
            disabled={pair.decision === id}
            loading={decide.isPending && decide.variables === id}
            onClick={() => decide.mutate(id)}
          >
            {words}
          </Button>
        ))}
        <span className="quiet small">Nothing is removed: what is not taken is set aside and stays in the store.</span>
      </div>
    </section>
  );
}

function Side({ side, title }: { side: Duplicate['mine']; title: string }) {
  return (
    <figure className="pair-side">
      <Thumbnail sha256={side.thumbnailSha256} name={`${side.name}, ${title.toLowerCase()}`} />
      <figcaption>
        <strong>
          {side.asset ? (
            <Link to={`/${side.asset.state === 'catalogued' ? 'catalogue' : 'bench'}/${side.asset.id}`}>
              {side.asset.accession}
            </Link>
          ) : (
            title
          )}
        </strong>
        <span>{side.name}</span>
        <span className="quiet small">
          “{side.arrivalName}”, {formatMoment(side.arrivedAt)}
        </span>
      </figcaption>
    </figure>
  );
}
