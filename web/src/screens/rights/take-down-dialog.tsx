import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { takeDown, type AssetRights } from '@haveld/contract/api/rights';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';

/** Marks an asset as taken down; says first which projects and hand-overs hold it. */
export function TakeDownDialog({ rights, onClose }: { rights: AssetRights; onClose: () => void }) {
  const [reason, setReason] = useState('');
  const isDown = rights.takenDown !== null;
  const change = useChange(
    (words: string | null) => call(takeDown, { params: { id: rights.id }, body: { reason: words } }),
    { onDone: onClose },
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="take-down-title" fullWidth maxWidth="sm">
      <DialogTitle id="take-down-title" component="h2">
        {isDown ? `“${rights.name}” is allowed again` : `“${rights.name}” was taken down`}
      </DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        {isDown ? (
          <p>It was taken down: {rights.takenDown}</p>
        ) : (
          <>
            <p>Nothing is deleted. It can no longer be handed over, and these are told:</p>
            <ul>
              {rights.projects.map((project) => (
                <li key={project.id}>
                  {project.name}, holding version {project.versionNumbers.join(', ')}
                </li>
              ))}
              {rights.projects.length === 0 && <li className="quiet">No project holds it.</li>}
            </ul>
            <TextField
              id="take-down-reason"
              label="Who asked for it, and why"
              value={reason}
              onChange={(event) => setReason(event.target.value)}
              autoFocus
            />
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!isDown && reason.trim() === ''}
          loading={change.isPending}
          onClick={() => change.mutate(isDown ? null : reason.trim())}
        >
          {isDown ? 'It may be used again' : 'Mark it'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
