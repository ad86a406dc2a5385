import './asset.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import type { AssetPage, Version } from '@haveld/contract/api/catalogue';
import { formatSize } from '@haveld/core/placement/units';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { PART_WORDS } from '@haveld/core/rights/judge-use';
import { licenceWords, standingOf } from '@haveld/core/rights/licence-book';
import { bytesUrl } from '../../api/client';
import { assetQuery, modelQuery } from '../../api/queries';
import { formatBytes, formatMapSide, formatMoment, formatThousands } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading } from '../../parts/notice';
import { STANDING_MARKS, VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import { useCategories } from '../../parts/use-categories';
import { useMay } from '../../parts/use-may';
import { CompareView } from '../../view3d/compare-view';
import { PickingContext, usePickingState } from '../../view3d/use-picking';
import { PageWatch } from '../pages/page-watch';
import { HandOverDialog } from '../projects/hand-over-dialog';
import { Remarks } from '../remarks/remarks';

/** Everything about one asset: itself, whose it is, what was done to it, and where it is used. */
export function AssetScreen() {
  const { id = '' } = useParams();
  const page = useQuery(assetQuery(id));
  if (page.isPending) return <Loading />;
  if (page.isLoadingError) return <Failure error={page.error} onRetry={() => void page.refetch()} />;
  return <AssetView key={id} page={page.data} />;
}

function AssetView({ page }: { page: AssetPage }) {
  const { card } = page;
  const tree = useCategories();
  const [handing, setHanding] = useState(false);
  const mayWork = useMay('artist');
  const [frame, setFrame] = useState(0);
  useHotkeys('f', () => setFrame((now) => now + 1));
  const current = page.versions.find((version) => version.state === 'made') ?? null;
  const model = useQuery(modelQuery(current?.modelSha256 ?? null));
  const picking = usePickingState();
  return (
    <PickingContext value={picking}>
      <div className="screen">
        <div className="screen-head">
          <span className="mono quiet">{card.accession}</span>
          <h1>{card.name}</h1>
          <span className="quiet small">
            {[card.category && tree.pathOf(card.category), ...page.tags].filter(Boolean).join(', ')}
          </span>
          <span className="grow" />
          {mayWork && (
            <>
              <Button component={Link} to={`/bench/${card.id}`} variant="outlined">
                On the bench
              </Button>
              <Button
                variant="contained"
                disabled={!current || page.takenDown !== null}
                onClick={() => setHanding(true)}
              >
                Hand over
              </Button>
            </>
          )}
        </div>
        <div className="asset-body">
          <div className="asset-view">
            <CompareView
              treated={model.data ?? null}
              hasSize={card.heightM !== null}
              treatedWords={current ? `version ${current.number}` : 'no version'}
              only="treated"
              frameKey={frame}
            />
          </div>
          <div className="asset-words">
            {current && <Facts page={page} version={current} />}
            <Provenance page={page} />
            {mayWork && <PageWatch assetId={card.id} heading="h2" />}
            {mayWork && <Remarks assetId={card.id} versionNumber={current?.number ?? null} mayPin={current !== null} />}
            <Uses page={page} />
            <Versions page={page} />
            {mayWork && <Originals page={page} />}
          </div>
        </div>
        {handing && (
          <HandOverDialog cards={[card]} onClose={() => setHanding(false)} onDone={() => setHanding(false)} />
        )}
      </div>
    </PickingContext>
  );
}

function Facts({ page, version }: { page: AssetPage; version: Version }) {
  const { after } = version;
  if (!after) return null;
  return (
    <dl className="facts">
      <dt>size</dt>
      <dd className="mono">
        {after.box && page.card.heightM !== null ? formatSize(boxSize(after.box)) : 'has no real size'}
      </dd>
      <dt>triangles</dt>
      <dd className="mono">
        {formatThousands(after.triangles)}{' '}
        {after.polygons < after.triangles && (
          <span className="quiet">kept as {formatThousands(after.polygons)} polygons</span>
        )}
      </dd>
      <dt>maps</dt>
      <dd className="mono">
        {after.maps} · {formatMapSide(after.mapSide)} · {(after.cardMemoryBytes / 2 ** 20).toFixed(0)} MiB on the card
      </dd>
    </dl>
  );
}

function Provenance({ page }: { page: AssetPage }) {
  const maySeeAll = useMay('artist');
  const { enqueueSnackbar } = useSnackbar();
  const book = useBook();
  const mark = STANDING_MARKS[standingOf(book, page.provenance.licenceId)];
  const copy = async (words: string): Promise<void> => {
    try {
      await navigator.clipboard.writeText(words);
      enqueueSnackbar('The credit is on the clipboard.');
    } catch (error) {
      enqueueSnackbar(`It could not be copied: ${(error as Error).message}`, { variant: 'error' });
    }
  };
  return (
    <section>
      <h2>Whose it is</h2>
      <p>
        <Mark mark={mark} /> <strong>{licenceWords(book, page.provenance.licenceId, 'name')}</strong>,{' '}
        {page.provenance.author || 'author unknown'}
        {page.provenance.pageUrl && (
          <>
            {', '}
            <a href={page.provenance.pageUrl} rel="noreferrer noopener" target="_blank">
              {page.provenance.source || page.provenance.pageUrl}
            </a>
          </>
        )}
      </p>
      {page.takenDown !== null && (
        <p className="says-blocks">
          <Mark mark="blocks" /> Taken down: {page.takenDown}
        </p>
      )}
      {page.further.map((work) => (
        <p key={work.id} className="small">
          <Mark mark={STANDING_MARKS[standingOf(book, work.licenceId)]} /> {PART_WORDS[work.part]}:{' '}
          {licenceWords(book, work.licenceId)}, {work.author || 'author unknown'}
          {work.lender && (
            <>
              , borrowed from{' '}
              <Link to={`/catalogue/${work.lender.id}`}>{`${work.lender.accession} ${work.lender.name}`}</Link>
            </>
          )}
        </p>
      ))}
      {page.duties.map((duty) => (
        <p key={duty.text} className="quiet small">
          Asked in return: {duty.text}
        </p>
      ))}
      {page.evidence.slice(0, 3).map((evidence, i) => (
        <p key={i} className="small">
          <span className="mono quiet">
            {evidence.file?.split('/').pop()}
            {evidence.line ? `, line ${evidence.line}` : ''}
          </span>{' '}
          “{evidence.passage}” <span className="quiet">{evidence.figure}</span>
        </p>
      ))}
      <h3>The credit, as it will be printed</h3>
      <p className="sheet credit">{page.credit}</p>
      <Button size="small" onClick={() => void copy(page.credit)}>
        Copy it
      </Button>
      <Button size="small" onClick={() => void copy(page.shortCredit)}>
        Copy the short form
      </Button>
      {maySeeAll && (
        <Button size="small" component={Link} to={`/rights?asset=${page.card.id}`}>
          All about its rights
        </Button>
      )}
    </section>
  );
}

function Uses({ page }: { page: AssetPage }) {
  return (
    <section>
      <h2>Where it is used</h2>
      {page.uses.length === 0 && <p className="quiet">In no project yet.</p>}
      <ul className="lines">
        {page.uses.map((use) => (
          <li key={use.handOverId}>
            <span>
              <Link to={`/projects/${use.projectId}`}>{use.projectName}</Link> version {use.versionNumber},{' '}
              {use.format.toUpperCase()}
              {VERDICT_MARKS[use.verdict.verdict] !== 'holds' && (
                <span className={`says-${VERDICT_MARKS[use.verdict.verdict]}`}>
                  {' '}
                  <Mark mark={VERDICT_MARKS[use.verdict.verdict]} /> {VERDICT_WORDS[use.verdict.verdict]}:{' '}
                  {use.verdict.reasons[0]}
                </span>
              )}
            </span>
            <span className="mono quiet">
              {use.handedBytes === null
                ? use.state
                : `${formatBytes(use.receivedBytes)} received → ${formatBytes(use.handedBytes)} handed over`}{' '}
              · {formatMoment(use.at)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Versions({ page }: { page: AssetPage }) {
  return (
    <section>
      <h2>What was done to it</h2>
      {page.versions.filter(({ state }) => state === 'made').length > 1 && (
        <p className="small">
          <Link to={`/catalogue/${page.card.id}/versions`}>Compare versions</Link>
        </p>
      )}
      {page.versions.map((version) => (
        <details key={version.id} open={version === page.versions[0]} className="version">
          <summary>
            Version {version.number}{' '}
            <span className="quiet small">
              {formatMoment(version.createdAt)}, {version.personName}
              {version.state !== 'made' ? `, ${version.state}: ${version.message ?? ''}` : ''}
            </span>
          </summary>
          <ol>
            {version.outcomes.map((outcome, i) => (
              <li key={i}>
                {outcome.title} <span className="quiet small">{outcome.changed}</span>
              </li>
            ))}
            {version.outcomes.length === 0 && <li className="quiet">Nothing: it is as it came.</li>}
          </ol>
          {version.before && version.after && (
            <p className="mono quiet">
              {version.before.nodes} → {version.after.nodes} nodes · {formatThousands(version.before.triangles)} →{' '}
              {formatThousands(version.after.triangles)} triangles · {version.before.maps} → {version.after.maps} maps
            </p>
          )}
          {version.checks.length > 0 && (
            <p className="small says-holds">
              <Mark mark="holds" /> Valid glTF 2.0, read back and compared:{' '}
              {version.checks.map((check) => check.what).join(', ')}.
            </p>
          )}
        </details>
      ))}
    </section>
  );
}

function Originals({ page }: { page: AssetPage }) {
  return (
    <section>
      <h2>As it arrived</h2>
      <p className="quiet small">from “{page.arrivalName}”, byte for byte</p>
      <ul className="lines">
        {page.originals.map((file) => (
          <li key={file.path}>
            {/\.x?html?$/i.test(file.path) ? (
              <Link className="mono" to={`/kept-pages/${file.sha256}`}>
                {shortPath(file.path)}
              </Link>
            ) : (
              <a className="mono" href={bytesUrl(file.sha256, 'file', file.path.split('/').pop())}>
                {shortPath(file.path)}
              </a>
            )}
            <span className="mono quiet">
              {file.role} · {formatBytes(file.sizeBytes)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Without the archive it came in. */
const shortPath = (path: string): string => path.split('/').slice(1).join('/') || path;
