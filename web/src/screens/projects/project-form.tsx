import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { USES, type IntendedUse } from '@haveld/contract/licence';
import { changeProject, createProject, type ProjectRow } from '@haveld/contract/api/projects';
import { isExpression } from '@haveld/core/rights/expression';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useEdit } from '../../api/use-edit';
import { CountField } from '../../parts/count-field';
import { LicenceField } from '../../parts/licence-field';
import { ARRANGEMENT_WORDS, USE_WORDS } from './use-words';

/** How the models stand in it is asked, not supposed. */
const NEW_USE: IntendedUse = { ...PLAIN_USE, arrangement: 'unsaid' };

const pickChangeable = (project?: ProjectRow) => ({
  name: project?.name ?? '',
  purpose: project?.purpose ?? '',
  use: project?.use ?? NEW_USE,
  live: project?.live ?? true,
});

/** A project with its intended use: asked before anything goes into it, and changed when it changes. */
export function ProjectForm({
  project,
  onDone,
  onCancel,
}: {
  project?: ProjectRow;
  onDone: (project: ProjectRow) => void;
  onCancel: () => void;
}) {
  const [name, setName] = useState(project?.name ?? '');
  const [purpose, setPurpose] = useState(project?.purpose ?? '');
  const [commercial, setCommercial] = useState<boolean | null>(project ? project.use.commercial : null);
  const [use, setUse] = useState<IntendedUse>(project?.use ?? NEW_USE);
  const [live, setLive] = useState(project?.live ?? true);
  const change = (part: Partial<IntendedUse>): void => setUse((now) => ({ ...now, ...part }));
  const { toSend, tell } = useEdit(pickChangeable(project));
  const save = useChange(
    (earns: boolean) => {
      const body = { name: name.trim(), purpose: purpose.trim(), use: { ...use, commercial: earns } };
      return project
        ? call(changeProject, { params: { id: project.id }, body: toSend({ ...body, live }) })
        : call(createProject, { body });
    },
    { onDone, onOvertaken: tell },
  );
  const showsModels = use.uses.some((one) => one === 'rendered' || one === 'build' || one === 'print');
  return (
    <form
      className="project-form"
      onSubmit={(event) => {
        event.preventDefault();
        if (commercial !== null) save.mutate(commercial);
      }}
    >
      <TextField
        id="project-name"
        label="Name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        autoFocus
      />
      <TextField
        id="project-purpose"
        label="What is it for?"
        placeholder="a touring show, tickets are sold"
        value={purpose}
        onChange={(event) => setPurpose(event.target.value)}
      />
      <RadioGroup
        row
        aria-label="Commercial use?"
        value={commercial === null ? '' : String(commercial)}
        onChange={(_, value) => setCommercial(value === 'true')}
      >
        <FormControlLabel value="true" control={<Radio size="small" />} label="Commercial" />
        <FormControlLabel value="false" control={<Radio size="small" />} label="Non-commercial" />
      </RadioGroup>
      <fieldset className="project-uses">
        <legend>What becomes of the models</legend>
        {USES.map((one) => (
          <FormControlLabel
            key={one}
            label={USE_WORDS[one]}
            control={
              <Checkbox
                size="small"
                checked={use.uses.includes(one)}
                onChange={(event) =>
                  change({
                    uses: event.target.checked ? [...use.uses, one] : use.uses.filter((other) => other !== one),
                  })
                }
              />
            }
          />
        ))}
      </fieldset>
      {showsModels && (
        <TextField
          id="project-arrangement"
          select
          label="How they stand in it"
          value={use.arrangement}
          onChange={(event) => change({ arrangement: event.target.value as IntendedUse['arrangement'] })}
          helperText="Share-alike and no-derivatives licences depend on it: a collection keeps each as it is, one new work changes them all."
        >
          {Object.entries(ARRANGEMENT_WORDS).map(([value, words]) => (
            <MenuItem key={value} value={value}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
      <details
        open={
          project &&
          (use.releaseLicence !== '' || use.locks || use.until !== '' || use.seats !== null || use.territory !== '')
        }
      >
        <summary>Its own release, people, place, end</summary>
        <div className="rights-form project-limits">
          <LicenceField
            id="project-release"
            label="It goes out under (empty: rights reserved)"
            value={use.releaseLicence}
            onChange={(releaseLicence) => change({ releaseLicence })}
          />
          <CountField
            id="project-seats"
            label="People who work with the files"
            value={use.seats}
            onChange={(seats) => change({ seats })}
          />
          <TextField
            id="project-until"
            type="date"
            label="Until"
            value={use.until}
            slotProps={{ inputLabel: { shrink: true } }}
            onChange={(event) => change({ until: event.target.value as IntendedUse['until'] })}
          />
          <TextField
            id="project-territory"
            label="Where"
            placeholder="everywhere"
            value={use.territory}
            onChange={(event) => change({ territory: event.target.value })}
          />
          <FormControlLabel
            label="Its files are locked against taking out"
            control={
              <Checkbox
                size="small"
                checked={use.locks}
                onChange={(event) => change({ locks: event.target.checked })}
              />
            }
          />
        </div>
      </details>
      {project && (
        <FormControlLabel
          label="It has ended"
          control={<Checkbox size="small" checked={!live} onChange={(event) => setLive(!event.target.checked)} />}
        />
      )}
      <div className="finding-acts">
        <Button
          type="submit"
          variant="contained"
          disabled={
            name.trim() === '' ||
            commercial === null ||
            use.uses.length === 0 ||
            (use.releaseLicence !== '' && !isExpression(use.releaseLicence))
          }
          loading={save.isPending}
        >
          {project ? 'Save' : 'Open it'}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
