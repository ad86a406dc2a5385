import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import { WORK_PARTS, type FurtherWork, type WorkPart } from '@haveld/contract/licence';
import { removeFurtherWork, saveFurtherWork, type AssetRights } from '@haveld/contract/api/rights';
import { isExpression } from '@haveld/core/rights/expression';
import { PART_WORDS } from '@haveld/core/rights/judge-use';
import { licenceWords, standingOf } from '@haveld/core/rights/licence-book';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { LicenceField } from '../../parts/licence-field';
import { Mark } from '../../parts/mark';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';

const NEW: Omit<FurtherWork, 'id'> = {
  part: 'maps',
  title: '',
  author: '',
  authorUnknown: false,
  authorUrl: '',
  licenceId: UNKNOWN_LICENCE,
  source: '',
  pageUrl: '',
};

/** Other works an asset rests on: maps by another hand, a borrowed part, what it is based on. Its terms come from all of them. */
export function WorksList({ rights }: { rights: Pick<AssetRights, 'id' | 'further'> }) {
  const book = useBook();
  const [editing, setEditing] = useState<{ id: string | null; work: Omit<FurtherWork, 'id'> } | null>(null);
  const remove = useChange((workId: string) =>
    call(removeFurtherWork, { params: { id: rights.id, workId }, body: { why: 'taken off by hand' } }),
  );
  return (
    <div>
      <h3>What else is in it</h3>
      <ul className="lines">
        {rights.further.map((work) => (
          <li key={work.id}>
            <span>
              <Mark mark={STANDING_MARKS[standingOf(book, work.licenceId)]} /> {PART_WORDS[work.part]}
              {work.title && ` “${work.title}”`}: {licenceWords(book, work.licenceId)},{' '}
              {work.author || 'author unknown'}
            </span>
            {work.lender ? (
              <span className="quiet small">
                borrowed from{' '}
                <Link to={`/catalogue/${work.lender.id}`}>{`${work.lender.accession} ${work.lender.name}`}</Link>
              </span>
            ) : (
              <span>
                <Button size="small" onClick={() => setEditing({ id: work.id, work })}>
                  Correct it
                </Button>
                <Button size="small" onClick={() => remove.mutate(work.id)} disabled={remove.isPending}>
                  Remove
                </Button>
              </span>
            )}
          </li>
        ))}
        {rights.further.length === 0 && <li className="quiet">Nothing by anybody else is written down.</li>}
      </ul>
      {editing ? (
        <WorkForm assetId={rights.id} workId={editing.id} work={editing.work} onDone={() => setEditing(null)} />
      ) : (
        <Button size="small" onClick={() => setEditing({ id: null, work: NEW })}>
          Write down another work in it
        </Button>
      )}
    </div>
  );
}

function WorkForm({
  assetId,
  workId,
  work,
  onDone,
}: {
  assetId: string;
  workId: string | null;
  work: Omit<FurtherWork, 'id'>;
  onDone: () => void;
}) {
  const [now, setNow] = useState(work);
  const save = useChange(
    () => {
      const { part, title, author, authorUnknown, authorUrl, licenceId, source, pageUrl } = now;
      return call(saveFurtherWork, {
        params: { id: assetId },
        body: { workId, work: { part, title, author, authorUnknown, authorUrl, licenceId, source, pageUrl }, why: '' },
      });
    },
    { onDone },
  );
  return (
    <form
      className="rights-form sheet decide"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(undefined);
      }}
    >
      <TextField
        id="work-part"
        select
        label="What it is of the asset"
        value={now.part}
        onChange={(event) => setNow({ ...now, part: event.target.value as WorkPart })}
      >
        {WORK_PARTS.map((part) => (
          <MenuItem key={part} value={part}>
            {PART_WORDS[part]}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id="work-title"
        label="Title"
        value={now.title}
        onChange={(event) => setNow({ ...now, title: event.target.value })}
      />
      <LicenceField id="work-licence" value={now.licenceId} onChange={(licenceId) => setNow({ ...now, licenceId })} />
      <TextField
        id="work-author"
        label="Author"
        value={now.author}
        onChange={(event) => setNow({ ...now, author: event.target.value })}
      />
      <TextField
        id="work-source"
        label="Source"
        value={now.source}
        onChange={(event) => setNow({ ...now, source: event.target.value })}
      />
      <div className="finding-acts wide">
        <Button type="submit" variant="contained" disabled={!isExpression(now.licenceId)} loading={save.isPending}>
          Save
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </form>
  );
}
