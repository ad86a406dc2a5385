import '../bench.css';
import './kit-bench.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  answerForPieces,
  takeSureForPieces,
  type KitBench,
  type KitFinding,
  type KitGroup,
} from '@haveld/contract/api/kits';
import { HEADINGS } from '@haveld/contract/heading';
import { call } from '../../../api/client';
import { kitBenchQuery } from '../../../api/queries';
import { useChange } from '../../../api/use-change';
import { formatCount } from '../../../parts/format';
import { Mark } from '../../../parts/mark';
import { Failure, Loading } from '../../../parts/notice';
import { Thumbnail } from '../../../parts/thumbnail';
import { useMeasures } from '../../../parts/use-measures';
import { KitCatalogueDialog } from './kit-catalogue-dialog';
import { KitMeasures } from './kit-measures';
import { KitRights } from './kit-rights';

/** A kit on the bench, one job however many pieces: what is alike is answered at once, what differs stands out. */
export function KitBenchScreen() {
  const { id = '' } = useParams();
  const kit = useQuery(kitBenchQuery(id));
  if (kit.isPending) return <Loading />;
  if (kit.isLoadingError) return <Failure error={kit.error} onRetry={() => void kit.refetch()} />;
  return <KitBenchView key={id} kit={kit.data} />;
}

const HEADING_WORDS: Record<(typeof HEADINGS)[number], string> = {
  rights: 'Rights',
  textures: 'Textures',
  'size-and-orientation': 'Size & stance',
  structure: 'Structure',
  geometry: 'Geometry',
};

function KitBenchView({ kit }: { kit: KitBench }) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [cataloguing, setCataloguing] = useState(false);
  const scope = chosen.size > 0 ? kit.assets.filter(({ id }) => chosen.has(id)) : kit.assets;
  const ids = scope.map(({ id }) => id);
  const sure = scope.reduce((sum, asset) => sum + asset.sure, 0);
  const takeSure = useChange(() => call(takeSureForPieces, { params: { id: kit.id }, body: { assetIds: ids } }));
  const toggle = (id: string): void =>
    setChosen((now) => (now.has(id) ? new Set([...now].filter((one) => one !== id)) : new Set([...now, id])));
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{kit.name}</h1>
        <span className="quiet">
          {formatCount(kit.assets.length, 'piece')} on the bench, from “{kit.arrivalName}”
        </span>
        <span className="grow" />
        <Button component={Link} to={`/kits/${kit.id}`}>
          Contact sheet
        </Button>
        {sure > 0 && (
          <Button variant="contained" loading={takeSure.isPending} onClick={() => takeSure.mutate(undefined)}>
            Take {formatCount(sure, 'sure proposal')} of {formatCount(scope.length, 'piece')}
          </Button>
        )}
        <Button variant={sure > 0 ? 'outlined' : 'contained'} onClick={() => setCataloguing(true)}>
          Catalogue {formatCount(scope.length, 'piece')}
        </Button>
      </div>
      <div className="screen-body kit-bench">
        <section aria-label="Condition over all pieces" className="kit-findings">
          <KitRights kit={kit} />
          <KitMeasures kit={kit} onChoose={(some) => setChosen(new Set(some))} />
          {HEADINGS.map((heading) => {
            const findings = kit.findings.filter((finding) => finding.heading === heading);
            if (findings.length === 0) return null;
            return (
              <div key={heading}>
                <h2>{HEADING_WORDS[heading]}</h2>
                {findings.map((finding) => (
                  <FindingOverPieces
                    key={finding.key}
                    kit={kit}
                    finding={finding}
                    chosen={chosen}
                    onChoose={(some) => setChosen(new Set(some))}
                  />
                ))}
              </div>
            );
          })}
          {kit.findings.length === 0 && <p className="quiet">Nothing is open on any piece.</p>}
        </section>
        <PieceList kit={kit} chosen={chosen} onToggle={toggle} onClear={() => setChosen(new Set())} />
      </div>
      {cataloguing && <KitCatalogueDialog kit={kit} assetIds={ids} onClose={() => setCataloguing(false)} />}
    </div>
  );
}

function FindingOverPieces({
  kit,
  finding,
  chosen,
  onChoose,
}: {
  kit: KitBench;
  finding: KitFinding;
  chosen: ReadonlySet<string>;
  onChoose: (ids: string[]) => void;
}) {
  return (
    <article className="sheet kit-finding" aria-label={finding.title}>
      <h3>{finding.title}</h3>
      <ul>
        {finding.groups.map((group, i) => (
          <GroupLine
            key={`${group.label} ${String(group.settled)}`}
            kit={kit}
            findingKey={finding.key}
            group={group}
            isOdd={i > 0 && !group.settled}
            chosen={chosen}
            onChoose={onChoose}
          />
        ))}
      </ul>
    </article>
  );
}

const NAMES_SHOWN = 4;

function GroupLine({
  kit,
  findingKey,
  group,
  isOdd,
  chosen,
  onChoose,
}: {
  kit: KitBench;
  findingKey: string;
  group: KitGroup;
  isOdd: boolean;
  chosen: ReadonlySet<string>;
  onChoose: (ids: string[]) => void;
}) {
  const { enqueueSnackbar } = useSnackbar();
  const { say } = useMeasures();
  const own = chosen.size > 0 ? group.assetIds.filter((id) => chosen.has(id)) : group.assetIds;
  const answer = useChange(
    (choiceId: string | null) =>
      call(answerForPieces, { params: { id: kit.id }, body: { key: findingKey, choiceId, assetIds: own } }),
    {
      onDone: ({ answered }) => {
        if (answered < own.length)
          enqueueSnackbar(`${own.length - answered} of them do not offer this answer.`, { variant: 'warning' });
      },
    },
  );
  const names = group.assetIds.map((id) => kit.assets.find((asset) => asset.id === id)?.name ?? '');
  return (
    <li className={isOdd ? 'odd' : group.settled ? 'quiet' : ''}>
      <Mark mark={group.settled ? 'holds' : group.mark} />
      <button
        type="button"
        className="kit-count mono"
        onClick={() => onChoose(group.assetIds)}
        aria-label={`Choose the ${group.assetIds.length} pieces: ${group.label}`}
      >
        {group.assetIds.length}
      </button>
      <span className="kit-group-words">
        {say(group.label)}
        {group.sure && <span className="says-holds small"> sure</span>}
        {(isOdd || group.settled) && (
          <span className="quiet small">
            {' '}
            {names.slice(0, NAMES_SHOWN).join(', ')}
            {names.length > NAMES_SHOWN && ` and ${names.length - NAMES_SHOWN} more`}
          </span>
        )}
      </span>
      {!group.settled && group.choiceId !== null && own.length > 0 && (
        <Button
          size="small"
          variant="outlined"
          loading={answer.isPending}
          onClick={() => answer.mutate(group.choiceId)}
          aria-label={`Take for ${own.length === 1 ? 'it' : `all ${own.length}`}: ${group.label}`}
        >
          Take for {own.length === 1 ? 'it' : `all ${own.length}`}
        </Button>
      )}
      {group.answered && own.length > 0 && (
        <Button
          size="small"
          onClick={() => answer.mutate(null)}
          aria-label={`Take back for ${own.length}: ${group.label}`}
        >
          Take back
        </Button>
      )}
    </li>
  );
}

function PieceList({
  kit,
  chosen,
  onToggle,
  onClear,
}: {
  kit: KitBench;
  chosen: ReadonlySet<string>;
  onToggle: (id: string) => void;
  onClear: () => void;
}) {
  return (
    <aside className="kit-pieces" aria-label="Pieces">
      <p className="kit-pieces-head">
        <strong>{chosen.size === 0 ? 'All pieces' : `${formatCount(chosen.size, 'piece')} chosen`}</strong>
        {chosen.size > 0 && (
          <Button size="small" onClick={onClear}>
            All pieces
          </Button>
        )}
        <span className="quiet small">
          {chosen.size === 0
            ? 'what you take counts for all; choose some to narrow it'
            : 'what you take counts for these'}
        </span>
      </p>
      <ul>
        {kit.assets.map((asset) => (
          <li key={asset.id} className={chosen.has(asset.id) ? 'chosen' : ''}>
            <button
              type="button"
              aria-pressed={chosen.has(asset.id)}
              onClick={() => onToggle(asset.id)}
              aria-label={`Choose ${asset.name}`}
            >
              <Thumbnail sha256={asset.thumbnailSha256} name="" />
            </button>
            <span className="kit-piece-words">
              <Link to={`/${asset.state === 'catalogued' ? 'catalogue' : 'bench'}/${asset.id}`}>{asset.name}</Link>
              <span className="mono quiet">{asset.accession}</span>
            </span>
            <span className="small quiet">
              {asset.busy
                ? 'making …'
                : asset.state === 'catalogued'
                  ? 'catalogued'
                  : asset.open === 0
                    ? 'nothing open'
                    : `${asset.open} open`}
            </span>
          </li>
        ))}
      </ul>
    </aside>
  );
}
