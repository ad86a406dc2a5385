import './rights.css';
import './licences-screen.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { LicenceLine } from '@haveld/contract/api/rights';
import { licencesQuery } from '../../api/queries';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { STANDING_MARKS, STANDING_WORDS } from '../../parts/standing-mark';
import { LicenceForm } from './licence-form';
import { RightsHead } from './rights-head';
import { useMay } from '../../parts/use-may';

/** Every licence the house knows, with how it takes it and how many assets stand under it. */
export function LicencesScreen() {
  const licences = useQuery(licencesQuery);
  const [words, setWords] = useState('');
  const [adding, setAdding] = useState(false);
  const mayAdd = useMay('curator');
  const navigate = useNavigate();
  if (licences.isPending) return <Loading />;
  if (licences.isLoadingError) return <Failure error={licences.error} onRetry={() => void licences.refetch()} />;
  const wanted = words.toLowerCase().split(/\s+/);
  const fitting = licences.data.filter(({ terms }) =>
    wanted.every((word) => `${terms.id} ${terms.name} ${terms.short}`.toLowerCase().includes(word)),
  );
  const held = fitting.filter(({ count }) => count > 0).sort((a, b) => b.count - a.count);
  const others = fitting.filter(({ count }) => count === 0);
  return (
    <div className="screen">
      <RightsHead title="Licences" quiet={`${licences.data.length} with a term sheet`}>
        {mayAdd && (
          <Button variant="outlined" onClick={() => setAdding(true)}>
            New house licence
          </Button>
        )}
      </RightsHead>
      <div className="screen-body licences">
        <TextField
          id="licence-words"
          label="Words"
          placeholder="by-nc, free art, GPL"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          sx={{ width: 320 }}
        />
        {adding && (
          <LicenceForm
            onDone={(id) => (id ? void navigate(`/rights/licences/${encodeURIComponent(id)}`) : setAdding(false))}
          />
        )}
        {held.length > 0 && <LicenceTable title="Licences in use" lines={held} />}
        {others.length > 0 && <LicenceTable title={held.length > 0 ? 'The others' : 'Licences'} lines={others} />}
        {fitting.length === 0 && (
          <Notice title="No licence of that name">
            Every licence of the SPDX list can be named in a provenance; those here have a term sheet.
          </Notice>
        )}
      </div>
    </div>
  );
}

function LicenceTable({ title, lines }: { title: string; lines: LicenceLine[] }) {
  return (
    <section>
      <h2>{title}</h2>
      <table className="register licence-table">
        <thead>
          <tr>
            <th scope="col">Licence</th>
            <th scope="col">SPDX</th>
            <th scope="col">The house</th>
            <th scope="col">Commercial use</th>
            <th scope="col">Sharing modified versions</th>
            <th scope="col">Asks</th>
            <th scope="col">Assets</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ terms, own, count }) => (
            <tr key={terms.id}>
              <td>
                <Link to={`/rights/licences/${encodeURIComponent(terms.id)}`}>{terms.name}</Link>{' '}
                {own && <span className="quiet small">our own</span>}
              </td>
              <td className="mono quiet licence-id">{terms.id.replace('LicenseRef-', '')}</td>
              <td>
                <Mark mark={STANDING_MARKS[terms.house]} /> {STANDING_WORDS[terms.house]}
              </td>
              <td>{GRANT_WORDS[terms.commercial.grant]}</td>
              <td>{GRANT_WORDS[terms.shareAdapted.grant]}</td>
              <td className="small quiet">{listAsked(terms)}</td>
              <td className="mono">{count > 0 ? count : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const GRANT_WORDS = { yes: 'yes', no: 'no', ask: 'ask', unshared: 'not shared', silent: 'says nothing' };

const listAsked = (terms: LicenceLine['terms']): string =>
  [
    terms.attribution && 'name',
    terms.stateChanges && 'state changes',
    terms.shareAlike && 'share alike',
    terms.notice && 'keep the text',
    terms.noLocks && 'no locks',
    terms.editorialOnly && 'editorial only',
    terms.personalOnly && 'personal only',
    terms.seats !== null && `${terms.seats} people`,
    terms.months !== null && `${terms.months} months`,
  ]
    .filter(Boolean)
    .join(', ');
