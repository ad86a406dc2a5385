import './evidence-cards.css';
import { Link } from 'react-router';
import type { AssetRights } from '@haveld/contract/api/rights';
import type { Evidence } from '@haveld/contract/finding';
import type { Nearness } from '@haveld/contract/licence';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { bytesUrl } from '../../api/client';
import { formatBytes, formatMoment } from '../../parts/format';
import { useBook } from '../../parts/use-book';

const NEAR_WORDS: Record<Nearness, string> = {
  'in-the-file': 'said by the file itself',
  'named-for-it': 'names this model',
  'beside-it': 'lies beside the model',
  'for-the-folder': 'lies in a folder above',
  'for-all': 'speaks of the whole arrival',
};

/** The passages that speak of the rights, nearest first, and what people have added. */
export function EvidenceCards({ rights }: { rights: AssetRights }) {
  const book = useBook();
  const { licences, authors, notGrants, ownWords } = rights.rights;
  const cards = [
    ...licences.map((one) => ({
      evidence: one.evidence,
      says: `${licenceWords(book, one.id)}${one.part ? `, of its ${one.part}` : ''}`,
      near: NEAR_WORDS[one.nearness],
    })),
    ...(licences.length > 0 ? [] : ownWords).map((one) => ({
      evidence: one.evidence,
      says: 'words of their own, no licence',
      near: '',
    })),
    ...notGrants.map((evidence) => ({ evidence, says: 'a price, not a grant', near: '' })),
    ...(licences.length === 0
      ? authors.slice(0, 2).map((one) => ({ evidence: one.evidence, says: one.name, near: NEAR_WORDS[one.nearness] }))
      : []),
  ].slice(0, 6);
  return (
    <div className="rights-evidence">
      {cards.map(({ evidence, says, near }, i) => (
        <blockquote key={i} className="sheet">
          <span className="mono quiet">{placeOf(evidence)}</span>
          <p>“{evidence.passage}”</p>
          <p className="small">
            <strong>{says}</strong>{' '}
            <span className="quiet">
              {[evidence.text, evidence.figure, near].filter((word) => word && word !== says).join(' · ')}
            </span>
          </p>
        </blockquote>
      ))}
      {rights.evidence.map((one) => (
        <blockquote key={one.id} className="sheet kept">
          <span className="mono quiet">
            {one.kind}, kept {formatMoment(one.at)} by {one.personName}
          </span>
          <p>
            {isReadable(one) ? (
              <Link to={`/kept-pages/${one.sha256}`}>{one.name}</Link>
            ) : (
              <a href={bytesUrl(one.sha256, 'file', one.name)}>{one.name}</a>
            )}{' '}
            <span className="mono quiet">{formatBytes(one.sizeBytes)}</span>
          </p>
          {one.note !== '' && <p className="small kept-words">“{one.note}”</p>}
        </blockquote>
      ))}
      {cards.length + rights.evidence.length === 0 && (
        <p className="quiet">Nothing that came with it speaks of a licence.</p>
      )}
    </div>
  );
}

/** A page of the web is shown here; what is a PDF, or one file with its pictures, is opened by what the person has. */
const isReadable = ({ kind, name }: AssetRights['evidence'][number]): boolean =>
  kind === 'page' && (/^https?:/i.test(name) ? !/\.(?:pdf|mhtml?)$/i.test(name) : /\.html?$/i.test(name));

const placeOf = ({ file, line }: Evidence): string =>
  `${file?.split('/').slice(-2).join(' / ') ?? ''}${line ? `, line ${line}` : ''}`;
