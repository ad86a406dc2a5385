import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import { LicenceForm } from '../rights/licence-form';

/** A licence that is not on the list is written down as the house's own, from the passages that were found. @param onSaved told its identifier */
export function HouseLicence({ sheet, onSaved }: { sheet: Sheet; onSaved: (licenceId: string) => void }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => setOpen(true)}>
        Not on the list: write it down
      </Button>
      <Dialog
        open={isOpen}
        onClose={() => setOpen(false)}
        // it hangs in the form of the provenance, which is not what is sent here
        onSubmit={(event) => event.stopPropagation()}
        aria-labelledby="house-licence-title"
        fullWidth
        maxWidth="md"
      >
        <DialogTitle id="house-licence-title" component="h2">
          New house licence
        </DialogTitle>
        <DialogContent>
          <LicenceForm
            text={listPassages(sheet).join('\n\n')}
            onDone={(id) => {
              setOpen(false);
              if (id) onSaved(id);
            }}
          />
        </DialogContent>
      </Dialog>
    </>
  );
}

/** What was found that speaks of its rights, each passage once, as it stands there. */
function listPassages({ findings, provenance }: Sheet): string[] {
  const found = findings
    .filter(({ kind }) => kind === 'rights:licence' || kind === 'rights:contradiction')
    .flatMap(({ evidence }) => evidence.flatMap(({ passage }) => passage ?? []));
  return [...new Set([...found, provenance.statedGrant, provenance.pageText].filter((text) => text !== ''))];
}
