import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { writeLetter } from '@haveld/contract/api/rights';
import { call } from '../../api/client';
import { LIBRARY } from '../../api/queries';
import { Failure, Loading } from '../../parts/notice';

/** A letter to the author, ready to send; it can be changed before it is copied. */
export function LetterDialog({ id, projectId, onClose }: { id: string; projectId: string; onClose: () => void }) {
  const letter = useQuery({
    queryKey: [LIBRARY, 'letter', id, projectId],
    queryFn: ({ signal }) => call(writeLetter, { params: { id }, query: { project: projectId }, signal }),
  });
  const [changed, setChanged] = useState<string | null>(null);
  const { enqueueSnackbar } = useSnackbar();
  const body = changed ?? letter.data?.body ?? '';
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(`${letter.data?.subject}\n\n${body}`);
      enqueueSnackbar('The letter is on the clipboard.');
    } catch (error) {
      enqueueSnackbar(`It could not be copied: ${(error as Error).message}`, { variant: 'error' });
    }
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="letter-title" fullWidth maxWidth="sm">
      <DialogTitle id="letter-title" component="h2">
        Ask the author
      </DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        {letter.isPending && <Loading />}
        {letter.error && <Failure error={letter.error} />}
        {letter.data && (
          <>
            <p>
              <span className="quiet">Subject: </span>
              {letter.data.subject}
            </p>
            <TextField
              id="letter-body"
              label="Letter"
              multiline
              minRows={12}
              maxRows={20}
              value={body}
              onChange={(event) => setChanged(event.target.value)}
            />
            <p className="quiet small">
              Haveld sends nothing by itself. When an answer comes, keep it as evidence with “Decide with a reason”.
            </p>
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Close</Button>
        <Button
          component="a"
          href={`mailto:?subject=${encodeURIComponent(letter.data?.subject ?? '')}&body=${encodeURIComponent(body)}`}
        >
          Open in the mail program
        </Button>
        <Button variant="contained" onClick={() => void copy()} disabled={!letter.data}>
          Copy it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
