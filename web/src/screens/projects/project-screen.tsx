import './projects.css';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { handOver, leaveNewer, type Project, type ProjectUse } from '@haveld/contract/api/projects';
import { bytesUrl, call } from '../../api/client';
import { projectQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';
import { Thumbnail } from '../../parts/thumbnail';
import { ProjectForm } from './project-form';
import { describeUse } from './use-words';
import { useMay } from '../../parts/use-may';

/** What a project uses, under which verdicts, and the credits it owes. */
export function ProjectScreen() {
  const { id = '' } = useParams();
  const project = useQuery(projectQuery(id));
  if (project.isPending) return <Loading />;
  if (project.isLoadingError) return <Failure error={project.error} onRetry={() => void project.refetch()} />;
  return <ProjectView project={project.data} />;
}

function ProjectView({ project }: { project: Project }) {
  const { id, name, purpose, use, handOvers, reopenings } = project;
  const packed = handOvers.filter(({ zipSha256 }) => zipSha256 !== null).length;
  const [changing, setChanging] = useState(false);
  const mayWork = useMay('artist');
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{name}</h1>
        <span className="quiet">
          {purpose}
          {!project.live && ' · ended'}
        </span>
        <span className="grow" />
        {mayWork && <Button onClick={() => setChanging(true)}>What it is for</Button>}
        <Button
          component={Link}
          to={`/catalogue?use=${use.commercial ? 'commercial' : 'non-commercial'}`}
          variant="outlined"
        >
          What may go into it
        </Button>
        <Button component={Link} to={`/projects/${id}/rights`} variant="contained">
          Rights and credits
        </Button>
      </div>
      <div className="screen-body project">
        <section>
          <h2>
            What it uses{' '}
            <span className="quiet small">
              {formatCount(new Set(handOvers.map((use) => use.assetId)).size, 'asset')}
            </span>{' '}
            {packed > 1 && (
              <Button size="small" component="a" href={`/api/projects/${id}/package.zip`}>
                Fetch all in one zip
              </Button>
            )}
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
        <section>
          <h2>What it is for</h2>
          <ul className="sheet credits">
            {describeUse(use)
              .split(' · ')
              .map((line) => (
                <li key={line}>{line}</li>
              ))}
          </ul>
          {reopenings > 0 && (
            <p className="says-look">
              <Mark mark="look" />{' '}
              <Link to={`/projects/${id}/rights`}>{formatCount(reopenings, 'change')} of rights</Link> to review
            </p>
          )}
        </section>
      </div>
      {changing && (
        <Dialog open onClose={() => setChanging(false)} aria-labelledby="project-title" fullWidth maxWidth="sm">
          <DialogTitle id="project-title" component="h2">
            What “{name}” is for
          </DialogTitle>
          <DialogContent>
            <p className="quiet small">Every verdict is asked anew when this changes.</p>
            <ProjectForm project={project} onDone={() => setChanging(false)} onCancel={() => setChanging(false)} />
          </DialogContent>
        </Dialog>
      )}
    </div>
  );
}

/** Nothing changes in a project by itself: a later version is told, and taken in the shape of the last. */
function NewerVersion({
  use: { projectId, assetId, assetName, versionNumber, format, maps },
  number,
  isLeft,
}: {
  use: ProjectUse;
  number: number;
  /** Somebody decided to stay with what there is. */
  isLeft: boolean;
}) {
  const take = useChange(() =>
    call(handOver, { params: { id: projectId }, body: { assetIds: [assetId], format, maps } }),
  );
  const leave = useChange(() => call(leaveNewer, { params: { id: projectId, assetId }, body: { number } }));
  return (
    <p className={isLeft ? 'small quiet' : 'small says-look'}>
      {isLeft ? (
        `It stays with version ${versionNumber}; version ${number} was left. `
      ) : (
        <>
          <Mark mark="look" /> Version {number} is in the catalogue.{' '}
        </>
      )}
      <Link to={`/catalogue/${assetId}/versions?from=${versionNumber}&to=${number}`}>See what differs</Link>{' '}
      <Button
        size="small"
        loading={take.isPending}
        onClick={() => take.mutate(undefined)}
        aria-label={`Take version ${number}: ${assetName}`}
      >
        Take version {number}
      </Button>
      {!isLeft && (
        <Button
          size="small"
          loading={leave.isPending}
          onClick={() => leave.mutate(undefined)}
          aria-label={`Stay with version ${versionNumber}: ${assetName}`}
        >
          Stay with version {versionNumber}
        </Button>
      )}
    </p>
  );
}

function UseRow({ use }: { use: ProjectUse }) {
  const mayWork = useMay('artist');
  const mark = VERDICT_MARKS[use.verdict.verdict];
  return (
    <article className="sheet use" aria-label={use.assetName}>
      <Thumbnail sha256={use.thumbnailSha256} name="" />
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
          <Mark mark={mark} />{' '}
          {mark !== 'holds' && <strong className={`says-${mark}`}>{VERDICT_WORDS[use.verdict.verdict]}: </strong>}
          {use.verdict.reasons.join(' ')}
        </p>
        {use.verdict.duties.length > 0 && (
          <p className="quiet small">
            {formatCount(new Set(use.verdict.duties.map(({ kind }) => kind)).size, 'obligation')}:{' '}
            <Link to={`/projects/${use.projectId}/rights`}>the rights sheet</Link>
          </p>
        )}
        {use.state === 'packed' && use.checks.length > 0 && (
          <p className="small says-holds">
            <Mark mark="holds" /> Read back after writing:{' '}
            {use.checks.map((check) => `${check.what} ${check.found}`).join(', ')}
          </p>
        )}
        {mayWork && use.newer !== null && <NewerVersion use={use} number={use.newer} isLeft={false} />}
        {mayWork && use.leftNewer !== null && <NewerVersion use={use} number={use.leftNewer} isLeft />}
        {use.state === 'failed' && (
          <p className="says-blocks">
            <Mark mark="blocks" /> {use.message}
          </p>
        )}
      </div>
      <div className="use-acts">
        {use.zipSha256 && (mayWork || mark === 'holds') ? (
          <Button
            component="a"
            variant="outlined"
            href={bytesUrl(use.zipSha256, 'zip', `${use.assetName} ${use.format}.zip`)}
            aria-label={`${use.format.toUpperCase()}, ${formatBytes(use.handedBytes ?? 0)}: fetch ${use.assetName}`}
          >
            {use.format.toUpperCase()}, {formatBytes(use.handedBytes ?? 0)}
          </Button>
        ) : (
          <span className="quiet">
            {use.state === 'packing' ? 'packing …' : use.zipSha256 ? 'not for download' : ''}
          </span>
        )}
        <span className="mono quiet">{formatBytes(use.receivedBytes)} received</span>
        <span className="mono quiet">
          {formatMoment(use.at)} · {use.personName.split(' ')[0]}
        </span>
      </div>
    </article>
  );
}
