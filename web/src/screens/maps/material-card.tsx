import './material-card.css';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import { saveHouseMaterial, type HouseMaterial } from '@haveld/contract/api/house-materials';
import type { Box } from '@haveld/contract/report';
import type { MaterialFactors, Step } from '@haveld/contract/step';
import type { MaterialLook } from '@haveld/core/textures/materials/describe-materials';
import { MATTERS } from '@haveld/core/textures/materials/material-presets';
import { placeHouseMaterial } from '@haveld/core/textures/materials/place-house-material';
import { shadeHouseMaterial } from '@haveld/core/textures/materials/shade-house-material';
import { call } from '../../api/client';
import { houseMaterialsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { FindingRow } from '../bench/finding-row';
import type { MapRow } from './compose-map-sheet';
import { useOwnSteps } from './use-own-steps';

export interface MaterialCardProps {
  row: MapRow;
  sheet: Sheet;
  treatedBox: Box | null;
  onAnswered: () => void;
}

/** The material in hand: what is asked about it, its factors, a matter or a house material in its place. */
export function MaterialCard({ row, sheet, treatedBox, onAnswered }: MaterialCardProps) {
  const own = useOwnSteps(sheet.id);
  const { material, look } = row;
  const [open] = row.findings.filter((finding) => !finding.settled);
  const set = (factors: MaterialFactors, words: string): void =>
    own.mutate({
      about: material,
      summary: words,
      steps: [{ kind: 'set-material', schema: 1, materials: [material], factors, label: words, without: [] }],
    });
  const isOwn = sheet.steps.some(({ findingKey }) => findingKey === `own:${material}`);
  return (
    <section className="cell-card" aria-label="The material in hand">
      <header>
        <h2>{material || 'unnamed'}</h2>
        {look && (
          <span className="quiet">
            on {formatCount(look.parts.length, 'part')}, {formatCount(look.triangles, 'triangle')}
          </span>
        )}
      </header>
      {row.findings.map((finding) => (
        <FindingRow
          key={finding.key}
          finding={finding}
          sheet={sheet}
          treatedBox={treatedBox}
          isInHand={finding === (open ?? row.findings[0])}
          onHold={() => undefined}
          onAnswered={onAnswered}
        />
      ))}
      {look && <Factors key={JSON.stringify(look.factors)} look={look} onSet={set} />}
      <div className="own-acts matters" role="group" aria-label="Made of">
        <span className="quiet small">Made of</span>
        {MATTERS.map((matter) => (
          <Button key={matter.id} onClick={() => set(matter.factors, `as ${matter.label}`)} title={matter.source}>
            {matter.label}
          </Button>
        ))}
      </div>
      <HousePicker
        row={row}
        sheet={sheet}
        onTake={(steps, words) => own.mutate({ about: material, steps, summary: words })}
      />
      {look && look.parts.length > 1 && (
        <OwnCopy
          look={look}
          onTake={(step) => own.mutate({ about: `${material}:split`, steps: [step], summary: 'of its own' })}
        />
      )}
      {isOwn && <Button onClick={() => own.mutate({ about: material, steps: [], summary: '' })}>Undo my change</Button>}
    </section>
  );
}

const MODES = [
  { id: 'OPAQUE', words: 'solid' },
  { id: 'MASK', words: 'cut out' },
  { id: 'BLEND', words: 'see-through' },
] as const;

function Factors({ look, onSet }: { look: MaterialLook; onSet: (factors: MaterialFactors, words: string) => void }) {
  const [factors, setFactors] = useState(look.factors);
  const hasSurface = look.slots.metallicRoughness !== undefined;
  const figure = (name: 'roughness' | 'metallic' | 'normalStrength', words: string, most: number) => (
    <label className="factor">
      <span>{words}</span>
      <Slider
        size="small"
        min={0}
        max={most}
        step={0.01}
        value={factors[name] ?? 1}
        onChange={(_, value) => setFactors({ ...factors, [name]: value })}
        onChangeCommitted={(_, value) => onSet({ ...factors, [name]: value }, `${words} ${Number(value).toFixed(2)}`)}
        aria-label={words}
      />
      <span className="mono">{(factors[name] ?? 1).toFixed(2)}</span>
    </label>
  );
  return (
    <div className="factors">
      {figure('roughness', 'roughness', 1)}
      {figure('metallic', 'metallic', 1)}
      {look.slots.normal !== undefined &&
        figure('normalStrength', 'normals', Math.max(2, look.factors.normalStrength ?? 1))}
      {hasSurface && <p className="quiet small">They multiply what the map says.</p>}
      <div className="own-acts">
        <TextField
          id="alpha-mode"
          select
          label="Alpha"
          value={factors.alphaMode}
          onChange={(event) => {
            const alphaMode = event.target.value as MaterialLook['factors']['alphaMode'];
            onSet({ ...factors, alphaMode }, MODES.find(({ id }) => id === alphaMode)!.words);
          }}
        >
          {MODES.map(({ id, words }) => (
            <MenuItem key={id} value={id}>
              {words}
            </MenuItem>
          ))}
        </TextField>
        <FormControlLabel
          control={
            <Checkbox
              checked={factors.doubleSided}
              onChange={(event) =>
                onSet(
                  { ...factors, doubleSided: event.target.checked },
                  event.target.checked ? 'both sides shown' : 'one side shown',
                )
              }
            />
          }
          label="both sides"
        />
      </div>
    </div>
  );
}

/** The studio's own materials: one in place of the delivered one, as it is, darker or tinted. */
function HousePicker({
  row,
  sheet,
  onTake,
}: {
  row: MapRow;
  sheet: Sheet;
  onTake: (steps: Step[], words: string) => void;
}) {
  const house = useQuery(houseMaterialsQuery);
  const [chosen, setChosen] = useState('');
  const [darker, setDarker] = useState(0);
  const [tint, setTint] = useState('#ffffff');
  const material = house.data?.find(({ id }) => id === chosen);
  const take = (one: HouseMaterial): void => {
    const shaded = shadeHouseMaterial(one, { darker, tint });
    onTake(placeHouseMaterial(shaded, row.look!), `house material “${shaded.name}”`);
  };
  return (
    <div className="house-picker">
      {house.data && house.data.length > 0 && (
        <>
          <TextField
            id="house-material"
            select
            label="A house material instead"
            value={chosen}
            onChange={(event) => setChosen(event.target.value)}
          >
            {house.data.map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
          {material && row.look && (
            <div className="own-acts">
              <label className="factor">
                <span>darker</span>
                <Slider
                  size="small"
                  min={0}
                  max={0.9}
                  step={0.05}
                  value={darker}
                  onChange={(_, value) => setDarker(value as number)}
                  aria-label="darker"
                />
                <span className="mono">{Math.round(darker * 100)} %</span>
              </label>
              <label className="factor">
                <span>tint</span>
                <input type="color" value={tint} onChange={(event) => setTint(event.target.value)} aria-label="tint" />
              </label>
              <Button variant="contained" onClick={() => take(material)}>
                Put it in place
              </Button>
            </div>
          )}
        </>
      )}
      {row.look && <KeepAsHouse row={row} sheet={sheet} />}
    </div>
  );
}

function KeepAsHouse({ row, sheet }: { row: MapRow; sheet: Sheet }) {
  const [name, setName] = useState<string | null>(null);
  const save = useChange(
    (given: { name: string }) =>
      call(saveHouseMaterial, {
        body: {
          name: given.name,
          factors: row.look!.factors,
          maps: sheet.maps.flatMap(({ material, slot, sha256, path, reference }) =>
            material === row.material && sha256 ? [{ slot, sha256, path: path ?? reference }] : [],
          ),
        },
      }),
    { onDone: () => setName(null) },
  );
  if (name === null) return <Button onClick={() => setName(row.material)}>Save as a house material …</Button>;
  return (
    <form
      className="own-acts"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') save.mutate({ name: name.trim() });
      }}
    >
      <TextField
        id="house-name"
        label="Its name in the house"
        autoFocus
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" variant="contained" loading={save.isPending}>
        Save
      </Button>
      <Button onClick={() => setName(null)}>Cancel</Button>
    </form>
  );
}

/** One part may have a copy of its own, to be changed without the others. */
function OwnCopy({ look, onTake }: { look: MaterialLook; onTake: (step: Step) => void }) {
  return (
    <TextField
      id="own-copy"
      select
      label="A copy of its own for one part"
      value=""
      onChange={(event) => {
        const part = look.parts[Number(event.target.value)];
        onTake({
          kind: 'split-material',
          schema: 1,
          material: look.name,
          part,
          name: `${look.name} ${part.name}`.trim(),
        });
      }}
    >
      {look.parts.map((part, i) => (
        <MenuItem key={i} value={i}>
          {part.name || `part ${i + 1}`}
        </MenuItem>
      ))}
    </TextField>
  );
}
