import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import type { LineUpCard as Card } from '@haveld/contract/api/line-up';
import { splitTags, TagsSchema } from '@haveld/contract/tag';
import { formatLength, parseLength } from '@haveld/core/placement/units';
import { licenceWords, standingOf } from '@haveld/core/rights/licence-book';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { CategoryOptions } from '../../parts/category-select';
import { formatCount, formatThousands } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import { CardQuestions } from './card-questions';
import { findGuess, heightBy, otherGuess, sidesOf, sizeSource } from './read-card';
import { useCardActs, type CardActs } from './use-card-acts';

/** Which field of a card is open. */
export type CardField = 'name' | 'height' | 'tags' | null;

export interface CardProps {
  card: Card;
  field: CardField;
  onField: (field: CardField) => void;
  isChosen: boolean;
  onToggle: () => void;
}

/** What stands under a picture of the line-up: its name, its measure, whose it is, what it is, and what is open. */
export function CardWords(props: CardProps) {
  const { card, field, onField, isChosen, onToggle } = props;
  const acts = useCardActs(card);
  return (
    <div className="card-words">
      <div className="card-name">
        <Checkbox
          size="small"
          checked={isChosen}
          onChange={onToggle}
          slotProps={{ input: { 'aria-label': `Choose ${card.name}` } }}
          sx={{ ml: '-6px', my: '-4px' }}
        />
        {field === 'name' ? (
          <LineField
            label="Name"
            start={card.name}
            onSave={(name) => acts.rename(name)}
            onClose={() => onField(null)}
          />
        ) : (
          <Link to={`/bench/${card.id}`} onDoubleClick={() => onField('name')}>
            {card.name}
          </Link>
        )}
      </div>
      <Measure {...props} acts={acts} />
      <Stance card={card} acts={acts} />
      <OtherGuesses card={card} />
      <Maps card={card} />
      <Licence card={card} />
      <p className="small quiet line-up-what">
        <select
          aria-label={`Category of ${card.name}`}
          value={card.category ?? card.proposedCategory.id}
          onChange={(event) => acts.setCategory(event.target.value)}
        >
          <CategoryOptions />
        </select>
        <span>{formatThousands(card.triangles)} triangles</span>
      </p>
      <Tags {...props} acts={acts} />
      {card.failure && (
        <p className="small says-blocks">
          <Mark mark="blocks" /> {card.failure}
        </p>
      )}
      {card.busy && <p className="small quiet">{card.busy} …</p>}
      <CardQuestions card={card} acts={acts} />
    </div>
  );
}

/** Its height, and by what that is known; in pencil with the other guess beside it. */
function Measure({ card, acts, field, onField }: CardProps & { acts: CardActs }) {
  const { heightM } = sidesOf(card);
  const guess = findGuess(card, 'size');
  if (field === 'height')
    return (
      <LineField
        label="Height"
        placeholder="78 cm"
        refuses={(text) => (parseLength(text) === null ? 'Write it as 78 cm, 1.7 m or 2\' 6"' : null)}
        onSave={(text) => acts.setHeight(parseLength(text)!)}
        onClose={() => onField(null)}
      />
    );
  if (heightM === null) return card.standing && <p className="small quiet">no real size</p>;
  const other = guess && otherGuess(guess);
  const otherHeight = other && heightBy(card, other);
  return (
    <p className={`small ${guess ? 'in-pencil' : ''}`}>
      <button
        type="button"
        className="line-up-height mono"
        onClick={() => onField('height')}
        aria-label={`Height of ${card.name}: ${formatLength(heightM)}`}
      >
        {formatLength(heightM)}
      </button>{' '}
      {guess ? `in pencil, ${percent(guess.choices[0].confidence)}` : <span className="quiet">{sizeSource(card)}</span>}
      {other && otherHeight !== null && (
        <>
          {' or '}
          <Button
            size="small"
            disabled={acts.isBusy}
            onClick={() => acts.take(guess, other.id)}
            aria-label={`${formatLength(otherHeight!)} high: ${card.name}`}
            sx={{ p: 0, minWidth: 0 }}
          >
            {formatLength(otherHeight!)}
          </Button>
        </>
      )}
    </p>
  );
}

/** How it stands, where that is a guess. */
function Stance({ card, acts }: { card: Card; acts: CardActs }) {
  const guess = findGuess(card, 'up');
  if (!guess) return null;
  return (
    <p className="small in-pencil">
      stands so in pencil, {percent(guess.choices[0].confidence)}{' '}
      <Button
        size="small"
        disabled={acts.isBusy}
        onClick={() => acts.turn('x', 90)}
        aria-label={`Tip it: ${card.name}`}
        sx={{ p: 0, minWidth: 0 }}
      >
        Tip it
      </Button>
    </p>
  );
}

/** Words it is found by beside its name. */
function Tags({ card, acts, field, onField }: CardProps & { acts: CardActs }) {
  if (field === 'tags')
    return (
      <LineField
        label="Tags, separated by commas"
        start={card.tags.join(', ')}
        refuses={(text) => TagsSchema.safeParse(splitTags(text)).error?.issues[0].message ?? null}
        mayBeEmpty
        onSave={(text) => acts.setTags(splitTags(text))}
        onClose={() => onField(null)}
      />
    );
  const said = card.tags.filter((tag) => !card.proposedTags.includes(tag));
  return (
    <p className="small quiet">
      <button
        type="button"
        className="line-up-tags"
        onClick={() => onField('tags')}
        aria-label={`${card.tags.join(', ') || 'no tags'}: tags of ${card.name}`}
      >
        {said.join(', ') || (card.proposedTags.length === 0 && 'no tags')}
        {said.length > 0 && card.proposedTags.length > 0 && ', '}
        <span className="in-pencil">{card.proposedTags.join(', ')}</span>
      </button>
    </p>
  );
}

/** What the front and the pivot are taken for, that it is set straight, and how its surfaces are shown. */
function OtherGuesses({ card }: { card: Card }) {
  const [first, ...others] = OTHER_KINDS.flatMap((kind) => findGuess(card, kind)?.choices[0].label ?? []);
  if (first === undefined) return null;
  const words = [first, ...others.map((label) => label.charAt(0).toLowerCase() + label.slice(1))];
  return <p className="small in-pencil">{words.join(', ')} in pencil</p>;
}

const OTHER_KINDS = ['tilt', 'front-axis', 'pivot', 'normals', 'sides'] as const;

/** More are counted. */
const MOST_MAPS = 2;

/** Maps that were taken by a guess. */
function Maps({ card }: { card: Card }) {
  const maps = card.guessed.filter(({ kind }) => kind === 'map');
  if (maps.length === 0) return null;
  const names = maps.map(({ choices }) => choices[0].label.split('/').pop()!);
  return (
    <p className="small in-pencil" title={names.join(', ')}>
      {names.length <= MOST_MAPS ? names.join(', ') : formatCount(names.length, 'map')} in pencil
    </p>
  );
}

function Licence({ card: { provenance } }: { card: Card }) {
  const book = useBook();
  if (provenance.licenceId === UNKNOWN_LICENCE) return null;
  const mark = STANDING_MARKS[standingOf(book, provenance.licenceId)];
  return (
    <p className="small">
      <span className={`says-${mark}`}>
        <Mark mark={mark} /> {licenceWords(book, provenance.licenceId)}
      </span>{' '}
      {provenance.authorUnknown ? 'author unknown' : provenance.author}
    </p>
  );
}

/** A field that opens where the words stood: Enter saves, Escape leaves it. */
function LineField({
  label,
  start = '',
  placeholder,
  refuses = () => null,
  mayBeEmpty = false,
  onSave,
  onClose,
}: {
  label: string;
  start?: string;
  placeholder?: string;
  /** Why what is typed cannot be taken, or null. */
  refuses?: (text: string) => string | null;
  mayBeEmpty?: boolean;
  onSave: (text: string) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState(start);
  const why = text.trim() === '' ? null : refuses(text.trim());
  return (
    <form
      className="line-up-field"
      onSubmit={(event) => {
        event.preventDefault();
        if ((text.trim() === '' && !mayBeEmpty) || why) return;
        onSave(text.trim());
        onClose();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') onClose();
      }}
    >
      <TextField
        label={why ?? label}
        error={why !== null}
        placeholder={placeholder}
        value={text}
        autoFocus
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        size="small"
        fullWidth
      />
    </form>
  );
}

const percent = (confidence: number): string => `${Math.round(Math.min(0.99, confidence) * 100)} %`;
