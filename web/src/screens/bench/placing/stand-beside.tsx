import './stand-beside.css';
import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { takePlace, type Sheet, type StandInAsset } from '@haveld/contract/api/bench';
import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { planPlaceTaking } from '@haveld/core/placement/take-place';
import { formatSize } from '@haveld/core/placement/units';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { bytesUrl, call } from '../../../api/client';
import { standInsQuery } from '../../../api/queries';
import { useChange } from '../../../api/use-change';
import { STAND_IN_WORDS } from '../../../view3d/stage/stand-ins';
import { useBeside } from '../../../view3d/use-beside';
import { useAnswer } from '../use-answer';

const KINDS = ['person', 'cube', 'door'] as const;

/** Sizes on the slider, as powers of ten. */
const REACH = 3;

/** The model beside a thing of known size: its size by eye, or the place of an asset of the library. */
export function StandBeside({
  sheet,
  treatedBox,
  onAnswered,
}: {
  sheet: Sheet;
  treatedBox: Box | null;
  onAnswered: () => void;
}) {
  const beside = useBeside();
  const [asset, setAsset] = useState<StandInAsset | null>(null);
  const [words, setWords] = useState('');
  const answer = useAnswer(sheet.id, onAnswered);
  const found = useQuery({ ...standInsQuery(sheet.id, words), placeholderData: keepPreviousData });
  const place = useChange(
    (body: { assetId: string | null; answers: PlaceAnswers }) => call(takePlace, { params: { id: sheet.id }, body }),
    { onDone: onAnswered },
  );
  // nothing is left standing in the view once the finding is closed
  const { stand, show } = beside;
  useEffect(
    () => () => {
      stand(null);
      show(1);
    },
    [stand, show],
  );
  const [problem, setProblem] = useState<string | null>(null);
  const stop = (): void => {
    beside.stand(null);
    beside.show(1);
    setAsset(null);
  };
  const choose = async (next: StandInAsset | null): Promise<void> => {
    setAsset(next);
    setProblem(null);
    beside.show(1);
    if (!next) return beside.stand(null);
    try {
      const answered = await fetch(bytesUrl(next.modelSha256, 'glb'));
      if (!answered.ok) throw new Error('its file is not there');
      beside.stand({ kind: 'asset', label: next.name, glb: await answered.arrayBuffer() });
    } catch (error) {
      setProblem(`${next.name} cannot be shown: ${(error as Error).message}.`);
    }
  };
  const takeBySight = (): void => {
    if (!treatedBox) return;
    const before = sheet.steps.find((row) => row.enabled && row.step.kind === 'scale')?.step;
    const factor = beside.preview * (before?.kind === 'scale' ? before.factor : 1);
    const now = boxSize(treatedBox);
    const next = now.map((side) => side * beside.preview) as [number, number, number];
    answer.mutate({
      key: 'size',
      answer: {
        kind: 'own',
        summary: 'by eye, beside a thing of known size',
        steps: [{ kind: 'scale', schema: 1, factor, label: `${formatSize(now)} → ${formatSize(next)}` }],
      },
    });
    stop();
  };
  const plan = asset && treatedBox && planPlaceTaking(treatedBox, asset.box);
  const size = treatedBox && boxSize(treatedBox).map((side) => side * beside.preview);
  return (
    <div className="stand-beside">
      <div className="finding-acts" role="group" aria-label="Stand it beside">
        <span className="quiet small">Beside a</span>
        {KINDS.map((kind) => (
          <Button
            key={kind}
            size="small"
            variant={beside.thing?.kind === kind ? 'contained' : 'outlined'}
            aria-pressed={beside.thing?.kind === kind}
            onClick={() => {
              setAsset(null);
              beside.stand(beside.thing?.kind === kind ? null : { kind });
            }}
          >
            {STAND_IN_WORDS[kind]}
          </Button>
        ))}
      </div>
      <Autocomplete
        size="small"
        options={found.data ?? []}
        value={asset}
        inputValue={words}
        onInputChange={(_, next) => setWords(next)}
        onChange={(_, next) => void choose(next)}
        filterOptions={(all) => all}
        getOptionKey={({ id }) => id}
        getOptionLabel={({ accession, name }) => `${accession} ${name}`}
        groupBy={({ isSimilar }) => (isSimilar ? 'things of its kind' : 'others')}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        noOptionsText="No catalogued asset of a real size has such a name."
        renderInput={(params) => <TextField {...params} label="or beside an asset of the library" />}
      />
      {problem && (
        <p className="says-blocks small" role="alert">
          {problem}
        </p>
      )}
      {beside.thing && size && (
        <div className="beside-scale">
          <Slider
            size="small"
            min={-REACH}
            max={REACH}
            step={0.005}
            shiftStep={0.05}
            value={Math.log10(beside.preview)}
            onChange={(_, power) => beside.show(10 ** power)}
            aria-label="How large it is shown"
            getAriaValueText={() => formatSize(size as [number, number, number])}
          />
          <span className="mono small">{formatSize(size as [number, number, number])}</span>
          <Button
            size="small"
            variant="outlined"
            disabled={Math.abs(beside.preview - 1) < 1e-9}
            loading={answer.isPending}
            onClick={takeBySight}
          >
            Take × {Number(beside.preview.toPrecision(3))}
          </Button>
          <Button size="small" onClick={stop}>
            Remove it
          </Button>
        </div>
      )}
      {asset && plan && (
        <div className="beside-place">
          <p className="small">
            In the place of <strong>{asset.name}</strong>: {describePlan(plan)}
          </p>
          <Button
            size="small"
            variant="contained"
            loading={place.isPending}
            onClick={() => {
              place.mutate({ assetId: asset.id, answers: listPlaceAnswers(sheet, plan) });
              stop();
            }}
          >
            Take its place
          </Button>
        </div>
      )}
      {sheet.standsFor && (
        <p className="small">
          It takes the place of {sheet.standsFor.accession} {sheet.standsFor.name}, and is handed over under its name.{' '}
          <Button size="small" loading={place.isPending} onClick={() => place.mutate({ assetId: null, answers: {} })}>
            Give it back
          </Button>
        </p>
      )}
    </div>
  );
}

type Plan = NonNullable<ReturnType<typeof planPlaceTaking>>;

function describePlan({ factor, degrees, differs }: Plan): string {
  const sides = (['width', 'height', 'depth'] as const).flatMap((side) => {
    const off = differs[side];
    return off === null || Math.abs(off) < 0.005
      ? []
      : `${side} ${off > 0 ? '+' : '−'}${Math.round(Math.abs(off) * 100)} %`;
  });
  const turned = degrees === null ? '' : ', turned a quarter';
  return `× ${Number(factor.toPrecision(4))}${turned}, its pivot where that one has it. ${sides.length > 0 ? `Then it differs: ${sides.join(', ')}.` : 'Then its sides are the same.'}`;
}

type PlaceAnswers = Partial<Record<'size' | 'front-axis' | 'pivot', Step[]>>;

/** What a plan comes to on top of what is taken already. */
function listPlaceAnswers(sheet: Sheet, { factor, degrees, point }: Plan): PlaceAnswers {
  const taken = sheet.steps.filter((row) => row.enabled).map((row) => row.step);
  const scale = taken.find((step) => step.kind === 'scale');
  const faced = taken.find((step) => step.kind === 'set-front-axis');
  const turned = ((faced?.kind === 'set-front-axis' ? faced.degrees : 0) + (degrees ?? 0) + 360) % 360;
  return {
    size: [
      {
        kind: 'scale',
        schema: 1,
        factor: factor * (scale?.kind === 'scale' ? scale.factor : 1),
        label: 'as large as the one whose place it takes',
      },
    ],
    ...(degrees !== null && turned !== 0
      ? {
          'front-axis': [
            {
              kind: 'set-front-axis' as const,
              schema: 1 as const,
              degrees: turned === 270 ? -90 : (turned as 90 | 180),
            },
          ],
        }
      : {}),
    pivot: [{ kind: 'set-pivot', schema: 1, at: 'point', onGround: false, point }],
  };
}
