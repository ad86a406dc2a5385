import './asset-rights-panel.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answerFinding } from '@haveld/contract/api/bench';
import { settleRights, type AssetRights } from '@haveld/contract/api/rights';
import type { IntendedUse } from '@haveld/contract/licence';
import { isExpression } from '@haveld/core/rights/expression';
import { judgeUse } from '@haveld/core/rights/judge-use';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { weighProposal } from '@haveld/core/rights/propose-provenance';
import { strictestOf } from '@haveld/core/rights/strictest';
import { fieldWords } from '@haveld/core/rights/provenance-fields';
import { call } from '../../api/client';
import { assetRightsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading } from '../../parts/notice';
import { lowerFirst, valueWords } from '../../parts/provenance-words';
import { VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import { useMay } from '../../parts/use-may';
import { PageWatch } from '../pages/page-watch';
import { DecideForm } from './decide-form';
import { EvidenceCards } from './evidence-cards';
import { LetterDialog } from './letter-dialog';
import { TakeDownDialog } from './take-down-dialog';
import { WorksList } from './works-list';

/** One asset's rights: what speaks for what, what may be done, and who said so. */
export function AssetRightsPanel({ id }: { id: string }) {
  const rights = useQuery(assetRightsQuery(id));
  if (rights.isPending) return <Loading />;
  if (rights.isLoadingError) return <Failure error={rights.error} onRetry={() => void rights.refetch()} />;
  return <Panel rights={rights.data} />;
}

type Doing = 'decide' | 'letter' | 'take-down' | null;

function Panel({ rights }: { rights: AssetRights }) {
  const book = useBook();
  const [doing, setDoing] = useState<Doing>(null);
  const mayTakeDown = useMay('curator');
  const { provenance } = rights;
  const refusal = rights.projects.find(({ live, verdict }) => live && verdict.verdict === 'not-allowed');
  const { contradicting } = weighProposal(rights.rights);
  const strictest =
    contradicting.length > 1 && provenance.licenceId === UNKNOWN_LICENCE
      ? strictestOf(
          book,
          contradicting.map(({ id }) => id),
        )
      : null;
  const hold = useChange((licenceId: string) =>
    call(settleRights, {
      body: {
        assetIds: [rights.id],
        change: { licenceId },
        why: `the stricter of ${contradicting.length} that are named, until the author answers`,
      },
    }),
  );
  return (
    <section className="rights-detail" aria-label={rights.name}>
      <div>
        <h2>
          {rights.name}:{' '}
          {lowerFirst(refusal ? `Stands in “${refusal.name}” and may not` : rights.title || 'all is settled')}{' '}
          <Link to={`/bench/${rights.id}`} className="to-bench">
            on the bench
          </Link>
        </h2>
        <p className="quiet">
          {refusal?.verdict.reasons[0] ??
            (rights.detail ||
              `${licenceWords(book, provenance.licenceId, 'name')}, ${provenance.author || 'author unknown'}${provenance.source ? `, ${provenance.source}` : ''}`)}
        </p>
      </div>
      <EvidenceCards rights={rights} />
      <ComparedLicences rights={rights} />
      <div className="finding-acts">
        {strictest && (
          <Button variant="contained" onClick={() => hold.mutate(strictest)} loading={hold.isPending}>
            Hold it as {licenceWords(book, strictest)} until they answer
          </Button>
        )}
        <Button
          variant={strictest ? 'outlined' : 'contained'}
          onClick={() => setDoing(doing === 'decide' ? null : 'decide')}
          aria-expanded={doing === 'decide'}
        >
          Decide with a reason
        </Button>
        <Button variant="outlined" onClick={() => setDoing('letter')}>
          Ask the author
        </Button>
        {mayTakeDown && (
          <Button onClick={() => setDoing('take-down')}>
            {rights.takenDown === null ? 'It was taken down' : 'It is allowed again'}
          </Button>
        )}
      </div>
      {doing === 'decide' && (
        <DecideForm
          assetIds={[rights.id]}
          provenance={provenance}
          named={rights.rights.licences.map(({ id }) => id)}
          onDone={() => setDoing(null)}
        />
      )}
      {doing === 'letter' && (
        <LetterDialog
          id={rights.id}
          projectId={rights.projects.find(({ live }) => live)?.id ?? ''}
          onClose={() => setDoing(null)}
        />
      )}
      {doing === 'take-down' && <TakeDownDialog rights={rights} onClose={() => setDoing(null)} />}
      <PageWatch assetId={rights.id} heading="h3" />
      {rights.open.some(isToReview) && <OpenLooks rights={rights} />}
      {rights.projects.length > 0 && <InProjects rights={rights} />}
      <WorksList rights={rights} />
      <div>
        <h3>The credit, as it will be printed</h3>
        <p className="sheet credit">{rights.credit}</p>
      </div>
      <ChangeList changes={rights.changes} />
    </section>
  );
}

/** What a page says now is settled where the page stands. */
const isToReview = ({ key, mark }: AssetRights['open'][number]): boolean =>
  mark === 'look' && !key.startsWith('rights:page');

/** What somebody's word settles: a licence taken after review, a contradiction that was read, a further work. */
function OpenLooks({ rights }: { rights: AssetRights }) {
  const [reason, setReason] = useState('');
  const settle = useChange(
    (key: string) =>
      call(answerFinding, {
        params: { id: rights.id },
        body: { key, answer: { kind: 'set-aside', reason: reason.trim() }, seen: null },
      }),
    { onDone: () => setReason('') },
  );
  return (
    <div>
      <h3>To review</h3>
      <ul className="lines">
        {rights.open.filter(isToReview).map(({ key, title, detail }) => (
          <li key={key}>
            <span>
              <Mark mark="look" /> {title} <span className="quiet small">{detail}</span>
            </span>
            <Button size="small" disabled={reason.trim() === '' || settle.isPending} onClick={() => settle.mutate(key)}>
              Mark as reviewed
            </Button>
          </li>
        ))}
      </ul>
      <TextField
        id="look-reason"
        placeholder="what was seen, and why it may be taken"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { 'aria-label': 'What was seen' } }}
        fullWidth
        sx={{ mt: 1 }}
      />
    </div>
  );
}

const USES: { label: string; use: Pick<IntendedUse, 'uses' | 'commercial'> }[] = [
  { label: 'paid show or film', use: { uses: ['rendered'], commercial: true } },
  { label: 'unpaid show or film', use: { uses: ['rendered'], commercial: false } },
  { label: 'inside a playable build', use: { uses: ['build'], commercial: true } },
  { label: 'the file to a client', use: { uses: ['file'], commercial: true } },
];

/** What each licence that is named would allow, side by side. */
function ComparedLicences({ rights }: { rights: AssetRights }) {
  const book = useBook();
  const licences = [...new Set([...rights.rights.licences.map(({ id }) => id), rights.provenance.licenceId])]
    .filter((id) => isExpression(id))
    .slice(0, 4);
  return (
    <table className="register">
      <thead>
        <tr>
          <th scope="col">
            <span className="visually-hidden">Use</span>
          </th>
          {licences.map((id) => (
            <th key={id} scope="col">
              {id.includes(' ') ? (
                licenceWords(book, id)
              ) : (
                <Link to={`/rights/licences/${encodeURIComponent(id)}`}>{licenceWords(book, id)}</Link>
              )}
              {id === rights.provenance.licenceId && <span className="quiet"> held</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {USES.map(({ label, use }) => (
          <tr key={label}>
            <th scope="row">{label}</th>
            {licences.map((id) => {
              const verdict = judgeUse(book, id, { ...PLAIN_USE, ...use });
              return (
                <td key={id} title={[...verdict.reasons, ...verdict.duties.map(({ text }) => text)].join(' ')}>
                  <Mark mark={VERDICT_MARKS[verdict.verdict]} />{' '}
                  {VERDICT_WORDS[verdict.verdict].replace('allowed with', 'with')}
                  {verdict.verdict !== 'allowed' && verdict.verdict !== 'allowed-with-duties' && (
                    <span className="quiet small"> {clauseOf(verdict.reasons[0])}</span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The clause a reason names, to stand in a cell: what stands between its outer brackets. */
function clauseOf(reason: string): string {
  const from = reason.search(/\((?:sections?|points?|conditions?) /);
  if (from < 0) return '';
  let depth = 0;
  for (let at = from; at < reason.length; at++) {
    if (reason[at] === '(') depth++;
    else if (reason[at] === ')' && --depth === 0) return reason.slice(from + 1, at);
  }
  return '';
}

function InProjects({ rights }: { rights: AssetRights }) {
  return (
    <div>
      <h3>Where it stands</h3>
      <ul className="lines">
        {rights.projects.map(({ id, name, live, versionNumbers, verdict }) => (
          <li key={id}>
            <span>
              <Mark mark={VERDICT_MARKS[verdict.verdict]} /> <Link to={`/projects/${id}/rights`}>{name}</Link>:{' '}
              {VERDICT_WORDS[verdict.verdict]}. <span className="quiet small">{verdict.reasons.join(' ')}</span>
            </span>
            <span className="mono quiet">
              version {versionNumbers.join(', ')}
              {live ? '' : ', ended'}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Every change of a rights field: who, when, from, to, why. */
export function ChangeList({ changes }: { changes: AssetRights['changes'] }) {
  const book = useBook();
  const [all, setAll] = useState(false);
  if (changes.length === 0) return null;
  return (
    <div>
      <h3>What was said when</h3>
      <ul className="evidence said">
        {changes.slice(0, all ? changes.length : 8).map((change, i) => (
          <li key={i}>
            <span>
              <span className="mono quiet">{formatMoment(change.at)}</span> {fieldWords(change.field)}:{' '}
              {change.before !== '' && `${valueWords(book, change.field, change.before)} → `}
              {valueWords(book, change.field, change.after)}
              {change.why !== '' && <span className="quiet"> because {change.why}</span>}
            </span>
            <span className="quiet">{change.personName}</span>
          </li>
        ))}
      </ul>
      {changes.length > 8 && !all && (
        <Button size="small" onClick={() => setAll(true)}>
          All {changes.length}
        </Button>
      )}
    </div>
  );
}
