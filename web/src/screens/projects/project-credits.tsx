import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { CREDITS_FORMATS, getProjectCredits } from '@haveld/contract/api/projects';
import { call } from '../../api/client';
import { LIBRARY } from '../../api/queries';
import { formatCount } from '../../parts/format';

const FORMAT_WORDS: Record<(typeof CREDITS_FORMATS)[number], string> = {
  text: 'plain text',
  markdown: 'Markdown',
  html: 'HTML',
  csv: 'a table (CSV)',
  json: 'JSON',
  spdx: 'SPDX 2.3 document',
};

/** The credits a project owes, in the form somebody needs. */
export function ProjectCredits({ id, count }: { id: string; count: number }) {
  const [format, setFormat] = useState<(typeof CREDITS_FORMATS)[number]>('text');
  const [form, setForm] = useState<'long' | 'short'>('long');
  const { enqueueSnackbar } = useSnackbar();
  const credits = useQuery({
    queryKey: [LIBRARY, 'credits', id, format, form],
    queryFn: ({ signal }) => call(getProjectCredits, { params: { id }, query: { format, form }, signal }),
  });
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(credits.data!.text);
      enqueueSnackbar('The credits are on the clipboard.');
    } catch (error) {
      enqueueSnackbar(`They could not be copied: ${(error as Error).message}`, { variant: 'error' });
    }
  };
  return (
    <section>
      <h2>
        Credits <span className="quiet small">{formatCount(count, 'line')}, by author, each once</span>
      </h2>
      <div className="credits-acts no-print">
        <TextField
          id="credits-format"
          select
          label="As"
          value={format}
          onChange={(event) => setFormat(event.target.value as typeof format)}
          sx={{ width: 190 }}
        >
          {CREDITS_FORMATS.map((each) => (
            <MenuItem key={each} value={each}>
              {FORMAT_WORDS[each]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          id="credits-form"
          select
          label="Form"
          value={form}
          onChange={(event) => setForm(event.target.value as typeof form)}
          sx={{ width: 150 }}
        >
          <MenuItem value="long">in full</MenuItem>
          <MenuItem value="short">short</MenuItem>
        </TextField>
        <Button variant="outlined" disabled={!credits.data} onClick={() => void copy()}>
          Copy them
        </Button>
        <Button
          component="a"
          variant="outlined"
          disabled={!credits.data}
          href={
            credits.data
              ? `data:${credits.data.mediaType};charset=utf-8,${encodeURIComponent(credits.data.text)}`
              : undefined
          }
          download={credits.data?.name}
        >
          Credits as a file
        </Button>
      </div>
      {credits.error && <p className="says-blocks">{credits.error.message}</p>}
      <pre className="sheet credits-text" role="region" tabIndex={0} aria-label="Credits as text">
        {credits.data?.text ?? ' '}
      </pre>
    </section>
  );
}
