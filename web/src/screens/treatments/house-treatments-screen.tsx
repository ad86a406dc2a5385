import './treatments.css';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  removeHouseTreatment,
  tryHouseTreatment,
  type StoredHouseTreatment,
  type TriedOn,
} from '@haveld/contract/api/house-treatments';
import type { HouseTreatment } from '@haveld/contract/house-treatment';
import { describeRule } from '@haveld/core/treatment/house/describe-rule';
import { call } from '../../api/client';
import { benchQuery, houseTreatmentsQuery, projectsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useMay } from '../../parts/use-may';
import { HouseTreatmentForm } from './house-treatment-form';

const EMPTY: HouseTreatment = { name: '', rules: [{ do: 'mend', what: 'doubled' }] };

/** Steps chosen once: written down, tried on a set of models, taken for those where they fit. */
export function HouseTreatmentsScreen() {
  const treatments = useQuery(houseTreatmentsQuery);
  const [editing, setEditing] = useState<{ id: string; number?: number; treatment: HouseTreatment } | null>(null);
  const mayKeep = useMay('curator');
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>House treatments</h1>
        <span className="quiet">steps chosen once, and done to every model they fit</span>
        <span className="grow" />
        {mayKeep && !editing && (
          <Button variant="outlined" onClick={() => setEditing({ id: 'new', treatment: EMPTY })}>
            New house treatment
          </Button>
        )}
        <Button component={Link} to="/bench">
          Back to the bench
        </Button>
      </div>
      <div className="screen-body treatments">
        {treatments.isPending && <Loading />}
        {treatments.error && <Failure error={treatments.error} onRetry={() => void treatments.refetch()} />}
        {editing && (
          <HouseTreatmentForm
            key={editing.id}
            id={editing.id}
            number={editing.number}
            treatment={editing.treatment}
            onDone={() => setEditing(null)}
          />
        )}
        {treatments.data
          ?.filter(({ id }) => id !== editing?.id)
          .map((one) => (
            <TreatmentCard
              key={one.id}
              treatment={one}
              onEdit={() =>
                setEditing({ id: one.id, number: one.number, treatment: { name: one.name, rules: one.rules } })
              }
            />
          ))}
        {treatments.data?.length === 0 && !editing && (
          <Notice title="No house treatment yet">
            What you do to every model of a kind is written down here once: join its screws, close its cracks, smooth
            it, keep it below a number of triangles. A trial run shows what it would do to each model before anything is
            done.
          </Notice>
        )}
      </div>
    </div>
  );
}

function TreatmentCard({ treatment, onEdit }: { treatment: StoredHouseTreatment; onEdit: () => void }) {
  const { id, name, number, rules, personName, changedAt, assets, older, trialId } = treatment;
  const remove = useChange(() => call(removeHouseTreatment, { params: { id } }));
  const mayKeep = useMay('curator');
  return (
    <article className="sheet treatment-card" aria-label={name}>
      <div className="treatment-words">
        <h2>{name}</h2>
        <ol>
          {rules.map((rule, i) => (
            <li key={i}>{describeRule(rule)}</li>
          ))}
        </ol>
        <p className="small quiet">
          {number > 1 ? `changed ${number - 1 === 1 ? 'once' : `${number - 1} times`}, last by ` : ''}
          {personName}, {formatMoment(changedAt)} ·{' '}
          {assets === 0 ? 'no asset has it yet' : `${formatCount(assets, 'asset')} ${assets === 1 ? 'has' : 'have'} it`}
          {older > 0 && <span className="says-look"> · {older} as it was before it changed</span>}
        </p>
      </div>
      <div className="treatment-acts">
        <TryOn treatment={treatment} />
        {trialId && (
          <Button component={Link} to={`/bench/trials/${trialId}`}>
            To its last trial run
          </Button>
        )}
        {mayKeep && (
          <span className="treatment-keeps">
            <Button size="small" onClick={onEdit} aria-label={`Change: ${name}`}>
              Change
            </Button>
            <Button
              size="small"
              loading={remove.isPending}
              onClick={() => remove.mutate(undefined)}
              aria-label={`Forget: ${name}`}
            >
              Forget
            </Button>
          </span>
        )}
      </div>
    </article>
  );
}

/** Which models it is tried on, and off it goes. */
function TryOn({ treatment: { id, name, older } }: { treatment: StoredHouseTreatment }) {
  const go = useNavigate();
  const bench = useQuery(benchQuery).data ?? [];
  const projects = useQuery(projectsQuery).data ?? [];
  const [on, setOn] = useState(older > 0 ? 'older' : 'bench');
  const attempt = useChange((where: TriedOn) => call(tryHouseTreatment, { params: { id }, body: { on: where } }), {
    onDone: (trial) => void go(`/bench/trials/${trial.id}`),
  });
  const kits = new Map(bench.flatMap(({ kit }) => (kit ? [[kit.id, kit.name]] : [])));
  return (
    <form
      className="treatment-try"
      onSubmit={(event) => {
        event.preventDefault();
        attempt.mutate(readTriedOn(on));
      }}
    >
      <TextField
        select
        size="small"
        id={`try-on-${id}`}
        label="Try it on"
        value={on}
        onChange={(event) => setOn(event.target.value)}
        sx={{ minWidth: 210 }}
      >
        {older > 0 && <MenuItem value="older">{`the ${older} that have an older one`}</MenuItem>}
        <MenuItem value="bench">what lies on the bench</MenuItem>
        <MenuItem value="catalogue">the catalogue</MenuItem>
        {[...kits].map(([kitId, kitName]) => (
          <MenuItem key={kitId} value={`kit:${kitId}`}>{`the kit “${kitName}”`}</MenuItem>
        ))}
        {projects.map((project) => (
          <MenuItem key={project.id} value={`project:${project.id}`}>{`the project “${project.name}”`}</MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="contained" loading={attempt.isPending} aria-label={`Try it: ${name}`}>
        Try it
      </Button>
    </form>
  );
}

function readTriedOn(value: string): TriedOn {
  const [kind, id] = value.split(':');
  if (kind === 'kit' || kind === 'project') return { kind, id };
  return { kind: kind as 'bench' | 'catalogue' | 'older' };
}
