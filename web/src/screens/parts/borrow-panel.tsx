import './borrow-panel.css';
import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { PART_WORDS } from '@haveld/core/rights/judge-use';
import { licenceWords } from '@haveld/core/rights/licence-book';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { SLOTS } from '@haveld/core/textures/slots';
import { count } from '@haveld/core/text/count';
import { lendersQuery } from '../../api/queries';
import { Mark } from '../../parts/mark';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { Thumbnail } from '../../parts/thumbnail';
import { useBook } from '../../parts/use-book';
import { useMeasures } from '../../parts/use-measures';
import { usePartPictures } from '../../view3d/use-part-sheet';
import type { Borrowing, Lendable } from './use-borrowing';

const GROUPS: Record<Lendable['kind'], string> = {
  whole: 'the whole',
  part: 'parts',
  material: 'materials',
  map: 'maps',
};

/** Something of another asset, with whose it is: what it is, where it goes, and how it stands there. */
export function BorrowPanel({
  id,
  borrowing,
  chosen,
  isBusy,
  onDone,
}: {
  id: string;
  borrowing: Borrowing;
  chosen: readonly PartRow[];
  isBusy: boolean;
  onDone: () => void;
}) {
  const { asset, thing, lender } = borrowing;
  const book = useBook();
  const [words, setWords] = useState('');
  const found = useQuery({ ...lendersQuery(id, words), placeholderData: keepPreviousData });
  const things = useMemo(
    (): Lendable[] =>
      asset && lender.data
        ? [
            { kind: 'whole', name: asset.name },
            ...lender.data.parts.map(({ row, ref }): Lendable => ({
              kind: 'part',
              name: row.name || 'part',
              row,
              ref,
            })),
            ...lender.data.materials.map(({ name }): Lendable => ({ kind: 'material', name })),
            ...lender.data.materials.flatMap(({ name, slots }) =>
              slots.map((slot): Lendable => ({ kind: 'map', name, slot })),
            ),
          ]
        : [],
    [asset, lender.data],
  );
  return (
    <section className="borrow" aria-label="Borrow from the library">
      <Autocomplete
        size="small"
        autoHighlight
        openOnFocus
        options={found.data ?? []}
        value={asset}
        inputValue={words}
        onInputChange={(_, next, reason) => setWords(reason === 'reset' ? '' : next)}
        onChange={(_, next) => borrowing.choose(next)}
        filterOptions={(all) => all}
        getOptionKey={(one) => one.id}
        getOptionLabel={({ accession, name }) => `${accession} ${name}`}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        noOptionsText={found.isPending ? 'Looking …' : 'Nothing in the catalogue is called so.'}
        renderOption={({ key, ...props }, option) => (
          <li key={key} {...props}>
            <span className="borrow-lender">
              <Thumbnail sha256={option.thumbnailSha256} name="" />
              <span>
                <strong>{option.name}</strong> <span className="mono quiet small">{option.accession}</span>
                <span className="small quiet">
                  {licenceWords(book, option.licenceId)}, {option.author || 'author unknown'}
                </span>
              </span>
            </span>
          </li>
        )}
        renderInput={(params) => (
          <TextField
            {...params}
            label={asset ? 'Borrowed from' : 'Borrow from'}
            placeholder="name, number or author"
            autoFocus
          />
        )}
      />
      {asset && (
        <p className="borrow-rights small">
          <Mark mark={STANDING_MARKS[asset.standing]} /> {licenceWords(book, asset.licenceId)},{' '}
          {asset.author || 'author unknown'}
          {asset.others.map((work, i) => (
            <span key={i}>
              ; <Mark mark={STANDING_MARKS[work.standing]} /> {PART_WORDS[work.part]}
              {work.title && ` “${work.title}”`}: {licenceWords(book, work.licenceId)},{' '}
              {work.author || 'author unknown'}
            </span>
          ))}
          . Terms and credit come along, and go with it.
        </p>
      )}
      {asset && lender.isError && (
        <p className="says-blocks small" role="alert">
          {asset.name} cannot be opened: {lender.error.message}
        </p>
      )}
      {asset && !lender.isError && (
        <Autocomplete
          key={asset.id}
          size="small"
          autoHighlight
          openOnFocus
          loading={lender.isPending}
          loadingText="Reading its parts …"
          options={things}
          value={thing}
          onChange={(_, next) => borrowing.chooseThing(next)}
          groupBy={({ kind }) => GROUPS[kind]}
          getOptionKey={(one) =>
            one.kind === 'part' ? one.row.id : `${one.kind} ${one.name} ${one.kind === 'map' ? one.slot : ''}`
          }
          getOptionLabel={nameOf}
          isOptionEqualToValue={(a, b) => a.kind === b.kind && a.name === b.name && idOf(a) === idOf(b)}
          renderOption={({ key, ...props }, option) => (
            <li key={key} {...props}>
              <ThingWords thing={option} />
            </li>
          )}
          renderInput={(params) => <TextField {...params} label="Part, material or map" autoFocus />}
        />
      )}
      {asset && thing && (
        <ThingInHand
          borrowing={borrowing}
          thing={thing}
          modelSha256={asset.modelSha256}
          chosen={chosen}
          isBusy={isBusy}
        />
      )}
      <div className="part-acts">
        <Button size="small" onClick={onDone}>
          {borrowing.isPut ? 'Done (Esc)' : 'Leave it (Esc)'}
        </Button>
      </div>
    </section>
  );
}

const idOf = (thing: Lendable): string =>
  thing.kind === 'part' ? thing.row.id : thing.kind === 'map' ? thing.slot : '';

const nameOf = (thing: Lendable): string =>
  thing.kind === 'map' ? `${thing.name}, ${SLOTS[thing.slot].label}` : thing.name;

function ThingWords({ thing }: { thing: Lendable }) {
  const { length } = useMeasures();
  if (thing.kind === 'whole') return <span>all of it</span>;
  if (thing.kind === 'material' || thing.kind === 'map') return <span>{nameOf(thing)}</span>;
  const { row } = thing;
  return (
    <span className="borrow-thing" style={{ paddingLeft: row.depth * 10 }}>
      {row.name || 'unnamed'}
      <span className="mono small quiet">{row.size?.map(length).join(' × ')}</span>
    </span>
  );
}

function ThingInHand({
  borrowing,
  thing,
  modelSha256,
  chosen,
  isBusy,
}: {
  borrowing: Borrowing;
  thing: Lendable;
  modelSha256: string;
  chosen: readonly PartRow[];
  isBusy: boolean;
}) {
  const own = [...new Set(chosen.flatMap(({ materials }) => materials))];
  if (thing.kind === 'material' || thing.kind === 'map') {
    const isMap = thing.kind === 'map';
    return (
      <div className="borrow-hand">
        {own.length === 0 ? (
          <p className="part-asks" role="status">
            What should look like it? Choose parts on the sheet or on the model.
          </p>
        ) : (
          <>
            <p className="small">
              {own.join(', ')} {isMap ? 'will have this map' : 'will look like it, with its maps'};{' '}
              {own.length === 1 ? 'it keeps its name' : 'they keep their names'}.
            </p>
            <Button
              size="small"
              variant="contained"
              disabled={isBusy}
              onClick={() => borrowing.takeMaterial(thing.name, own, isMap ? thing.slot : undefined)}
            >
              {isMap ? 'Take the map' : 'Take its looks'} for {count(own.length, 'material')}
            </Button>
          </>
        )}
      </div>
    );
  }
  return (
    <div className="borrow-hand">
      {thing.kind === 'part' && <PartPicture modelSha256={modelSha256} id={thing.row.id} name={thing.name} />}
      <p className="part-asks" role="status">
        {borrowing.isPut
          ? 'Click another place to move it.'
          : 'Where does it go? Click a place on the model: it hangs under what lies there.'}
      </p>
      <div className="borrow-figures">
        <FigureField
          label="rotation, °"
          value={borrowing.degrees}
          step={15}
          min={-360}
          max={360}
          onGiven={(degrees) => borrowing.adjust({ degrees })}
        />
        <FigureField
          label="scale ×"
          value={borrowing.times}
          step={0.1}
          min={0.001}
          max={1000}
          onGiven={(times) => borrowing.adjust({ times })}
        />
        {!borrowing.isPut && (
          <Button size="small" variant="outlined" disabled={isBusy} onClick={borrowing.takeInMiddle}>
            Put it on {chosen.length > 0 ? 'what is chosen' : 'the model'}
          </Button>
        )}
      </div>
    </div>
  );
}

const NO_STEPS = { steps: [], shown: {} };

function PartPicture({ modelSha256, id, name }: { modelSha256: string; id: string; name: string }) {
  const model = useMemo(() => ({ documentSha256: modelSha256, ...NO_STEPS }), [modelSha256]);
  const ids = useMemo(() => [id], [id]);
  const pictures = usePartPictures(model, ids);
  const picture = pictures.data?.get(id);
  return picture ? <img className="borrow-picture" src={picture.url} alt={name} /> : null;
}

function FigureField({
  label,
  value,
  onGiven,
  ...limits
}: {
  label: string;
  value: number;
  step: number;
  min: number;
  max: number;
  onGiven: (value: number) => void;
}) {
  const [words, setWords] = useState<string | null>(null);
  const give = (): void => {
    const given = Number(words);
    setWords(null);
    if (words !== null && words.trim() !== '' && given >= limits.min && given <= limits.max && given !== value)
      onGiven(given);
  };
  return (
    <label className="small">
      {label}
      <input
        type="number"
        {...limits}
        value={words ?? String(value)}
        onChange={(event) => setWords(event.target.value)}
        onBlur={give}
        onKeyDown={(event) => event.key === 'Enter' && give()}
      />
    </label>
  );
}
