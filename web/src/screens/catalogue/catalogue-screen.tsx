import './catalogue.css';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { QuestionSchema, type Question } from '@haveld/contract/api/catalogue';
import type { Left } from '@haveld/contract/api/changes';
import { catalogueQuery } from '../../api/queries';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useMay } from '../../parts/use-may';
import { HandOverDialog } from '../projects/hand-over-dialog';
import { CardList, CardListHead } from './card-list';
import { CardPages } from './card-pages';
import { ChangeDialog, LeftDialog, useUndo, type Done } from './change-dialog';
import { Drawers } from './drawers';
import { Frames } from './frames';
import { isNarrowed } from './question-parts';
import { QuestionSentence } from './question-sentence';
import { SizeScale } from './size-scale';
import { useChosen } from './use-chosen';

const PICTURES = [
  { value: 'scale', label: 'true to scale' },
  { value: 'frame', label: 'each in its frame' },
  { value: 'list', label: 'list' },
  { value: 'sizes', label: 'by size' },
] as const;

const ORDERS: { value: Exclude<Question['order'], ''>; label: string }[] = [
  { value: 'height', label: 'by height' },
  { value: 'newest', label: 'newest' },
  { value: 'used', label: 'most used' },
  { value: 'name', label: 'by name' },
];
const BEST = { value: 'best', label: 'best match' } as const;

/** The library, asked in a sentence that stands in the address. */
export function CatalogueScreen() {
  const [search, setSearch] = useSearchParams();
  const parsed = QuestionSchema.safeParse(Object.fromEntries(search));
  const question = parsed.success ? parsed.data : QuestionSchema.parse({});
  const pictures = PICTURES.find(({ value }) => value === search.get('pictures'))?.value ?? 'scale';
  const natural = question.words === '' ? 'height' : 'best';
  const order = question.order === '' ? natural : question.order;
  const catalogue = useQuery(catalogueQuery(question));
  const choice = useChosen(question, catalogue.data?.total ?? 0);
  const [handing, setHanding] = useState(false);
  const [changing, setChanging] = useState(false);
  const [left, setLeft] = useState<readonly Left[]>([]);
  const told = useTold(setLeft);
  const mayHandOver = useMay('artist');

  const ask = (change: Record<string, string>): void => {
    const next = new URLSearchParams(search);
    for (const [name, value] of Object.entries(change)) {
      if (value === '') next.delete(name);
      else next.set(name, value);
    }
    setSearch(next, { replace: true });
  };
  const cards = catalogue.data?.cards ?? [];
  const total = catalogue.data?.total ?? 0;
  const isAsking = isNarrowed(question);
  const onToggle = mayHandOver ? choice.toggle : null;
  return (
    <div className="screen">
      <div className="catalogue-head">
        <QuestionSentence question={question} catalogue={catalogue.data} onAsk={ask} />
        <div className="catalogue-tools">
          <span className="quiet small">Pictures</span>
          <Choice
            label="Pictures"
            value={pictures}
            options={PICTURES}
            onChange={(value) => ask({ pictures: value === 'scale' ? '' : value })}
          />
          {pictures !== 'list' && pictures !== 'sizes' && (
            <>
              <span className="quiet small">Order</span>
              <Choice
                label="Order"
                value={order}
                options={question.words === '' ? ORDERS : [BEST, ...ORDERS]}
                onChange={(value) => ask({ order: value === natural ? '' : value })}
              />
            </>
          )}
          <span className="grow" />
          {choice.count > 0 ? (
            <>
              <span>
                <strong>{choice.count.toLocaleString('en')}</strong> chosen
              </span>
              <Button onClick={choice.clear}>none</Button>
              {!choice.isAll && total > choice.count && (
                <Button onClick={choice.takeAll}>all {total.toLocaleString('en')} that fit</Button>
              )}
              <Button variant="outlined" onClick={() => setChanging(true)}>
                Change …
              </Button>
              {!choice.isAll && (
                <Button variant="contained" onClick={() => setHanding(true)}>
                  Hand over {choice.count}
                </Button>
              )}
            </>
          ) : (
            mayHandOver &&
            cards.length > 0 && (
              <span className="quiet small">
                Tick assets to hand them over or change them; Shift-click selects a range.
              </span>
            )
          )}
        </div>
      </div>
      <div className="screen-body">
        {catalogue.isPending && <Loading />}
        {catalogue.error && <Failure error={catalogue.error} onRetry={() => void catalogue.refetch()} />}
        {catalogue.data && cards.length === 0 && (
          <Notice
            title={isAsking ? 'Nothing fits this question' : 'The catalogue is empty'}
            action={
              isAsking ? (
                <Button variant="outlined" onClick={() => setSearch(new URLSearchParams())}>
                  Ask for everything
                </Button>
              ) : (
                mayHandOver && (
                  <Button variant="outlined" component={Link} to="/bench">
                    To the bench
                  </Button>
                )
              )
            }
          >
            {isAsking ? 'Take a word or a condition away.' : 'What is put right on the bench is catalogued here.'}
          </Notice>
        )}
        {cards.length > 0 && pictures === 'sizes' && <SizeScale question={question} onAsk={ask} />}
        {cards.length > 0 && pictures === 'list' && (
          <CardListHead
            order={order === 'best' ? null : order}
            onOrder={(next) => ask({ order: next === natural ? '' : next })}
          />
        )}
        {cards.length > 0 && pictures !== 'sizes' && (
          <CardPages
            // another question begins at its first page
            key={search.toString()}
            question={question}
            first={cards}
            total={total}
            render={(some) => {
              const shown = { cards: some, chosen: choice.cards, onToggle };
              if (pictures === 'list') return <CardList {...shown} />;
              return pictures === 'scale' ? <Drawers {...shown} /> : <Frames {...shown} />;
            }}
          />
        )}
      </div>
      {handing && (
        <HandOverDialog
          cards={[...choice.cards.values()]}
          onClose={() => setHanding(false)}
          onDone={() => {
            setHanding(false);
            choice.clear();
          }}
        />
      )}
      {changing && (
        <ChangeDialog
          chosen={choice.chosen}
          count={choice.count}
          onClose={() => setChanging(false)}
          onDone={(done) => {
            setChanging(false);
            told(done);
          }}
        />
      )}
      {left.length > 0 && <LeftDialog left={left} onClose={() => setLeft([])} />}
    </div>
  );
}

/** Tells what was done to several, with the way back. */
function useTold(onLeft: (left: readonly Left[]) => void): (done: Done) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const undo = useUndo(({ sentence, left }) => {
    onLeft(left);
    enqueueSnackbar(sentence);
  });
  return ({ actId, sentence, left }) => {
    onLeft(left);
    enqueueSnackbar(sentence, {
      autoHideDuration: UNDO_MS,
      action: (key) =>
        actId !== null && (
          <Button
            color="inherit"
            size="small"
            onClick={() => {
              closeSnackbar(key);
              undo.mutate(actId);
            }}
          >
            Undo
          </Button>
        ),
    });
  };
}

/** So long the way back is offered beside what was done; after it, among the recent changes. */
const UNDO_MS = 10_000;

function Choice<V extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: V;
  options: readonly { value: V; label: string }[];
  onChange: (value: V) => void;
}) {
  return (
    <ToggleButtonGroup
      size="small"
      exclusive
      value={value}
      aria-label={label}
      onChange={(_, next: V | null) => next && onChange(next)}
    >
      {options.map((option) => (
        <ToggleButton
          key={option.value}
          value={option.value}
          sx={{
            textTransform: 'none',
            whiteSpace: 'nowrap',
            py: '2px',
            px: 1.25,
            fontSize: 13,
            lineHeight: 1.5,
            color: 'var(--quiet)',
            '&.Mui-selected': { color: 'var(--petrol)', bgcolor: 'var(--petrol-soft)', fontWeight: 600 },
          }}
        >
          {option.label}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
