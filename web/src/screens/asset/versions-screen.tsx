import './asset.css';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams, useSearchParams } from 'react-router';
import type { AssetPage, Version } from '@haveld/contract/api/catalogue';
import { formatSize } from '@haveld/core/placement/units';
import { compareFigures, compareSteps, type ComparedFigure } from '@haveld/core/treatment/compare-versions';
import { assetQuery, modelQuery } from '../../api/queries';
import { formatBytes, formatMapSide, formatMoment, formatThousands } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';
import { CompareView } from '../../view3d/compare-view';

/** Two versions of an asset: in one view with a wipe between them, and what differs in figures and steps. */
export function VersionsScreen() {
  const { id = '' } = useParams();
  const page = useQuery(assetQuery(id));
  if (page.isPending) return <Loading />;
  if (page.isLoadingError) return <Failure error={page.error} onRetry={() => void page.refetch()} />;
  return <Versions page={page.data} />;
}

function Versions({ page: { card, versions } }: { page: AssetPage }) {
  const [search, setSearch] = useSearchParams();
  const made = versions.filter(({ state }) => state === 'made');
  const find = (name: string): Version | undefined => made.find(({ number }) => String(number) === search.get(name));
  const to = find('to') ?? made[0];
  const from = find('from') ?? made.find((one) => one !== to);
  if (!to || !from)
    return (
      <Notice title="Only one version so far" action={<Link to={`/catalogue/${card.id}`}>Back to “{card.name}”</Link>}>
        Put something right on the bench, and the next one can be compared with it.
      </Notice>
    );
  const choose = (name: string, number: number): void => {
    const next = new URLSearchParams(search);
    next.set(name, String(number));
    setSearch(next, { replace: true });
  };
  return (
    <div className="screen">
      <div className="screen-head">
        <span className="mono quiet">{card.accession}</span>
        <h1>
          <Link to={`/catalogue/${card.id}`}>{card.name}</Link>
        </h1>
        <VersionField id="version-from" label="From" made={made} value={from} onChoose={(one) => choose('from', one)} />
        <VersionField id="version-to" label="To" made={made} value={to} onChoose={(one) => choose('to', one)} />
      </div>
      <div className="asset-body">
        <Both key={`${from.id} ${to.id}`} from={from} to={to} hasSize={card.heightM !== null} />
        <div className="asset-words">
          {from.after && to.after && (
            <ComparedFigures figures={compareFigures(from.after, to.after)} from={from} to={to} />
          )}
          <ComparedSteps from={from} to={to} />
        </div>
      </div>
    </div>
  );
}

function VersionField({
  id,
  label,
  made,
  value,
  onChoose,
}: {
  id: string;
  label: string;
  made: readonly Version[];
  value: Version;
  onChoose: (number: number) => void;
}) {
  return (
    <TextField
      id={id}
      select
      size="small"
      label={label}
      value={value.number}
      onChange={(event) => onChoose(Number(event.target.value))}
      sx={{ minWidth: 220 }}
    >
      {made.map((one) => (
        <MenuItem key={one.id} value={one.number}>
          Version {one.number}, {formatMoment(one.createdAt)}
        </MenuItem>
      ))}
    </TextField>
  );
}

function Both({ from, to, hasSize }: { from: Version; to: Version; hasSize: boolean }) {
  const [frame, setFrame] = useState(0);
  useHotkeys('f', () => setFrame((now) => now + 1));
  const [one, other] = [useQuery(modelQuery(from.modelSha256)), useQuery(modelQuery(to.modelSha256))];
  return (
    <div className="asset-view">
      <CompareView
        received={one.data ?? null}
        treated={other.data ?? null}
        failure={one.error ?? other.error}
        hasSize={hasSize}
        receivedWords={`version ${from.number}`}
        treatedWords={`version ${to.number}`}
        only={null}
        frameKey={frame}
      />
    </div>
  );
}

const FIGURE_WORDS: Record<ComparedFigure['figure'], string> = {
  size: 'size',
  triangles: 'triangles',
  polygons: 'polygons',
  vertices: 'vertices',
  materials: 'materials',
  maps: 'texture maps',
  mapsMissing: 'missing maps',
  mapSide: 'largest map',
  cardMemoryBytes: 'texture memory',
  texelDensity: 'texels per metre',
  meshes: 'meshes',
  nodes: 'nodes',
  joints: 'joints',
  clips: 'animation clips',
  box: 'box',
  lines: 'lines',
  points: 'points',
  cameras: 'cameras',
  lights: 'lights',
  emptyNodes: 'empty nodes',
};

function sayFigure(figure: ComparedFigure['figure'], value: ComparedFigure['before']): string {
  if (value === null) return '–';
  if (typeof value !== 'number') return formatSize(value as [number, number, number]);
  if (figure === 'cardMemoryBytes') return formatBytes(value);
  if (figure === 'mapSide') return value === 0 ? '–' : formatMapSide(value);
  return formatThousands(Math.round(value));
}

function ComparedFigures({ figures, from, to }: { figures: readonly ComparedFigure[]; from: Version; to: Version }) {
  const differing = figures.filter(({ isSame }) => !isSame);
  return (
    <section>
      <h2>{differing.length === 0 ? 'No figure differs' : 'What differs in figures'}</h2>
      <table className="register compared">
        <thead>
          <tr>
            <th>
              <span className="visually-hidden">Figure</span>
            </th>
            <th>version {from.number}</th>
            <th>version {to.number}</th>
          </tr>
        </thead>
        <tbody>
          {[...differing, ...figures.filter(({ isSame }) => isSame)].map(({ figure, before, after, isSame }) => (
            <tr key={figure} className={isSame ? 'quiet' : 'differs'}>
              <td>{FIGURE_WORDS[figure]}</td>
              <td className="mono">{sayFigure(figure, before)}</td>
              <td className="mono">{sayFigure(figure, after)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function ComparedSteps({ from, to }: { from: Version; to: Version }) {
  const { kept, gone, come } = compareSteps(from, to);
  const isSame = gone.length + come.length === 0;
  return (
    <section>
      <h2>{isSame ? 'The same steps' : 'What was done otherwise'}</h2>
      <ul className="lines compared-steps">
        {come.map((title, i) => (
          <li key={`come ${i}`}>
            <span>
              <strong>new</strong> {title}
            </span>
          </li>
        ))}
        {gone.map((title, i) => (
          <li key={`gone ${i}`}>
            <span>
              <strong>no more</strong> <s>{title}</s>
            </span>
          </li>
        ))}
      </ul>
      {kept.length > 0 && (
        <p className="quiet small">
          Both: {kept.join('; ')}
          {'.'}
        </p>
      )}
      <p className="quiet small">
        Version {from.number}: {from.personName}, {formatMoment(from.createdAt)}. Version {to.number}: {to.personName},{' '}
        {formatMoment(to.createdAt)}.
      </p>
    </section>
  );
}
