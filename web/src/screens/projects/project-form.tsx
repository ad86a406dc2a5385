import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { createProject, type ProjectRow } from '@haveld/contract/projects';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';

/** A project with its intended use: asked before anything goes into it. */
export function ProjectForm({ onDone, onCancel }: { onDone: (project: ProjectRow) => void; onCancel: () => void }) {
  const [name, setName] = useState('');
  const [purpose, setPurpose] = useState('');
  const [commercial, setCommercial] = useState<boolean | null>(null);
  const open = useChange(
    (body: { name: string; purpose: string; commercial: boolean }) => call(createProject, { body }),
    { onDone },
  );
  return (
    <form
      className="project-form"
      onSubmit={(event) => {
        event.preventDefault();
        if (commercial !== null) open.mutate({ name: name.trim(), purpose: purpose.trim(), commercial });
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
        aria-label="Does it earn money?"
        value={commercial === null ? '' : String(commercial)}
        onChange={(_, value) => setCommercial(value === 'true')}
      >
        <FormControlLabel value="true" control={<Radio size="small" />} label="It earns money" />
        <FormControlLabel value="false" control={<Radio size="small" />} label="It is not commercial" />
      </RadioGroup>
      <div className="finding-acts">
        <Button
          type="submit"
          variant="contained"
          disabled={name.trim() === '' || commercial === null}
          loading={open.isPending}
        >
          Open it
        </Button>
        <Button onClick={onCancel}>No</Button>
      </div>
    </form>
  );
}
