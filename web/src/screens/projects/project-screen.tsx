import './projects.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { ProjectUse } from '@haveld/contract/projects';
import { bytesUrl } from '../../api/client';
import { projectQuery } from '../../api/queries';
import { formatBytes, formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { Portrait } from '../../parts/portrait';

/** What a project uses, under which verdicts, and the credits it owes. */
export function ProjectScreen() {
  const { id = '' } = useParams();
  const project = useQuery(projectQuery(id));
  if (project.isPending) return <Loading />;
  if (project.error) return <Failure error={project.error} onRetry={() => void project.refetch()} />;
  const { name, purpose, commercial, handOvers, credits } = project.data;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{name}</h1>
        <span className="quiet">
          {purpose} · {commercial ? 'earns money' : 'not commercial'}
        </span>
        <span className="grow" />
        <Button
          component={Link}
          to={`/catalogue?use=${commercial ? 'commercial' : 'non-commercial'}`}
          variant="outlined"
        >
          What may go into it
        </Button>
      </div>
      <div className="screen-body project">
        <section>
          <h2>
            What it uses{' '}
            <span className="quiet small">
              {formatCount(new Set(handOvers.map((use) => use.assetId)).size, 'asset')}
            </span>
          </h2>
          {handOvers.length === 0 && (
            <Notice
              title="Nothing yet"
              action={
                <Button component={Link} to="/catalogue" variant="outlined">
                  To the catalogue
                </Button>
              }
            >
              Choose assets in the catalogue and hand them over; each use is written down here with the version it took.
            </Notice>
          )}
          {handOvers.map((use) => (
            <UseRow key={use.handOverId} use={use} />
          ))}
        </section>
        <section className="project-credits">
          <h2>Credits it owes</h2>
          {credits === '' ? (
            <p className="quiet">None yet.</p>
          ) : (
            <>
              <ul className="sheet credits">
                {credits.split('\n').map((credit) => (
                  <li key={credit}>{credit}</li>
                ))}
              </ul>
              <Button
                component="a"
                variant="outlined"
                href={`data:text/plain;charset=utf-8,${encodeURIComponent(`${credits}\n`)}`}
                download={`${name} credits.txt`}
              >
                Credits as a file
              </Button>
            </>
          )}
        </section>
      </div>
    </div>
  );
}

function UseRow({ use }: { use: ProjectUse }) {
  const mark = use.verdict.verdict === 'allowed' || use.verdict.verdict === 'allowed-with-duties' ? 'holds' : 'blocks';
  return (
    <article className="sheet use" aria-label={use.assetName}>
      <Portrait sha256={use.portraitSha256} name="" />
      <div className="use-words">
        <p>
          <Link to={`/catalogue/${use.assetId}`} className="register-name">
            {use.assetName}
          </Link>{' '}
          <span className="mono quiet">
            {use.accession}, version {use.versionNumber}
          </span>
        </p>
        <p className="small">
          <Mark mark={mark} /> {use.verdict.reasons.join(' ')}
        </p>
        {use.verdict.duties.map((duty) => (
          <p key={duty} className="quiet small">
            Duty: {duty}
          </p>
        ))}
        {use.state === 'packed' && use.checks.length > 0 && (
          <p className="small says-holds">
            <Mark mark="holds" /> Read back after writing:{' '}
            {use.checks.map((check) => `${check.what} ${check.found}`).join(', ')}
          </p>
        )}
        {use.state === 'failed' && (
          <p className="says-blocks">
            <Mark mark="blocks" /> {use.message}
          </p>
        )}
      </div>
      <div className="use-acts">
        {use.zipSha256 ? (
          <Button
            component="a"
            variant="outlined"
            href={bytesUrl(use.zipSha256, 'zip', `${use.assetName} ${use.format}.zip`)}
            aria-label={`${use.format.toUpperCase()}, ${formatBytes(use.handedBytes ?? 0)}: fetch ${use.assetName}`}
          >
            {use.format.toUpperCase()}, {formatBytes(use.handedBytes ?? 0)}
          </Button>
        ) : (
          <span className="quiet">{use.state === 'packing' ? 'packing …' : ''}</span>
        )}
        <span className="mono quiet">{formatBytes(use.receivedBytes)} received</span>
        <span className="mono quiet">
          {formatMoment(use.at)} · {use.personName.split(' ')[0]}
        </span>
      </div>
    </article>
  );
}
