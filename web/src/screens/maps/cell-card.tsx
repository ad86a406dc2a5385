import './cell-card.css';
import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Sheet } from '@haveld/contract/api/bench';
import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { ROLES } from '@haveld/core/textures/roles';
import { SLOTS } from '@haveld/core/textures/slots';
import { bytesUrl } from '../../api/client';
import { useTreatedPicture } from '../../view3d/use-treated';
import { FindingRow } from '../bench/finding-row';
import { chooseSlot, type MapCell } from './compose-map-sheet';
import { HeightDepth } from './height-depth';
import { PictureView } from './picture-view';
import { useOwnSteps } from './use-own-steps';

export interface CellCardProps {
  cell: MapCell;
  sheet: Sheet;
  treatedBox: Box | null;
  size: { width: number; height: number } | null;
  onAnswered: () => void;
}

/** The map in hand: the picture, what it is and why, what is asked about it, and what else can be done with it. */
export function CellCard({ cell, sheet, treatedBox, size, onAnswered }: CellCardProps) {
  const { material, column, lines, judged } = cell;
  const shown = useTreatedPicture(cell.pictureKey);
  const [open] = cell.findings.filter((finding) => !finding.settled);
  // what is proposed is what is looked at, not what lay nearest
  const offered = open?.choices.map(({ id }) => id).find((id) => /^[0-9a-f]{64}$/.test(id));
  const line = lines[0];
  const source = shown.data ?? pictureOf(sheet, cell.pictureKey ? null : (offered ?? line?.sha256 ?? null));
  const name = line?.path?.split('/').pop() ?? line?.reference ?? '';
  return (
    <section className="cell-card" aria-label="The map in hand">
      <header>
        <h2>{column.label}</h2>
        <span className="quiet">of “{material}”</span>
      </header>
      <div className="cell-seen">
        {source ? (
          <PictureView
            source={source}
            id={typeof source === 'string' ? source : cell.pictureKey!}
            name={name || column.label}
          />
        ) : (
          <p className="picture-none">
            {line ? `${name} is not here.` : 'No map. The factors of the material count alone.'}
          </p>
        )}
        <dl className="cell-facts">
          {name !== '' && <Fact label="file" value={name} />}
          {size && size.width > 0 && <Fact label="size" value={`${size.width} × ${size.height}`} />}
          {line?.picture && (
            <Fact
              label="kept as"
              value={`${line.picture.kind.toUpperCase()}, ${line.picture.channels} × ${line.picture.bits} bit`}
            />
          )}
          {judged && (
            <Fact label="is" value={`${ROLES[judged.role].label}, ${Math.round(judged.confidence * 100)} %`} />
          )}
          {line && (
            <Fact
              label="read as"
              value={SLOTS[line.slot].colourSpace === 'srgb' ? 'colours, sRGB' : 'figures, linear'}
            />
          )}
          {cell.pictureKey && column.id === 'surface' && (
            <Fact label="holds" value="roughness in green, metallic in blue" />
          )}
          {judged?.green && <Fact label="green" value={`points ${judged.green}`} />}
          {line?.picture?.notes.map((note) => (
            <Fact key={note} label="note" value={note} />
          ))}
        </dl>
      </div>
      {cell.findings.map((finding) => (
        <FindingRow
          key={finding.key}
          finding={finding}
          sheet={sheet}
          treatedBox={treatedBox}
          isInHand={finding === (open ?? cell.findings[0])}
          onHold={() => undefined}
          onAnswered={onAnswered}
        />
      ))}
      {judged && cell.findings.length === 0 && (
        <ul className="evidence">
          {judged.evidence.map(({ text, figure }) => (
            <li key={text}>
              <span>{text}</span>
              {figure && <span className="mono">{figure}</span>}
            </li>
          ))}
        </ul>
      )}
      {(column.id === 'normal' || column.id === 'further') && <HeightDepth material={material} sheet={sheet} />}
      <OwnChoice cell={cell} sheet={sheet} />
    </section>
  );
}

function Fact({ label, value }: { label: string; value: string }) {
  return (
    <>
      <dt>{label}</dt>
      <dd>{value}</dd>
    </>
  );
}

/** Where a browser gets a picture of the sheet that the treated model does not show. */
function pictureOf(sheet: Sheet, sha256: string | null): string | null {
  if (!sha256) return null;
  const known = [...sheet.maps, ...sheet.unused].find((one) => one.sha256 === sha256);
  return bytesUrl(known?.picture?.shownSha256 ?? sha256, 'png');
}

interface Other {
  sha256: string;
  path: string;
  role: keyof typeof ROLES | undefined;
  group: string;
}

/** Another picture for this place, or none; green or values turned over by hand. */
function OwnChoice({ cell, sheet }: { cell: MapCell; sheet: Sheet }) {
  const own = useOwnSteps(sheet.id);
  const { material, column } = cell;
  const [question] = cell.findings.filter(({ kind }) => kind === 'map' || kind === 'offer');
  const others: Other[] = [
    ...sheet.unused.map((unused) => ({
      sha256: unused.sha256,
      path: unused.path,
      role: unused.judged?.role,
      group: 'unused',
    })),
    ...sheet.maps.flatMap((map) =>
      map.sha256 && (map.path ?? map.reference)
        ? [{ sha256: map.sha256, path: map.path ?? map.reference, role: map.judged?.role, group: 'of other places' }]
        : [],
    ),
  ].filter((one, i, all) => all.findIndex(({ sha256 }) => sha256 === one.sha256) === i);
  const slot = cell.lines[0]?.slot ?? column.slots[0];
  const about = `${material}:${column.id}`;
  const take = (sha256: string): void => {
    const other = others.find((one) => one.sha256 === sha256);
    if (!other) return;
    const step: Step = {
      kind: 'relink-map',
      schema: 1,
      material,
      slot: question ? slot : chooseSlot(column, other.role),
      sha256,
      path: other.path,
    };
    own.mutate({ about, steps: [step], summary: other.path.split('/').pop()!, finding: question });
  };
  const leaveOut = (): void =>
    own.mutate({
      about,
      steps: [{ kind: 'unlink-map', schema: 1, material, slot }],
      summary: 'goes without',
      finding: question,
    });
  const turn = (): void =>
    own.mutate({
      about: `${about}:turned`,
      steps: [
        {
          kind: 'change-map',
          schema: 1,
          materials: [material],
          slot: column.id === 'surface' ? 'roughness' : slot,
          change: column.id === 'normal' ? 'flip-green' : 'invert',
        },
      ],
      summary: 'inverted',
    });
  const canTurn = cell.pictureKey !== null && (column.id === 'normal' || column.id === 'surface');
  const isOwn = sheet.steps.some(({ findingKey }) => findingKey?.startsWith(`own:${about}`));
  useHotkeys('x', () => (cell.pictureKey ? leaveOut() : undefined));
  useHotkeys('i', () => (canTurn ? turn() : undefined));
  useHotkeys('m', (event) => {
    event.preventDefault();
    document.getElementById('other-picture')?.focus();
  });
  return (
    <div className="own-choice">
      {others.length > 0 && (
        <TextField
          id="other-picture"
          select
          label="Another picture (m)"
          value=""
          onChange={(event) => take(event.target.value)}
          slotProps={{ select: { displayEmpty: true } }}
        >
          {[...new Set(others.map(({ group }) => group))].flatMap((group) => [
            <ListSubheader key={group}>{group}</ListSubheader>,
            ...others
              .filter((one) => one.group === group)
              .map((one) => (
                <MenuItem key={one.sha256} value={one.sha256}>
                  {one.path.split('/').pop()}
                  {one.role ? `, ${ROLES[one.role].label}` : ''}
                </MenuItem>
              )),
          ])}
        </TextField>
      )}
      <div className="own-acts">
        {canTurn && (
          <Button onClick={turn} title="i">
            {column.id === 'normal' ? 'Invert green' : 'Invert roughness'}
          </Button>
        )}
        {cell.pictureKey && (
          <Button onClick={leaveOut} title="x">
            Leave it out
          </Button>
        )}
        {isOwn && (
          <Button
            onClick={() => {
              own.mutate({ about, steps: [], summary: '' });
              own.mutate({ about: `${about}:turned`, steps: [], summary: '' });
            }}
          >
            Undo my change
          </Button>
        )}
      </div>
    </div>
  );
}
