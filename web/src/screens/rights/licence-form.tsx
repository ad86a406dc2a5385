import './licence-form.css';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { memo, useCallback, useState } from 'react';
import { saveLicence } from '@haveld/contract/api/rights';
import { HOUSE_STANDINGS, type Term, type Terms } from '@haveld/contract/terms';
import { closedTerms } from '@haveld/core/rights/licences/free-terms';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useEdit } from '../../api/use-edit';
import { CountField } from '../../parts/count-field';
import { STANDING_WORDS } from '../../parts/standing-mark';

type GrantName = keyof Terms & ('commercial' | 'adapt' | 'shareAdapted' | 'passOn' | 'largerWork' | 'learning');
type DutyName = keyof Terms &
  ('attribution' | 'stateChanges' | 'notice' | 'noLocks' | 'noEndorsement' | 'editorialOnly' | 'personalOnly');
type Change = (part: Partial<Terms>) => void;

const GRANTS: [GrantName, string][] = [
  ['commercial', 'Commercial use'],
  ['largerWork', 'Use in a larger work'],
  ['adapt', 'Modification'],
  ['shareAdapted', 'Sharing modified versions'],
  ['passOn', 'Redistribution'],
  ['learning', 'Machine learning'],
];
const GRANT_WORDS: Record<Term['grant'], string> = {
  yes: 'yes',
  no: 'no',
  ask: 'after asking',
  unshared: 'only unshared',
  silent: 'not named',
};
const DUTIES: [DutyName, string][] = [
  ['attribution', 'name the author'],
  ['stateChanges', 'state changes'],
  ['notice', 'keep the text with it'],
  ['noLocks', 'no technical locks'],
  ['noEndorsement', 'no endorsement'],
  ['editorialOnly', 'editorial only'],
  ['personalOnly', 'personal only'],
];

/** One permission, and where it says so. Drawn anew only where it changes: a form of thirty fields would lag behind the keys. */
const Grant = memo(function Grant({
  name,
  words,
  term,
  change,
}: {
  name: GrantName;
  words: string;
  term: Term;
  change: Change;
}) {
  return (
    <div>
      <TextField
        id={`grant-${name}`}
        select
        label={words}
        value={term.grant}
        onChange={(event) => change({ [name]: { ...term, grant: event.target.value as Term['grant'] } })}
      >
        {Object.entries(GRANT_WORDS).map(([grant, label]) => (
          <MenuItem key={grant} value={grant}>
            {label}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id={`clause-${name}`}
        label="clause"
        placeholder="section 3"
        value={term.clause}
        onChange={(event) => change({ [name]: { ...term, clause: event.target.value } })}
      />
    </div>
  );
});

/** One obligation. */
const Duty = memo(function Duty({
  name,
  words,
  isOwed,
  change,
}: {
  name: DutyName;
  words: string;
  isOwed: boolean;
  change: Change;
}) {
  return (
    <FormControlLabel
      label={words}
      control={
        <Checkbox
          size="small"
          checked={isOwed}
          onChange={(event) => change({ [name]: event.target.checked ? { clause: '' } : null })}
        />
      }
    />
  );
});

/** A licence of the house: name, text and term sheet, every term with the place that says so. */
export function LicenceForm({
  terms: given,
  text: givenText = '',
  isKnown = false,
  onDone,
}: {
  terms?: Terms;
  text?: string;
  isKnown?: boolean;
  onDone: (id: string | null) => void;
}) {
  const [terms, setTerms] = useState<Terms>(given ?? closedTerms('LicenseRef-', '', '', { house: 'look' }));
  const [text, setText] = useState(givenText);
  const [why, setWhy] = useState('');
  const change = useCallback<Change>((part) => setTerms((now) => ({ ...now, ...part })), []);
  const { toSend, tell } = useEdit(given ?? terms);
  const save = useChange(
    () => {
      const { seen, ...wanted } = toSend(terms);
      return call(saveLicence, { body: isKnown ? { terms: wanted, seen, text, why } : { terms, text, why } });
    },
    { onDone: (page) => onDone(page.terms.id), onOvertaken: tell },
  );
  return (
    <form
      className="sheet licence-form"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(undefined);
      }}
    >
      <div className="rights-form">
        <TextField
          id="own-id"
          label="Identifier"
          value={terms.id}
          disabled={given !== undefined}
          onChange={(event) => change({ id: event.target.value.trim() })}
          helperText="LicenseRef- and a name: letters, digits, dots, hyphens"
        />
        <TextField
          id="own-short"
          label="Short, as in a credit"
          value={terms.short}
          onChange={(event) => change({ short: event.target.value })}
        />
        <TextField
          id="own-name"
          label="Name"
          value={terms.name}
          onChange={(event) => change({ name: event.target.value })}
        />
        <TextField
          id="own-house"
          select
          label="The house"
          value={terms.house}
          onChange={(event) => change({ house: event.target.value as Terms['house'] })}
        >
          {HOUSE_STANDINGS.map((standing) => (
            <MenuItem key={standing} value={standing}>
              {STANDING_WORDS[standing]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          id="own-url"
          className="wide"
          label="Its page"
          value={terms.url}
          placeholder="https://…"
          onChange={(event) => change({ url: event.target.value.trim() })}
        />
      </div>
      <fieldset className="term-grid">
        <legend>Permissions, and the passage that states each</legend>
        {GRANTS.map(([name, words]) => (
          <Grant key={name} name={name} words={words} term={terms[name]} change={change} />
        ))}
      </fieldset>
      <fieldset className="term-duties">
        <legend>Obligations</legend>
        {DUTIES.map(([name, words]) => (
          <Duty key={name} name={name} words={words} isOwed={terms[name] !== null} change={change} />
        ))}
        <FormControlLabel
          label="share alike"
          control={
            <Checkbox
              size="small"
              checked={terms.shareAlike !== null}
              onChange={(event) =>
                change({ shareAlike: event.target.checked ? { clause: '', with: [], wholeWork: false } : null })
              }
            />
          }
        />
      </fieldset>
      <div className="rights-form">
        <CountField id="own-seats" label="People at most" value={terms.seats} onChange={(seats) => change({ seats })} />
        <CountField
          id="own-months"
          label="Months it lasts"
          value={terms.months}
          onChange={(months) => change({ months })}
        />
        <TextField
          id="own-territory"
          label="Only in"
          value={terms.territory}
          onChange={(event) => change({ territory: event.target.value })}
        />
        <TextField
          id="own-fee"
          select
          label="Price"
          value={terms.fee}
          onChange={(event) => change({ fee: event.target.value as Terms['fee'] })}
        >
          <MenuItem value="none">none</MenuItem>
          <MenuItem value="paid">has one</MenuItem>
          <MenuItem value="asked">may be asked</MenuItem>
        </TextField>
        <TextField
          id="own-text"
          className="wide"
          label="Licence text"
          multiline
          minRows={4}
          maxRows={12}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <TextField
          id="own-why"
          className="wide"
          label="Why"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          placeholder={isKnown ? 'the site changed its terms' : 'read on the site today'}
        />
        <div className="finding-acts wide">
          <Button
            type="submit"
            variant="contained"
            loading={save.isPending}
            disabled={terms.name === '' || terms.short === ''}
          >
            Save
          </Button>
          <Button onClick={() => onDone(null)}>Cancel</Button>
          {isKnown && <span className="quiet small">Live projects that hold something under it are opened again.</span>}
        </div>
      </div>
    </form>
  );
}
