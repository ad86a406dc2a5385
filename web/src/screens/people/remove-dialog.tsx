import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { removePerson, type Member } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';

/** What removing somebody does, before it is done. */
export function RemoveDialog({ member, onClose }: { member: Member; onClose: () => void }) {
  const { id, name, tokens } = member;
  const remove = useChange(() => call(removePerson, { params: { id } }), { onDone: onClose });
  return (
    <Dialog open onClose={onClose} aria-labelledby="remove-title">
      <DialogTitle id="remove-title" component="h2">
        Remove {name}
      </DialogTitle>
      <DialogContent>
        <p>
          They are signed out at once, on every machine
          {tokens > 0 && `, and ${formatCount(tokens, 'token')} of theirs open nothing more`}. What they brought in and
          decided stays, under their name. You can let them in again.
        </p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" loading={remove.isPending} onClick={() => remove.mutate(undefined)}>
          Remove
        </Button>
      </DialogActions>
    </Dialog>
  );
}
