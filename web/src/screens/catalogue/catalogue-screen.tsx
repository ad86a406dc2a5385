import './catalogue.css';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { QuestionSchema, type Card, type Question } from '@haveld/contract/api/catalogue';
import { catalogueQuery } from '../../api/queries';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useMay } from '../../parts/use-may';
import { HandOverDialog } from '../projects/hand-over-dialog';
import { Drawers } from './drawers';
import { Frames } from './frames';
import { QuestionSentence } from './question-sentence';

type Pictures = 'scale' | 'frame';

const ORDERS: { value: Question['order']; label: string }[] = [
  { value: 'height', label: 'by height' },
  { value: 'newest', label: 'newest' },
  { value: 'used', label: 'most used' },
];

/** The library, asked in a sentence that stands in the address. */
export function CatalogueScreen() {
  const [search, setSearch] = useSearchParams();
  const parsed = QuestionSchema.safeParse(Object.fromEntries(search));
  const question = parsed.success ? parsed.data : QuestionSchema.parse({});
  const pictures: Pictures = search.get('pictures') === 'frame' ? 'frame' : 'scale';
  const catalogue = useQuery(catalogueQuery(question));
  const [chosen, setChosen] = useState<ReadonlyMap<string, Card>>(new Map());
  const [handing, setHanding] = useState(false);
  const mayHandOver = useMay('artist');

  const ask = (change: Record<string, string>): void => {
    const next = new URLSearchParams(search);
    for (const [name, value] of Object.entries(change)) {
      if (value === '') next.delete(name);
      else next.set(name, value);
    }
    setSearch(next, { replace: true });
  };
  const toggle = (card: Card): void => {
    const next = new Map(chosen);
    if (!next.delete(card.id)) next.set(card.id, card);
    setChosen(next);
  };
  const cards = catalogue.data?.cards ?? [];
  const isNarrowed =
    question.words !== '' ||
    question.category !== '' ||
    question.use !== '' ||
    question.triangles > 0 ||
    question.state !== 'catalogued';
  return (
    <div className="screen">
      <div className="catalogue-head">
        <QuestionSentence question={question} catalogue={catalogue.data} onAsk={ask} />
        <div className="catalogue-tools">
          <span className="quiet small">Pictures</span>
          <Choice
            label="Pictures"
            value={pictures}
            options={[
              { value: 'scale', label: 'true to scale, row by row' },
              { value: 'frame', label: 'each in its frame' },
            ]}
            onChange={(value) => ask({ pictures: value === 'frame' ? 'frame' : '' })}
          />
          <span className="quiet small">Order</span>
          <Choice
            label="Order"
            value={question.order}
            options={ORDERS}
            onChange={(value) => ask({ order: value === 'height' ? '' : value })}
          />
          <span className="grow" />
          {chosen.size > 0 && (
            <>
              <span>
                <strong>{chosen.size}</strong> chosen
              </span>
              <Button onClick={() => setChosen(new Map())}>none</Button>
            </>
          )}
          {chosen.size > 0 ? (
            <Button variant="contained" onClick={() => setHanding(true)}>
              Hand over {chosen.size}
            </Button>
          ) : (
            mayHandOver &&
            cards.length > 0 && <span className="quiet small">Tick what a project needs, then hand it over.</span>
          )}
        </div>
      </div>
      <div className="screen-body">
        {catalogue.isPending && <Loading />}
        {catalogue.error && <Failure error={catalogue.error} onRetry={() => void catalogue.refetch()} />}
        {catalogue.data && cards.length === 0 && (
          <Notice
            title={isNarrowed ? 'Nothing fits this question' : 'The catalogue is empty'}
            action={
              isNarrowed ? (
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
            {isNarrowed ? 'Take a word or a condition away.' : 'What is put right on the bench is catalogued here.'}
          </Notice>
        )}
        {cards.length > 0 &&
          (pictures === 'scale' ? (
            <Drawers cards={cards} chosen={chosen} onToggle={mayHandOver ? toggle : null} />
          ) : (
            <Frames cards={cards} chosen={chosen} onToggle={mayHandOver ? toggle : null} />
          ))}
      </div>
      {handing && (
        <HandOverDialog
          cards={[...chosen.values()]}
          onClose={() => setHanding(false)}
          onDone={() => {
            setHanding(false);
            setChosen(new Map());
          }}
        />
      )}
    </div>
  );
}

function Choice<V extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: V;
  options: { value: V; label: string }[];
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
