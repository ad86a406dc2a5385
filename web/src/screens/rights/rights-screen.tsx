import './rights.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Bar, BarChart, Cell, Tooltip, XAxis, YAxis } from 'recharts';
import type { Rights, RightsRow } from '@haveld/contract/rights';
import { getTerms } from '@haveld/core/rights/licences';
import { judgeUse } from '@haveld/core/rights/verdict';
import { rightsQuery } from '../../api/queries';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { fieldWords, valueWords } from '../../parts/provenance-words';

/** What must be settled, worst first, with its evidence beside it; and the library by licence. */
export function RightsScreen() {
  const rights = useQuery(rightsQuery);
  const [picked, setPicked] = useState<string | null>(null);
  if (rights.isPending) return <Loading />;
  if (rights.error) return <Failure error={rights.error} onRetry={() => void rights.refetch()} />;
  const { toSettle, total } = rights.data;
  const row = toSettle.find((candidate) => candidate.id === picked) ?? toSettle[0];
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Rights to settle</h1>
        <span className="quiet">
          {toSettle.length} of {formatCount(total, 'asset')}; nothing here leaves for a project until it is settled
        </span>
      </div>
      <div className="rights-body">
        <div className="rights-list">
          {toSettle.length === 0 && (
            <Notice title="All is settled">Every asset has a licence, an author and a source.</Notice>
          )}
          {toSettle.map((item) => (
            <button
              key={item.id}
              type="button"
              className={item === row ? 'rights-row now' : 'rights-row'}
              aria-pressed={item === row}
              onClick={() => setPicked(item.id)}
            >
              <Mark mark={item.mark} />
              <span>
                <strong>{item.name}</strong>: {lowerFirst(item.title)}
                <br />
                <span className="quiet small">
                  {item.projects.length > 0 ? `stands in “${item.projects[0].name}”` : 'in no project'}
                </span>
              </span>
              <span className="mono quiet">{item.accession}</span>
            </button>
          ))}
          <Mix rights={rights.data} />
        </div>
        {row && <RightsDetail row={row} />}
      </div>
    </div>
  );
}

const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) && !text.startsWith('Creative') ? text[0].toLowerCase() + text.slice(1) : text;

function Mix({ rights }: { rights: Rights }) {
  const data = rights.byLicence.map(({ licenceId, count }) => ({
    name: getTerms(licenceId).short,
    count,
    house: getTerms(licenceId).house,
  }));
  if (data.length === 0) return null;
  const colours = { taken: 'var(--petrol)', look: 'var(--saffron)', never: 'var(--saffron)', closed: 'var(--brick)' };
  return (
    <section className="rights-mix">
      <h2>The library by licence</h2>
      <BarChart
        layout="vertical"
        width={440}
        height={30 * data.length + 8}
        data={data}
        margin={{ left: 0, right: 30, top: 4, bottom: 0 }}
        accessibilityLayer
      >
        <XAxis type="number" hide allowDecimals={false} />
        <YAxis
          type="category"
          dataKey="name"
          width={140}
          tickLine={false}
          axisLine={false}
          tick={{ fill: 'var(--ink)', fontSize: 13 }}
        />
        <Tooltip
          cursor={{ fill: 'transparent' }}
          contentStyle={{ background: 'var(--sheet)', border: '1px solid var(--rule)' }}
        />
        <Bar
          dataKey="count"
          barSize={14}
          isAnimationActive={false}
          label={{ position: 'right', fill: 'var(--ink)', fontSize: 13 }}
        >
          {data.map((entry) => (
            <Cell key={entry.name} fill={colours[entry.house]} />
          ))}
        </Bar>
      </BarChart>
    </section>
  );
}

function RightsDetail({ row }: { row: RightsRow }) {
  const licences = [...new Set([...row.rights.licences.map((licence) => licence.id), row.provenance.licenceId])].slice(
    0,
    3,
  );
  const evidence = [...row.rights.licences.map((licence) => licence.evidence), ...row.rights.notGrants].slice(0, 4);
  return (
    <section className="rights-detail" aria-label={row.name}>
      <h2>
        {row.name}: {lowerFirst(row.title)}
      </h2>
      <p className="quiet">{row.detail}</p>
      <div className="rights-evidence">
        {evidence.map((item, i) => (
          <blockquote key={i} className="sheet">
            <span className="mono quiet">
              {item.file?.split('/').slice(-2).join(' / ')}
              {item.line ? `, line ${item.line}` : ''}
            </span>
            <p>“{item.passage}”</p>
            <span className="quiet small">{item.text}</span>
          </blockquote>
        ))}
        {evidence.length === 0 && <p className="quiet">Nothing that came with it speaks of a licence.</p>}
      </div>
      <table className="register">
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">Use</span>
            </th>
            {licences.map((id) => (
              <th key={id} scope="col">
                {getTerms(id).short}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[
            { words: 'paid production', use: { commercial: true, changed: false } },
            { words: 'changed versions', use: { commercial: false, changed: true } },
            { words: 'free production', use: { commercial: false, changed: false } },
          ].map(({ words, use }) => (
            <tr key={words}>
              <th scope="row">{words}</th>
              {licences.map((id) => (
                <VerdictCell key={id} licenceId={id} use={use} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="finding-acts">
        <Button component={Link} to={`/bench/${row.id}`} variant="contained">
          Settle it on the bench
        </Button>
      </div>
      {row.changes.length > 0 && (
        <>
          <h2>What was said when</h2>
          <ul className="evidence">
            {row.changes.slice(0, 12).map((change, i) => (
              <li key={i}>
                <span>
                  <span className="mono quiet">{formatMoment(change.at)}</span> {fieldWords(change.field)}:{' '}
                  {valueWords(change.after)}
                </span>
                <span className="quiet">{change.personName}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function VerdictCell({ licenceId, use }: { licenceId: string; use: { commercial: boolean; changed: boolean } }) {
  const verdict = judgeUse(licenceId, use);
  const mark = verdict.verdict === 'not-allowed' ? 'blocks' : verdict.verdict === 'ask-first' ? 'look' : 'holds';
  const words = {
    allowed: 'allowed',
    'allowed-with-duties': 'with duties',
    'ask-first': 'ask first',
    'not-allowed': 'not allowed',
  }[verdict.verdict];
  return (
    <td title={[...verdict.reasons, ...verdict.duties].join(' ')}>
      <Mark mark={mark} /> {words}
    </td>
  );
}
