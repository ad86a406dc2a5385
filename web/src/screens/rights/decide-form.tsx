import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords } from '@haveld/core/rights/licence-book';
import type { Provenance } from '@haveld/contract/licence';
import { EVIDENCE_KINDS, settleRights, type NewEvidence } from '@haveld/contract/api/rights';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { LicenceField } from '../../parts/licence-field';
import { useBook } from '../../parts/use-book';
import { WordsSaid } from './words-said';

const EVIDENCE_WORDS: Record<NewEvidence['kind'], string> = {
  text: 'a text',
  page: 'the page as it was',
  mail: 'a mail',
  receipt: 'a receipt',
  agreement: 'an agreement',
  note: 'a note',
};

/** What a form may carry in one go. */
const FILE_LIMIT = 20 * 1024 * 1024;

/** Settles one or many: a licence, an author, why, and one evidence for all. */
export function DecideForm({
  assetIds,
  provenance,
  named,
  onDone,
}: {
  assetIds: string[];
  /** What stands now; null for many that differ. */
  provenance: Pick<Provenance, 'licenceId' | 'author' | 'source'> | null;
  named: readonly string[];
  onDone: () => void;
}) {
  const book = useBook();
  const [licenceId, setLicenceId] = useState(provenance?.licenceId ?? '');
  const [author, setAuthor] = useState(provenance?.author ?? '');
  const [source, setSource] = useState(provenance?.source ?? '');
  const [why, setWhy] = useState('');
  // as it was when the person began to decide; once told of another's change, what stands now
  const [began, setBegan] = useState<typeof provenance>(provenance);
  const [evidence, setEvidence] = useState<NewEvidence>({ kind: 'mail', name: '', note: '', text: '', base64: '' });
  const [problem, setProblem] = useState('');
  const filePicker = useRef<HTMLInputElement>(null);
  const save = useChange(
    () =>
      call(settleRights, {
        body: {
          assetIds,
          change: {
            ...(licenceId !== '' && licenceId !== provenance?.licenceId ? { licenceId } : {}),
            ...(author !== '' && author !== provenance?.author ? { author } : {}),
            ...(source !== '' && source !== provenance?.source ? { source } : {}),
          },
          ...(provenance ? { seen: began ?? provenance } : {}),
          why,
          evidence:
            evidence.text !== '' || evidence.base64 !== ''
              ? { ...evidence, name: evidence.name || EVIDENCE_WORDS[evidence.kind] }
              : null,
        },
      }),
    { onDone, onOvertaken: () => setBegan(null) },
  );
  const pickFile = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > FILE_LIMIT)
      return setProblem(`“${file.name}” is larger than 20 MiB. Keep the page without its pictures.`);
    setProblem('');
    const bytes = new Uint8Array(await file.arrayBuffer());
    let binary = '';
    for (let at = 0; at < bytes.length; at += 0x8000) binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
    setEvidence((now) => ({ ...now, name: file.name, base64: btoa(binary) }));
  };
  const choices = [...new Set(named)].filter((id) => isExpression(id) && id !== licenceId).slice(0, 3);
  return (
    <form
      className="rights-form sheet decide"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(undefined);
      }}
    >
      <LicenceField id="decide-licence" value={licenceId} onChange={setLicenceId} />
      {choices.length > 0 && (
        <p className="wide small">
          Named by the evidence:{' '}
          {choices.map((id) => (
            <Button key={id} size="small" onClick={() => setLicenceId(id)}>
              {licenceWords(book, id)}
            </Button>
          ))}
        </p>
      )}
      <TextField
        id="decide-author"
        label="Author"
        value={author}
        onChange={(event) => setAuthor(event.target.value)}
        placeholder={provenance ? '' : 'as they stand'}
      />
      <TextField
        id="decide-source"
        label="Source"
        value={source}
        onChange={(event) => setSource(event.target.value)}
        placeholder={provenance ? '' : 'as they stand'}
      />
      <TextField
        id="decide-why"
        className="wide"
        label="Why"
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        placeholder="she answered by mail; the page says so"
      />
      <TextField
        id="decide-kind"
        select
        label="Evidence"
        value={evidence.kind}
        onChange={(event) => setEvidence({ ...evidence, kind: event.target.value as NewEvidence['kind'] })}
      >
        {EVIDENCE_KINDS.map((kind) => (
          <MenuItem key={kind} value={kind}>
            {EVIDENCE_WORDS[kind]}
          </MenuItem>
        ))}
      </TextField>
      <Button variant="outlined" sx={{ alignSelf: 'end' }} onClick={() => filePicker.current?.click()}>
        {evidence.base64 === '' ? 'A file of it' : evidence.name}
      </Button>
      <input ref={filePicker} type="file" hidden onChange={(event) => void pickFile(event.target.files?.[0])} />
      <TextField
        id="decide-text"
        className="wide"
        multiline
        minRows={2}
        maxRows={8}
        label="or its words"
        value={evidence.text}
        onChange={(event) => setEvidence({ ...evidence, text: event.target.value })}
        helperText={problem || 'Kept as it is, with the day and your name; never overwritten.'}
        error={problem !== ''}
      />
      <WordsSaid text={evidence.text} onLicence={setLicenceId} onAuthor={setAuthor} />
      <div className="finding-acts wide">
        <Button
          type="submit"
          variant="contained"
          loading={save.isPending}
          disabled={licenceId !== '' && !isExpression(licenceId)}
        >
          {assetIds.length === 1 ? 'Save' : `Save for ${formatCount(assetIds.length, 'asset')}`}
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </form>
  );
}
