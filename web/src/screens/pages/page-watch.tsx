import './pages.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { askPageOfAsset, settlePageChange, type AssetPageOfSource, type PageChange } from '@haveld/contract/api/pages';
import { PAGE_CHANGES } from '@haveld/contract/page-change';
import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../api/client';
import { pageOfAssetQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { useBook } from '../../parts/use-book';

/** The page an asset is from: when it was asked, what it says otherwise by now, and the house's word on that. */
export function PageWatch({ assetId, heading: Heading }: { assetId: string; heading: 'h2' | 'h3' }) {
  const page = useQuery(pageOfAssetQuery(assetId));
  const ask = useChange(() => call(askPageOfAsset, { params: { id: assetId } }));
  if (!page.data) return null;
  const open = page.data.changes.filter(({ settled }) => settled === null);
  const settled = page.data.changes.filter((change) => change.settled !== null);
  return (
    <section className="page-watch" aria-label="Source page">
      <Heading>Source page</Heading>
      <p>
        <a href={page.data.address} rel="noreferrer noopener" target="_blank" className="mono small">
          {page.data.address}
        </a>
      </p>
      <p className="small">
        <span className={page.data.trouble ? 'says-look' : 'quiet'}>{describeAsking(page.data, open.length)}</span>{' '}
        <Button size="small" onClick={() => ask.mutate(undefined)} loading={ask.isPending}>
          Check now
        </Button>
      </p>
      {open.map((change) => (
        <OpenChange key={change.id} change={change} assets={page.data!.assets} />
      ))}
      {settled.length > 0 && (
        <ul className="lines small">
          {settled.map((change) => (
            <SettledChange key={change.id} change={change} />
          ))}
        </ul>
      )}
    </section>
  );
}

function describeAsking({ answeredAt, nextAt, trouble }: AssetPageOfSource, open: number): string {
  const again = nextAt ? ` Next check ${formatMoment(nextAt)}.` : '';
  if (trouble) return `${trouble.message}${again}`;
  if (!answeredAt) return 'Not checked since the model arrived.';
  return `${open === 0 ? 'Unchanged' : 'Changed'} when checked ${formatMoment(answeredAt)}.${again}`;
}

/** What a change was and is, a licence by its name. */
function useChangeWords(): (change: PageChange) => string {
  const book = useBook();
  return ({ what, was, now }) => {
    const word = (value: string): string =>
      what !== 'licence'
        ? value
        : value === ''
          ? 'none named'
          : isExpression(value)
            ? licenceWords(book, value)
            : value;
    if (what === 'gone' || what === 'taken-down') return now;
    return was === '' ? word(now) : `${word(was)} → ${word(now)}`;
  };
}

function OpenChange({ change, assets }: { change: PageChange; assets: number }) {
  const [why, setWhy] = useState('');
  const wordsOf = useChangeWords();
  const settle = useChange((as: 'left' | 'taken') =>
    call(settlePageChange, { params: { id: change.id }, body: { as, why: why.trim() } }),
  );
  const { title, take, isAboutRights } = PAGE_CHANGES[change.what];
  return (
    <div className="page-change sheet">
      <p>
        <Mark mark="look" /> <strong>{title}</strong>, seen {formatMoment(change.seenAt)}
      </p>
      <p className="mono">{wordsOf(change)}</p>
      {change.pageSha256 && (
        <p className="small">
          <Link to={`/kept-pages/${change.pageSha256}`}>Saved copy of the page</Link>
        </p>
      )}
      {isAboutRights && (
        <TextField
          id={`why-${change.id}`}
          size="small"
          label="Why it may stay, for whoever asks later"
          placeholder={
            change.what === 'licence' ? 'taken under the old licence in March; the grant stands' : 'what was found out'
          }
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          fullWidth
        />
      )}
      <div className="page-change-acts">
        {take && (
          <Button
            size="small"
            variant={isAboutRights ? 'outlined' : 'contained'}
            onClick={() => settle.mutate('taken')}
            disabled={settle.isPending || (change.what === 'licence' && !isExpression(change.now))}
          >
            {take}
          </Button>
        )}
        <Button
          size="small"
          variant={isAboutRights ? 'contained' : 'text'}
          onClick={() => settle.mutate('left')}
          disabled={settle.isPending || (isAboutRights && why.trim() === '')}
        >
          Leave it as it came
        </Button>
        {assets > 1 && <span className="quiet small">for all {assets} assets of this page</span>}
      </div>
    </div>
  );
}

function SettledChange({ change }: { change: PageChange }) {
  const wordsOf = useChangeWords();
  const { as, personName, at, why } = change.settled!;
  return (
    <li>
      <span>
        {PAGE_CHANGES[change.what].title}: {wordsOf(change)}
        {change.pageSha256 && (
          <>
            {' '}
            <Link to={`/kept-pages/${change.pageSha256}`}>saved copy</Link>
          </>
        )}
      </span>
      <span className="quiet">
        {as === 'left' ? 'left as it came' : 'taken over'} by {personName}, {formatMoment(at)}
        {why !== '' && `: ${why}`}
      </span>
    </li>
  );
}
