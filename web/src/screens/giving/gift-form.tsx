import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Controller, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { z } from 'zod';
import { give, readStatement, type lookAtGiving, type OfferedLicence } from '@haveld/contract/api/giving';
import { GiftSaidSchema, type GiftSaid } from '@haveld/contract/giving';
import { call } from '../../api/client';
import { toDropped, type Dropped } from '../../api/uploads';
import { formatBytes } from '../../parts/format';
import { rememberGift } from './own-gifts';
import { sendGift } from './send-gift';

type Asked = z.output<typeof lookAtGiving.response>;

const EMPTY: GiftSaid = { giver: '', isOwnWork: true, author: '', source: '', others: '', licenceId: '' };

/** Files, who gives them, under which licence, and the words they agree to: in the order one thinks of them. */
export function GiftForm({ token, link }: { token: string; link: Asked }) {
  const [files, setFiles] = useState<Dropped[]>([]);
  const [agreed, setAgreed] = useState('');
  const navigate = useNavigate();
  const { control, register, watch, formState } = useForm<GiftSaid>({
    resolver: zodResolver(GiftSaidSchema) as never,
    mode: 'onTouched',
    defaultValues: { ...EMPTY, licenceId: link.licences.length === 1 ? link.licences[0].id : '' },
  });
  const said = GiftSaidSchema.safeParse(watch());
  const statement = useQuery({
    queryKey: ['statement', token, said.data],
    queryFn: ({ signal }) => call(readStatement, { body: { token, said: said.data! }, signal }),
    enabled: said.success,
    retry: false,
    placeholderData: (last) => last,
  });
  const isRead = said.success && statement.data !== undefined && !statement.isPlaceholderData;
  const send = useMutation({
    mutationFn: () =>
      call(give, {
        body: {
          token,
          said: said.data!,
          files: files.map(({ path, file }) => ({ path, sizeBytes: file.size })),
          statementSha256: statement.data!.sha256,
        },
      }),
    onSuccess: async ({ secret, received, refused }) => {
      rememberGift(secret);
      sendGift(secret, received, files);
      await navigate(`/give/receipt#${secret}`, { state: { refused } });
    },
  });
  const total = files.reduce((sum, { file }) => sum + file.size, 0);
  const isTooMuch = total > link.mostBytes;
  // of the words that stand there now and no others
  const isAgreed = isRead && agreed === statement.data.sha256;
  return (
    <form
      className="gift-form"
      onSubmit={(event) => {
        event.preventDefault();
        send.mutate();
      }}
    >
      <FilePicker files={files} onFiles={setFiles} />
      {isTooMuch && (
        <p className="says-blocks" role="alert">
          {formatBytes(total)} together; at most {formatBytes(link.mostBytes)} are taken per contribution.
        </p>
      )}
      <fieldset>
        <legend>Author</legend>
        <TextField
          id="giver"
          label="Your name, as you want to be credited"
          autoComplete="name"
          fullWidth
          error={!!formState.errors.giver}
          helperText={formState.errors.giver && 'Nobody can be credited without a name.'}
          {...register('giver')}
        />
        <Controller
          control={control}
          name="isOwnWork"
          render={({ field }) => (
            <RadioGroup
              aria-label="Who made it"
              value={field.value ? 'own' : 'other'}
              onChange={(event) => field.onChange(event.target.value === 'own')}
            >
              <FormControlLabel value="own" control={<Radio size="small" />} label="I made it myself" />
              <FormControlLabel value="other" control={<Radio size="small" />} label="Somebody else made it" />
            </RadioGroup>
          )}
        />
        {!watch('isOwnWork') && (
          <div className="gift-two">
            <TextField
              id="author"
              label="Who made it"
              error={!!formState.errors.author}
              helperText={formState.errors.author && 'Say who made it, where you did not.'}
              {...register('author')}
            />
            <TextField
              id="source"
              label="Where you have it from"
              placeholder="an address, or a person"
              {...register('source')}
            />
          </div>
        )}
        <TextField
          id="others"
          label="What else is in it, of other people"
          placeholder="maps, parts, sounds: whose they are and under which licence"
          multiline
          minRows={2}
          fullWidth
          {...register('others')}
        />
      </fieldset>
      <fieldset>
        <legend>{watch('isOwnWork') ? 'The licence you grant' : 'The licence its author grants'}</legend>
        <Controller
          control={control}
          name="licenceId"
          render={({ field }) => (
            <RadioGroup aria-label="Licence" value={field.value} onChange={field.onChange}>
              {link.licences.map((licence, i) => (
                <LicenceChoice key={licence.id} licence={licence} isWished={i === 0 && link.licences.length > 1} />
              ))}
            </RadioGroup>
          )}
        />
      </fieldset>
      <fieldset>
        <legend>Your statement</legend>
        {statement.data && said.success ? (
          <pre className="sheet statement">{statement.data.statement}</pre>
        ) : (
          <p className="quiet">The statement appears here once your name and a licence are filled in.</p>
        )}
        {statement.error && <p className="says-blocks">{statement.error.message}</p>}
        <FormControlLabel
          control={
            <Checkbox
              checked={isAgreed}
              disabled={!isRead}
              onChange={(event) => setAgreed(event.target.checked && isRead ? statement.data.sha256 : '')}
            />
          }
          label="I have read this and agree"
        />
      </fieldset>
      {send.error && (
        <p className="says-blocks" role="alert">
          {send.error.message}
        </p>
      )}
      <div className="gift-acts">
        <Button
          type="submit"
          variant="contained"
          disabled={!isAgreed || files.length === 0 || isTooMuch}
          loading={send.isPending}
        >
          Give {files.length === 0 ? 'it' : files.length === 1 ? 'this file' : `these ${files.length} files`}
        </Button>
        <span className="quiet small">{describeMissing(files.length, said.success, isAgreed)}</span>
      </div>
    </form>
  );
}

function describeMissing(files: number, isSaid: boolean, isAgreed: boolean): string {
  if (files === 0) return 'No files yet.';
  if (!isSaid) return 'Your name or the licence is missing.';
  return isAgreed ? '' : 'Read the statement and agree to it.';
}

function FilePicker({ files, onFiles }: { files: Dropped[]; onFiles: (files: Dropped[]) => void }) {
  const drop = useDropzone({
    useFsAccessApi: false,
    onDrop: (dropped) => {
      const added = dropped.map(toDropped);
      onFiles([...files.filter(({ path }) => !added.some((one) => one.path === path)), ...added]);
    },
  });
  return (
    <fieldset>
      <legend>Files</legend>
      <div {...drop.getRootProps()} className={`gift-drop${drop.isDragActive ? ' is-over' : ''}`}>
        <input {...drop.getInputProps()} aria-label="Files to give" />
        Drop files or folders here, or pick them
      </div>
      <ul className="lines">
        {files.map(({ path, file }) => (
          <li key={path}>
            <span className="mono">{path}</span>
            <span>
              <span className="mono quiet">{formatBytes(file.size)}</span>{' '}
              <Button
                size="small"
                aria-label={`Leave out ${path}`}
                onClick={() => onFiles(files.filter((one) => one.path !== path))}
              >
                Leave out
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

function LicenceChoice({ licence, isWished }: { licence: OfferedLicence; isWished: boolean }) {
  return (
    <FormControlLabel
      className="licence-choice"
      value={licence.id}
      control={<Radio size="small" />}
      label={
        <>
          <strong>{licence.name}</strong>
          {isWished && <span className="quiet small"> preferred</span>}
          <span className="small licence-consequences">
            {licence.consequences.join(' ')}
            {licence.url && (
              <>
                {' '}
                <a href={licence.url} target="_blank" rel="noreferrer noopener">
                  Its text
                </a>
              </>
            )}
          </span>
        </>
      }
    />
  );
}
