import './giving.css';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { useLocation } from 'react-router';
import type { z } from 'zod';
import { withdrawGift, type lookAtGift } from '@haveld/contract/api/giving';
import { call } from '../../api/client';
import { receiptQuery } from '../../api/queries';
import { toDropped } from '../../api/uploads';
import { useSending } from '../../api/use-sending';
import { formatBytes, formatCount, formatMoment } from '../../parts/format';
import { Loading } from '../../parts/notice';
import { GivingPage } from './giving-page';
import { listOwnGifts } from './own-gifts';
import { sendGift } from './send-gift';

type Receipt = z.output<typeof lookAtGift.response>;

/** What a giver keeps: what they gave and said, how far it has come, and the way to take it back. */
export function ReceiptScreen() {
  const location = useLocation();
  const secret = location.hash.slice(1);
  const receipt = useQuery({
    ...receiptQuery(
      secret,
      listOwnGifts().filter((own) => own !== secret),
    ),
    enabled: secret !== '',
  });
  if (secret !== '' && receipt.isPending) return <Loading />;
  if (!receipt.data)
    return (
      <GivingPage>
        <p className="says-blocks" role="alert">
          {receipt.error?.message ?? 'This address is not whole: a receipt ends in a long word after a #.'}
        </p>
      </GivingPage>
    );
  const refused = (location.state as { refused?: string[] } | null)?.refused ?? [];
  return (
    <GivingPage>
      <Head receipt={receipt.data} />
      {refused.map((sentence) => (
        <p key={sentence} className="says-look">
          {sentence}
        </p>
      ))}
      <Files
        secret={secret}
        receipt={receipt.data}
        isAsking={receipt.isFetching}
        onSent={() => void receipt.refetch()}
      />
      <section aria-label="Your statement">
        <h2>Your statement</h2>
        <pre className="sheet statement">{receipt.data.statement}</pre>
        <p className="quiet small">
          Kept by its SHA-256 <span className="mono hash">{receipt.data.statementSha256}</span>
        </p>
      </section>
      <Keep receipt={receipt.data} />
      <Withdraw secret={secret} receipt={receipt.data} onDone={() => void receipt.refetch()} />
    </GivingPage>
  );
}

function Head({ receipt: { houseName, linkName, givenAt, state, said } }: { receipt: Receipt }) {
  const to = houseName || 'the house';
  const words = {
    coming: `On its way to ${to}. Leave this page open until all of it is there.`,
    here: `It is with ${to}. Thank you.`,
    'given-up': 'It did not come in: not all of it was sent, or the house stopped it. Give it again by the link.',
    withdrawn: 'You withdrew it. The studio has set it aside and will not use it.',
  };
  return (
    <>
      <h1>{state === 'withdrawn' ? 'Withdrawn' : 'Your receipt'}</h1>
      <p role="status">{words[state]}</p>
      <p className="quiet small">
        {said.giver}, “{linkName}”, {formatMoment(givenAt)}
      </p>
    </>
  );
}

function Files({
  secret,
  receipt: { files, state },
  isAsking,
  onSent,
}: {
  secret: string;
  receipt: Receipt;
  /** What has come is being asked. */
  isAsking: boolean;
  onSent: () => void;
}) {
  const sending = useSending();
  const onTheWay = files.filter(({ id }) => sending.some(({ receivedId }) => receivedId === id)).length;
  const before = useRef(onTheWay);
  useEffect(() => {
    // one that is done is not among those on their way any more, and the server knows of it
    if (onTheWay < before.current) onSent();
    before.current = onTheWay;
  }, [onTheWay, onSent]);
  const [strange, setStrange] = useState<string[]>([]);
  const missing = files.filter(({ isHere }) => !isHere);
  const waiting = missing.filter(({ id }) => !sending.some((one) => one.receivedId === id && one.state === 'sending'));
  const drop = useDropzone({
    useFsAccessApi: false,
    onDrop: (dropped) => {
      const given = dropped.map(toDropped);
      // the same file and no other: its announced length is all that is known of it
      const same = given.filter(({ path, file }) =>
        waiting.some((row) => row.path === path && row.sizeBytes === file.size),
      );
      setStrange(given.filter((one) => !same.includes(one)).map(({ path }) => path));
      sendGift(secret, waiting, same);
    },
  });
  return (
    <section aria-label="Files">
      <h2>{formatCount(files.length, 'file')}</h2>
      <ul className="lines">
        {files.map((file) => {
          const way = sending.find(({ receivedId }) => receivedId === file.id);
          return (
            <li key={file.id}>
              <span className="mono">{file.path}</span>
              <span className="quiet small">
                {file.alreadyGiven && <span className="says-look">you gave it before · </span>}
                {file.isHere
                  ? formatBytes(file.sizeBytes)
                  : way?.state === 'failed'
                    ? `stopped: ${way.message}`
                    : way
                      ? `${formatBytes(way.sent)} of ${formatBytes(way.total)}`
                      : 'not here yet'}
              </span>
            </li>
          );
        })}
      </ul>
      {state === 'coming' && waiting.length > 0 && !isAsking && (
        <div {...drop.getRootProps()} className={`gift-drop${drop.isDragActive ? ' is-over' : ''}`}>
          <input {...drop.getInputProps()} aria-label="Files to go on with" />
          {formatCount(waiting.length, 'file is', 'files are')} missing. Drop the same files again: they go on where
          they stopped.
        </div>
      )}
      {strange.length > 0 && (
        <p className="says-look" role="alert">
          {strange.join(', ')}: not what was announced, by name or length.
        </p>
      )}
    </section>
  );
}

/** What to keep: the address, and the words as a file. */
function Keep({ receipt }: { receipt: Receipt }) {
  const save = (): void => {
    const lines = [
      receipt.statement,
      `Given ${receipt.givenAt}. SHA-256 of the words above: ${receipt.statementSha256}`,
      ...receipt.files.map(({ path, sizeBytes, sha256 }) => `${path}, ${sizeBytes} bytes, ${sha256 ?? 'on its way'}`),
      `This receipt, and the way to withdraw: ${window.location.href}`,
      '',
    ];
    const url = URL.createObjectURL(new Blob([lines.join('\n')], { type: 'text/plain' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = 'receipt.txt';
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <div className="gift-acts">
      <Button variant="outlined" onClick={save}>
        Save the receipt
      </Button>
      <span className="quiet small">
        The address of this page opens it again. Whoever has the address can withdraw it: keep it to yourself.
      </span>
    </div>
  );
}

function Withdraw({ secret, receipt, onDone }: { secret: string; receipt: Receipt; onDone: () => void }) {
  const [isAsking, setAsking] = useState(false);
  const withdraw = useMutation({ mutationFn: () => call(withdrawGift, { body: { secret } }), onSettled: onDone });
  if (receipt.state === 'withdrawn' || receipt.state === 'given-up') return null;
  if (receipt.stays !== null) return <p className="quiet">{receipt.stays}</p>;
  return (
    <div className="gift-acts">
      {isAsking ? (
        <>
          <span>The studio sets it aside and will not use it. This cannot be undone.</span>
          <Button color="error" variant="contained" loading={withdraw.isPending} onClick={() => withdraw.mutate()}>
            Take it back
          </Button>
          <Button onClick={() => setAsking(false)}>Cancel</Button>
        </>
      ) : (
        <Button onClick={() => setAsking(true)}>Withdraw this contribution</Button>
      )}
      {withdraw.error && <p className="says-blocks">{withdraw.error.message}</p>}
    </div>
  );
}
