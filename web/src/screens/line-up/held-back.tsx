import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { HeldBack as Held, LineUp } from '@haveld/contract/api/line-up';
import { FindAnswers, SetAside } from '../../parts/find-question';
import { Mark } from '../../parts/mark';
import { Thumbnail } from '../../parts/thumbnail';

/** The models stay in sight below them. */
const LINES_SHOWN = 4;

/** What could not be lined up, why, and what it is answered with, before everything else. */
export function HeldBack({ finds }: { finds: LineUp['heldBack'] }) {
  const [all, setAll] = useState(false);
  if (finds.length === 0) return null;
  const shown = all ? finds : finds.slice(0, LINES_SHOWN);
  return (
    <ul className="line-up-held" aria-label="Held back">
      {shown.map((held) => (
        <li key={held.id}>
          <Thumbnail
            sha256={held.thumbnailSha256}
            name={`${held.name}, as received`}
            waiting={held.state === 'failed' ? 'not readable' : '…'}
          />
          <span className="line-up-held-words">
            <Mark mark={held.state === 'failed' ? 'blocks' : 'look'} />{' '}
            <Link to={`/arrivals/${held.arrivalId}`}>{held.name}</Link> <span className="quiet">{held.why}</span>
          </span>
          <Acts held={held} />
        </li>
      ))}
      {shown.length < finds.length && (
        <li>
          <Button size="small" onClick={() => setAll(true)}>
            {finds.length - shown.length} more held back
          </Button>
        </li>
      )}
    </ul>
  );
}

/** The question first, then the kit, then a possible double: the order in which they hold it back. */
function Acts({ held: { id, name, state, question, kitId, duplicates } }: { held: Held }) {
  if (state !== 'failed' && question) return <FindAnswers id={id} name={name} question={question} />;
  if (state !== 'failed' && kitId)
    return (
      <Button variant="contained" component={Link} to={`/kits/${kitId}`} aria-label={`See its pieces: ${name}`}>
        See its pieces
      </Button>
    );
  return (
    <>
      {duplicates > 0 && (
        <Button variant="contained" component={Link} to={`/arrivals/duplicates/${id}`} aria-label={`Compare: ${name}`}>
          Compare
        </Button>
      )}
      <SetAside id={id} name={name} />
    </>
  );
}
