import './given-secret.css';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import type { ReactNode } from 'react';

/** What is shown once and kept nowhere: a link, or a token. */
export function GivenSecret({
  title,
  secret,
  children,
  onDone,
}: {
  title: string;
  secret: string;
  children: ReactNode;
  onDone: () => void;
}) {
  const { enqueueSnackbar } = useSnackbar();
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(secret);
      enqueueSnackbar('It is on the clipboard.');
    } catch (error) {
      enqueueSnackbar(`It could not be copied: ${(error as Error).message}. Mark it and copy it by hand.`, {
        variant: 'error',
      });
    }
  };
  return (
    <section className="sheet given-link" aria-label={title}>
      <h2>{title}</h2>
      <div className="given-link-line">
        <code className="mono">{secret}</code>
        <Button variant="contained" onClick={() => void copy()}>
          Copy it
        </Button>
        <Button onClick={onDone}>Done</Button>
      </div>
      <p className="quiet small">{children}</p>
    </section>
  );
}
