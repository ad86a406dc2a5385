import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Fetching, SourceRow } from '@haveld/contract/api/sources';
import { previewUrl } from '../../api/client';
import { formatBytes, formatMapSide } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';

export interface SourceLineProps {
  id: string;
  row: SourceRow;
  isInHand: boolean;
  isOpen: boolean;
  /** Editions of it that come in, or came. */
  coming: readonly Fetching[];
  isTaking: boolean;
  onOpen: () => void;
  onTake: (editionId: string) => void;
}

/** A model of a source: whose it is, under what, how heavy, and whether it is here already; its editions open below it. */
export function SourceLine({ id, row, isInHand, isOpen, coming, isTaking, onOpen, onTake }: SourceLineProps) {
  const best = row.editions.find((edition) => edition.id === row.best);
  const isComing = coming.some(({ state }) => state !== 'arrived' && state !== 'ended');
  return (
    <section id={id} className={`source-line${isInHand ? ' in-hand' : ''}`} aria-label={row.title}>
      <Preview row={row} />
      <div className="source-facts">
        <h2>
          <button type="button" aria-expanded={isOpen} onClick={onOpen}>
            {row.title}
          </button>
        </h2>
        <span>
          {row.author === '' ? <span className="quiet">author not named</span> : row.author}
          <span className="quiet"> · {row.sourceName}</span>
        </span>
        <span className="quiet small">
          {[...new Set(row.editions.map(({ format }) => format.toUpperCase()))].join(', ')}
          {row.category && ` · ${row.category}`}
        </span>
        <Here row={row} />
      </div>
      <div className="source-facts source-rights">
        <span>{row.licence.id || row.licence.words || <span className="quiet">no licence named</span>}</span>
        <Verdict row={row} />
        <span className="mono small">{describePrice(row)}</span>
      </div>
      <div className="source-acts">
        {best && (
          <Button
            variant={isInHand ? 'contained' : 'outlined'}
            loading={isTaking}
            disabled={isComing}
            onClick={() => onTake(best.id)}
            aria-keyshortcuts={isInHand ? 't' : undefined}
          >
            {isComing ? 'downloading' : `Take ${best.format.toUpperCase()}`}
          </Button>
        )}
        {best?.sizeBytes && <span className="mono small quiet">{formatBytes(best.sizeBytes)}</span>}
        <Button size="small" onClick={onOpen} aria-expanded={isOpen}>
          {row.editions.length === 1 ? '1 edition' : `${row.editions.length} editions`}
        </Button>
      </div>
      {isOpen && <Editions row={row} coming={coming} onTake={onTake} />}
    </section>
  );
}

function Preview({ row }: { row: SourceRow }) {
  const [isBroken, setBroken] = useState(false);
  return (
    <span className="source-picture">
      {row.previewAddress === '' || isBroken ? (
        <span className="small quiet">no picture</span>
      ) : (
        <img src={previewUrl(row.previewAddress)} alt="" loading="lazy" onError={() => setBroken(true)} />
      )}
    </span>
  );
}

const describePrice = ({ price }: SourceRow): string =>
  price === null ? 'price not said' : price.amount === 0 ? 'free' : `${price.amount} ${price.currency}`;

function Verdict({ row: { verdict, verdictReason, licence } }: { row: SourceRow }) {
  if (verdict === null)
    return verdictReason === '' ? null : (
      <span className="source-verdict small" title={licence.words}>
        <Mark mark="look" /> {verdictReason}
      </span>
    );
  return (
    <span className="source-verdict small" title={verdictReason}>
      <Mark mark={VERDICT_MARKS[verdict]} /> {VERDICT_WORDS[verdict]}
    </span>
  );
}

function Here({ row: { here } }: { row: SourceRow }) {
  if (!here) return null;
  return (
    <span className="small says-look">
      {here.asset ? (
        <>
          here already: <Link to={`/catalogue/${here.asset.id}`}>{here.asset.name}</Link>{' '}
          <span className="mono">{here.asset.accession}</span>
        </>
      ) : here.by === 'page' ? (
        'fetched from this page before'
      ) : here.by === 'bytes' ? (
        'the same file is here already'
      ) : (
        'a file of this name and length came before'
      )}
    </span>
  );
}

/** Every way to have it, side by side; the one Haveld would take says why. */
function Editions({
  row,
  coming,
  onTake,
}: {
  row: SourceRow;
  coming: readonly Fetching[];
  onTake: (id: string) => void;
}) {
  if (row.editions.length === 0)
    return (
      <p className="quiet" style={{ gridColumn: '2 / -1' }}>
        This page leads to no file of a model. Fetch it there by hand and drop it on the arrivals, with the page.
      </p>
    );
  return (
    <table className="editions">
      <thead>
        <tr>
          <th scope="col">Edition</th>
          <th scope="col">Maps</th>
          <th scope="col">File size</th>
          <th scope="col">Includes</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {row.editions.map((edition) => {
          const known = coming.find((each) => each.edition === edition.name && each.state !== 'ended');
          return (
            <tr key={edition.id}>
              <td>
                {edition.name}
                {edition.id === row.best && <div className="small quiet">Haveld would take this: {row.bestReason}</div>}
              </td>
              <td className="mono">{edition.mapSide === null ? 'not said' : formatMapSide(edition.mapSide)}</td>
              <td className="mono">{edition.sizeBytes === null ? 'not said' : formatBytes(edition.sizeBytes)}</td>
              <td>{edition.carries.join(', ') || <span className="quiet">not said</span>}</td>
              <td>
                {known?.arrivalId ? (
                  <Link to={`/arrivals/${known.arrivalId}`}>it is here</Link>
                ) : (
                  <Button size="small" disabled={known !== undefined} onClick={() => onTake(edition.id)}>
                    {known ? 'downloading' : 'Take this one'}
                  </Button>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
