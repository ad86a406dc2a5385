import './remarks.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { addRemark, answerRemark, resolveRemark, type About, type Remark } from '@haveld/contract/api/remarks';
import { call } from '../../api/client';
import { remarksQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Failure } from '../../parts/notice';
import { usePicking } from '../../view3d/use-picking';
import { RemarkText } from './remark-text';

interface RemarksProps {
  assetId: string;
  /** Of the version that is looked at; null on the bench. */
  versionNumber: number | null;
  /** The model stands beside them, and a place on it can be picked. */
  mayPin: boolean;
  /** The finding in hand, which a remark can be about. */
  finding?: { key: string; title: string } | null;
}

/** What people say of an asset: each remark where it was pinned, with its answers, until it is resolved. */
export function Remarks(props: RemarksProps) {
  const { assetId } = props;
  const remarks = useQuery(remarksQuery(assetId));
  const [showsResolved, setShowsResolved] = useState(false);
  const all = remarks.data ?? [];
  const open = all.filter(({ resolved }) => resolved === null);
  const shown = showsResolved ? all : open;
  return (
    <section className="remarks">
      <h2>Remarks {open.length > 0 && <span className="quiet small">{open.length} open</span>}</h2>
      {remarks.error && <Failure error={remarks.error} onRetry={() => void remarks.refetch()} />}
      <ul>
        {shown.map((remark) => (
          <li key={remark.id}>
            <OneRemark remark={remark} />
          </li>
        ))}
      </ul>
      {all.length > open.length && (
        <Button size="small" onClick={() => setShowsResolved(!showsResolved)}>
          {showsResolved ? 'Hide what is resolved' : `Show ${formatCount(all.length - open.length, 'resolved remark')}`}
        </Button>
      )}
      <NewRemark {...props} />
    </section>
  );
}

function OneRemark({ remark }: { remark: Remark }) {
  const [isAnswering, setAnswering] = useState(false);
  const { id, about, text, personName, at, answers, resolved } = remark;
  const resolve = useChange((isResolved: boolean) => call(resolveRemark, { params: { id }, body: { isResolved } }));
  return (
    <article className={resolved ? 'remark quiet' : 'remark'} aria-label={`Remark by ${personName}`}>
      <Head personName={personName} at={at} about={about} />
      <RemarkText text={text} />
      {answers.map((answer) => (
        <div key={answer.id} className="remark-answer">
          <Head personName={answer.personName} at={answer.at} />
          <RemarkText text={answer.text} />
        </div>
      ))}
      {resolved && (
        <p className="small quiet">
          resolved by {resolved.personName}, {formatMoment(resolved.at)}
        </p>
      )}
      {isAnswering ? (
        <AnswerForm remarkId={id} onDone={() => setAnswering(false)} />
      ) : (
        <p className="remark-acts">
          <Button size="small" onClick={() => setAnswering(true)}>
            Answer
          </Button>
          <Button size="small" loading={resolve.isPending} onClick={() => resolve.mutate(resolved === null)}>
            {resolved ? 'Open again' : 'Resolve'}
          </Button>
        </p>
      )}
    </article>
  );
}

function Head({ personName, at, about }: { personName: string; at: string; about?: About }) {
  const picking = usePicking();
  return (
    <p className="small remark-head">
      <strong>{personName}</strong> <span className="quiet">{formatMoment(at)}</span>
      {about?.kind === 'finding' && <span className="quiet"> on “{about.title}”</span>}
      {about?.kind === 'place' && (
        <Button size="small" onClick={() => picking.show([about.at])}>
          {about.versionNumber === null ? 'show the place' : `show the place, version ${about.versionNumber}`}
        </Button>
      )}
    </p>
  );
}

function AnswerForm({ remarkId, onDone }: { remarkId: string; onDone: () => void }) {
  const [text, setText] = useState('');
  const answer = useChange(() => call(answerRemark, { params: { id: remarkId }, body: { text: text.trim() } }), {
    onDone,
  });
  return (
    <form
      className="remark-form"
      onSubmit={(event) => {
        event.preventDefault();
        answer.mutate(undefined);
      }}
    >
      <SayField id={`answer-${remarkId}`} label="Answer" text={text} onText={setText} autoFocus />
      <p className="remark-acts">
        <Button size="small" type="submit" variant="outlined" loading={answer.isPending} disabled={text.trim() === ''}>
          Answer
        </Button>
        <Button size="small" onClick={onDone}>
          Cancel
        </Button>
      </p>
    </form>
  );
}

function NewRemark({ assetId, versionNumber, mayPin, finding = null }: RemarksProps) {
  const picking = usePicking();
  const [text, setText] = useState('');
  const [about, setAbout] = useState<About>({ kind: 'asset' });
  const add = useChange(() => call(addRemark, { params: { id: assetId }, body: { about, text: text.trim() } }), {
    onDone: () => {
      setText('');
      setAbout({ kind: 'asset' });
      picking.ask(null);
    },
  });
  const pin = (): void =>
    picking.ask('remark', (at) => {
      setAbout({ kind: 'place', at, versionNumber });
      picking.ask(null);
      picking.show([at]);
    });
  return (
    <form
      className="remark-form"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate(undefined);
      }}
    >
      <SayField id="new-remark" label="New remark; @name notifies a colleague" text={text} onText={setText} />
      <p className="remark-acts">
        <Button size="small" type="submit" variant="outlined" loading={add.isPending} disabled={text.trim() === ''}>
          Add remark
        </Button>
        {mayPin && about.kind === 'asset' && (
          <Button size="small" onClick={pin}>
            Pin it to a place
          </Button>
        )}
        {finding && about.kind === 'asset' && (
          <Button
            size="small"
            onClick={() => setAbout({ kind: 'finding', key: finding.key, title: finding.title.slice(0, MOST_TITLE) })}
          >
            About the finding in hand
          </Button>
        )}
        {about.kind !== 'asset' && (
          <Button
            size="small"
            onClick={() => {
              setAbout({ kind: 'asset' });
              picking.show([]);
            }}
          >
            {about.kind === 'place' ? 'pinned to a place' : `about “${about.title}”`} ✕
          </Button>
        )}
      </p>
    </form>
  );
}

const MOST_TITLE = 300;

function SayField({
  id,
  label,
  text,
  onText,
  autoFocus = false,
}: {
  id: string;
  label: string;
  text: string;
  onText: (text: string) => void;
  autoFocus?: boolean;
}) {
  return (
    <TextField
      id={id}
      label={label}
      value={text}
      onChange={(event) => onText(event.target.value)}
      // keys of the screen are letters here
      onKeyDown={(event) => event.stopPropagation()}
      multiline
      minRows={2}
      fullWidth
      autoFocus={autoFocus}
    />
  );
}
