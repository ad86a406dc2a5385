import './rights.css';
import './licence-screen.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { listTermSentences } from '@haveld/core/rights/describe-terms';
import { licenceQuery } from '../../api/queries';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading } from '../../parts/notice';
import { STANDING_MARKS, STANDING_WORDS } from '../../parts/standing-mark';
import { LicenceForm } from './licence-form';
import { RightsHead } from './rights-head';
import { useMay } from '../../parts/use-may';

/** A licence: its terms in plain sentences with clause numbers, its text, and who stands under it. */
export function LicenceScreen() {
  const { id = '' } = useParams();
  const licence = useQuery(licenceQuery(id));
  const [editing, setEditing] = useState(false);
  const mayEdit = useMay('curator');
  if (licence.isPending) return <Loading />;
  if (licence.isLoadingError) return <Failure error={licence.error} onRetry={() => void licence.refetch()} />;
  const { terms, text, own, listed, count, assets, changes } = licence.data;
  return (
    <div className="screen">
      <RightsHead title={terms.name} quiet={<span className="mono">{terms.id}</span>}>
        {mayEdit && (own || !listed) && (
          <Button variant="outlined" onClick={() => setEditing(true)}>
            {own ? 'Correct its term sheet' : 'Give it a term sheet'}
          </Button>
        )}
      </RightsHead>
      <div className="screen-body licence-page">
        <section>
          {editing && <LicenceForm terms={terms} text={text} isKnown={own} onDone={() => setEditing(false)} />}
          <h2>Permissions and obligations</h2>
          {terms.note !== '' && <p className="says-look small">{terms.note}</p>}
          <table className="register term-sheet">
            <tbody>
              {listTermSentences(terms).map(({ mark, text, clause }) => (
                <tr key={text}>
                  <td>
                    <Mark mark={mark} /> {text}
                  </td>
                  <td className="mono quiet">{clause}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p>
            <Mark mark={STANDING_MARKS[terms.house]} /> The house: {STANDING_WORDS[terms.house]}.{' '}
            <Link to="/rights/rules">House rules</Link>
          </p>
          <h2>
            Who holds it <span className="quiet small">{formatCount(count, 'asset')}</span>
          </h2>
          {assets.length === 0 && <p className="quiet">Nothing in the library.</p>}
          <ul className="lines">
            {assets.map((asset) => (
              <li key={asset.id}>
                <Link to={`/rights?asset=${asset.id}`}>{asset.name}</Link>
                <span className="mono quiet">{asset.accession}</span>
              </li>
            ))}
          </ul>
          {changes.length > 0 && (
            <>
              <h2>How its terms changed</h2>
              <ul className="evidence">
                {changes.map((change, i) => (
                  <li key={i}>
                    <span>
                      <span className="mono quiet">{formatMoment(change.at)}</span> {change.what.join('; ')}
                      {change.why !== '' && <span className="quiet"> because {change.why}</span>}
                    </span>
                    <span className="quiet">{change.personName}</span>
                  </li>
                ))}
              </ul>
            </>
          )}
        </section>
        <section>
          <h2>Licence text</h2>
          {terms.url !== '' && (
            <p>
              <a href={terms.url} rel="noreferrer noopener" target="_blank">
                {terms.url}
              </a>
            </p>
          )}
          {text === '' ? (
            <p className="quiet">No text of it is kept.</p>
          ) : (
            <pre className="sheet licence-text" tabIndex={0}>
              {text}
            </pre>
          )}
        </section>
      </div>
    </div>
  );
}
