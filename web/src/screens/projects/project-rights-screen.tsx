import './projects.css';
import './project-rights.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { settleReopening, type ProjectRights, type ProjectVerdict } from '@haveld/contract/api/projects';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../api/client';
import { projectRightsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import { ProjectCredits } from './project-credits';
import { ProjectDuties } from './project-duties';
import { describeUse } from './use-words';
import { useMay } from '../../parts/use-may';

/** A project's rights on one sheet: what it may not hold, what it owes, what has changed. Made to be printed. */
export function ProjectRightsScreen() {
  const { id = '' } = useParams();
  const rights = useQuery(projectRightsQuery(id));
  if (rights.isPending) return <Loading />;
  if (rights.isLoadingError) return <Failure error={rights.error} onRetry={() => void rights.refetch()} />;
  return <Sheet rights={rights.data} />;
}

function Sheet({ rights }: { rights: ProjectRights }) {
  const { verdicts, counts, conflicts, duties, reopened } = rights;
  const open = verdicts.filter(({ verdict }) => verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first');
  const calm = verdicts.filter((one) => !open.includes(one));
  return (
    <div className="screen project-rights">
      <div className="screen-head">
        <h1>{rights.name}: rights</h1>
        <span className="grow" />
        <Button component={Link} to={`/projects/${rights.id}`} className="no-print">
          To the project
        </Button>
        <Button variant="outlined" onClick={() => window.print()} className="no-print">
          Print it
        </Button>
      </div>
      <div className="screen-body project-rights-body">
        <div>
          <p className="quiet">{describeUse(rights.use)}</p>
          <Sums counts={counts} uses={rights.uses} />
        </div>
        {rights.uses === 0 && (
          <Notice
            title="It holds nothing yet"
            action={
              <Button component={Link} to="/catalogue" variant="outlined">
                To the catalogue
              </Button>
            }
          >
            Once assets are handed over, their verdicts, obligations and credits stand here.
          </Notice>
        )}
        {reopened.length > 0 && <Reopened rights={rights} />}
        {open.length > 0 && (
          <section>
            <h2>Not allowed in this project</h2>
            {open.map((one) => (
              <Verdict key={one.assetId} one={one} />
            ))}
          </section>
        )}
        {conflicts.length > 0 && <Conflicts conflicts={conflicts} said={rights.use.arrangement === 'merged'} />}
        {duties.length > 0 && <ProjectDuties rights={rights} />}
        {calm.length > 0 && (
          <section>
            <h2>
              Allowed{' '}
              <span className="quiet small">
                {formatCount(counts.allowed + counts['allowed-with-duties'], 'asset')}
              </span>
            </h2>
            <CalmTable verdicts={calm} />
          </section>
        )}
        {rights.uses > 0 && <ProjectCredits id={rights.id} count={rights.creditsCount} />}
        <p className="quiet small">A help to decide, not legal advice.</p>
      </div>
    </div>
  );
}

function Sums({ counts, uses }: { counts: ProjectRights['counts']; uses: number }) {
  if (uses === 0) return null;
  return (
    <p className="sums" aria-label="Verdicts">
      {(['not-allowed', 'ask-first', 'allowed-with-duties', 'allowed'] as const).map((verdict) => (
        <span key={verdict} className={counts[verdict] === 0 ? 'quiet' : ''}>
          <Mark mark={VERDICT_MARKS[verdict]} /> <span className="mono">{counts[verdict]}</span>{' '}
          {VERDICT_WORDS[verdict]}
        </span>
      ))}
    </p>
  );
}

function Verdict({ one }: { one: ProjectVerdict }) {
  const mayReview = useMay('artist');
  const book = useBook();
  return (
    <article className="sheet project-verdict" aria-label={one.name}>
      <Mark mark={VERDICT_MARKS[one.verdict.verdict]} />
      <div>
        <p>
          <Link to={`/catalogue/${one.assetId}`} className="register-name">
            {one.name}
          </Link>{' '}
          <span className="mono quiet">
            {one.accession}, version {one.versionNumber}
          </span>
        </p>
        <p>
          <strong className={`says-${VERDICT_MARKS[one.verdict.verdict]}`}>{VERDICT_WORDS[one.verdict.verdict]}</strong>
          : {one.verdict.reasons.join(' ')}
        </p>
        <p className="quiet small">
          {licenceWords(book, one.licenceId)}, {one.author || 'author unknown'}
        </p>
      </div>
      {mayReview && (
        <Button component={Link} to={`/rights?asset=${one.assetId}`} className="no-print">
          {one.verdict.question ? 'Ask the author' : 'Review it'}
        </Button>
      )}
    </article>
  );
}

function Reopened({ rights }: { rights: ProjectRights }) {
  const maySettle = useMay('curator');
  const [words, setWords] = useState<Record<number, string>>({});
  const settle = useChange(({ id, said }: { id: number; said: string }) =>
    call(settleReopening, { params: { id: rights.id, reopeningId: id }, body: { note: said } }),
  );
  return (
    <section>
      <h2>Changed since</h2>
      <ul className="lines">
        {rights.reopened.map((one) => (
          <li key={one.id}>
            <span>
              <Mark mark="look" /> <Link to={`/catalogue/${one.assetId}`}>{one.name}</Link>: {one.why}{' '}
              <span className="mono quiet">{formatMoment(one.at)}</span>
            </span>
            {maySettle && (
              <form
                className="reopened no-print"
                onSubmit={(event) => {
                  event.preventDefault();
                  settle.mutate({ id: one.id, said: words[one.id]?.trim() || 'reviewed' });
                }}
              >
                <TextField
                  id={`settle-${one.id}`}
                  placeholder="what was decided"
                  value={words[one.id] ?? ''}
                  onChange={(event) => setWords({ ...words, [one.id]: event.target.value })}
                  slotProps={{ htmlInput: { 'aria-label': `What was decided about ${one.name}` } }}
                />
                <Button type="submit" disabled={settle.isPending}>
                  Mark as reviewed
                </Button>
              </form>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Conflicts({ conflicts, said }: { conflicts: ProjectRights['conflicts']; said: boolean }) {
  const book = useBook();
  return (
    <section>
      <h2>Incompatible licences</h2>
      <p className="quiet small">
        {said
          ? 'The project makes one new work of its models.'
          : 'This counts only where the models become one new work; side by side, as in a collection, each keeps its own licence. Say which it is in the project.'}
      </p>
      <ul className="lines">
        {conflicts.map(({ a, b, ofA, ofB }) => (
          <li key={`${a}|${b}`}>
            <span>
              <Mark mark={said ? 'blocks' : 'look'} />{' '}
              {a === b || ofA.join() === ofB.join() ? (
                <>{licenceWords(book, a)}</>
              ) : (
                <>
                  {licenceWords(book, a)} ({ofA.join(', ')}) and {licenceWords(book, b)} ({ofB.join(', ')})
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function CalmTable({ verdicts }: { verdicts: ProjectVerdict[] }) {
  const book = useBook();
  return (
    <table className="register">
      <thead>
        <tr>
          <th scope="col">Asset</th>
          <th scope="col">Number</th>
          <th scope="col">Licence</th>
          <th scope="col">Author</th>
          <th scope="col">Verdict</th>
        </tr>
      </thead>
      <tbody>
        {verdicts.map((one) => (
          <tr key={one.assetId}>
            <td>
              <Link to={`/catalogue/${one.assetId}`}>{one.name}</Link>
            </td>
            <td className="mono quiet">
              {one.accession}, v{one.versionNumber}
            </td>
            <td>{licenceWords(book, one.licenceId)}</td>
            <td>{one.author || 'unknown'}</td>
            <td title={one.verdict.reasons.join(' ')}>
              <Mark mark="holds" /> {VERDICT_WORDS[one.verdict.verdict]}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
