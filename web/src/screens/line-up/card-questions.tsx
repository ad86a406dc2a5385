import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CardFinding, LineUpCard } from '@haveld/contract/api/line-up';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { LicenceField } from '../../parts/licence-field';
import { Mark } from '../../parts/mark';
import { useBook } from '../../parts/use-book';
import {} from './read-card';
import type { CardActs } from './use-card-acts';

/** Rights that are answered on the card. */
const HERE: ReadonlySet<FindingKind> = new Set(['rights:licence', 'rights:source', 'rights:author']);

/** More are on the bench. */
const MOST_CHOICES = 3;

/** What is for a person to say, with the answers right there. */
export function CardQuestions({ card, acts }: { card: LineUpCard; acts: CardActs }) {
  return card.asked.map((finding) => <Question key={finding.key} finding={finding} card={card} acts={acts} />);
}

function Question({ finding, card, acts }: { finding: CardFinding; card: LineUpCard; acts: CardActs }) {
  return (
    <div className="line-up-question">
      <p className={`small says-${finding.mark}`}>
        <Mark mark={finding.mark} /> {finding.title}
      </p>
      <div className="line-up-answers">
        {finding.kind === 'rights:licence' ? (
          <LicenceAnswers card={card} acts={acts} />
        ) : (
          finding.choices.slice(0, MOST_CHOICES).map(({ id, label }) => (
            <Button
              key={id}
              size="small"
              variant="outlined"
              disabled={acts.isBusy}
              onClick={() => acts.take(finding, id)}
              aria-label={`${label}: ${card.name}`}
            >
              {finding.kind === 'map' ? label.split('/').pop() : label}
            </Button>
          ))
        )}
        {finding.kind === 'map' && (
          <Button
            size="small"
            variant="outlined"
            disabled={acts.isBusy}
            onClick={acts.leaveMapsOut}
            aria-label={`Leave it out: ${card.name}`}
          >
            Leave it out
          </Button>
        )}
        {finding.kind === 'rights:source' && (
          <WordsAnswer id={`source-${card.id}`} label="Source" onSave={(source) => acts.setRights({ source })} />
        )}
        {finding.kind === 'rights:author' && (
          <>
            <WordsAnswer id={`author-${card.id}`} label="Author" onSave={(author) => acts.setRights({ author })} />
            <Button
              size="small"
              variant="outlined"
              disabled={acts.isBusy}
              onClick={() => acts.setRights({ authorUnknown: true })}
              aria-label={`Author unknown: ${card.name}`}
            >
              Unknown
            </Button>
          </>
        )}
        {finding.heading === 'rights' && !HERE.has(finding.kind) && (
          <Button
            size="small"
            variant="outlined"
            component={Link}
            to={`/bench/${card.id}`}
            aria-label={`Open it: ${card.name}`}
          >
            Open it
          </Button>
        )}
      </div>
    </div>
  );
}

/** A word or two, saved with Enter. */
function WordsAnswer({ id, label, onSave }: { id: string; label: string; onSave: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <form
      className="line-up-field"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') onSave(text.trim());
      }}
    >
      <TextField
        id={id}
        placeholder={label}
        slotProps={{ htmlInput: { 'aria-label': label } }}
        value={text}
        onChange={(event) => setText(event.target.value)}
        fullWidth
      />
    </form>
  );
}

/** What its texts name comes first; any other licence is one field away. */
function LicenceAnswers({ card, acts }: { card: LineUpCard; acts: CardActs }) {
  const book = useBook();
  const [other, setOther] = useState<string | null>(null);
  const named = card.namedLicences.slice(0, MOST_CHOICES);
  if (other !== null)
    return (
      <form
        className="line-up-field"
        onSubmit={(event) => {
          event.preventDefault();
          acts.setRights({ licenceId: other });
          setOther(null);
        }}
      >
        <LicenceField id={`licence-${card.id}`} value={other} onChange={setOther} />
        <Button size="small" type="submit" variant="contained" disabled={other === ''}>
          Save
        </Button>
        <Button size="small" onClick={() => setOther(null)}>
          Cancel
        </Button>
      </form>
    );
  return (
    <>
      {named.map((id) => (
        <Button
          key={id}
          size="small"
          variant="outlined"
          disabled={acts.isBusy}
          onClick={() => acts.setRights({ licenceId: id })}
          aria-label={`${licenceWords(book, id)}: ${card.name}`}
        >
          {licenceWords(book, id)}
        </Button>
      ))}
      <Button
        size="small"
        variant="outlined"
        onClick={() => setOther('')}
        aria-label={`${named.length > 0 ? 'Another' : 'Say which'} licence: ${card.name}`}
      >
        {named.length > 0 ? 'Another licence' : 'Say which licence'}
      </Button>
    </>
  );
}
