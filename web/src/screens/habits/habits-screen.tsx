import './habits.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { removeHabit, type HabitProposal, type NamingHabit, type StoredHabit } from '@haveld/contract/api/habits';
import { call } from '../../api/client';
import { habitsQuery, houseTreatmentsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { HabitForm } from './habit-form';
import { useMay } from '../../parts/use-may';

const EMPTY: NamingHabit = {
  appliesBy: 'archive',
  pattern: '',
  words: [],
  unit: null,
  up: null,
  front: null,
  twoSidedFoliage: null,
  houseTreatmentId: null,
};
const SCOPE_WORDS: Record<NamingHabit['appliesBy'], string> = {
  archive: 'archives called',
  site: 'texts that name the site',
  source: 'texts that name',
};

/** How each source names its maps, units and levels of detail: proposed from what people decided, tried out, kept. */
export function HabitsScreen() {
  const habits = useQuery(habitsQuery);
  const [editing, setEditing] = useState<{ id: string; habit: NamingHabit } | null>(null);
  const mayKeep = useMay('curator');
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Naming habits</h1>
        <span className="quiet">what a source’s names mean, so that its next download sorts itself</span>
        <span className="grow" />
        {mayKeep && (
          <Button variant="outlined" onClick={() => setEditing({ id: 'new', habit: EMPTY })}>
            New naming habit
          </Button>
        )}
        <Button component={Link} to="/arrivals">
          Back to the arrivals
        </Button>
      </div>
      <div className="screen-body habits">
        {habits.isPending && <Loading />}
        {habits.error && <Failure error={habits.error} onRetry={() => void habits.refetch()} />}
        {editing && (
          <HabitForm
            key={editing.id + editing.habit.pattern}
            id={editing.id}
            habit={editing.habit}
            onDone={() => setEditing(null)}
          />
        )}
        {habits.data && habits.data.proposals.length > 0 && (
          <section aria-label="Proposed">
            <h2>Proposed from what was sorted by hand</h2>
            {habits.data.proposals.map((proposal) => (
              <ProposalRow
                key={`${proposal.pattern} ${proposal.word} ${proposal.means}`}
                proposal={proposal}
                onTake={() => setEditing({ id: 'new', habit: toHabit(proposal) })}
              />
            ))}
          </section>
        )}
        {habits.data && habits.data.habits.length > 0 && (
          <section aria-label="Kept">
            <h2>Kept</h2>
            {habits.data.habits.map((habit) => (
              <HabitRow key={habit.id} habit={habit} onEdit={() => setEditing({ id: habit.id, habit })} />
            ))}
          </section>
        )}
        {habits.data && habits.data.habits.length + habits.data.proposals.length === 0 && !editing && (
          <Notice title="No habits yet">
            Sort an arrival by hand and what you change is proposed here as a habit of its source. Or write one down:
            “low” is a coarser model, “WH” is roughness, this site’s files are centimetres with Z up.
          </Notice>
        )}
      </div>
    </div>
  );
}

const toHabit = ({ appliesBy, pattern, word, means }: HabitProposal): NamingHabit => ({
  ...EMPTY,
  appliesBy,
  pattern,
  words: [{ word, means }],
});

function ProposalRow({ proposal, onTake }: { proposal: HabitProposal; onTake: () => void }) {
  const mayKeep = useMay('curator');
  return (
    <article className="sheet habit asks">
      <div className="habit-words">
        <h3>
          <Mark mark="look" /> “{proposal.word}” means {proposal.means}, in {SCOPE_WORDS[proposal.appliesBy]}{' '}
          <span className="mono">{proposal.pattern}</span>
        </h3>
        <ul className="small quiet">
          {proposal.evidence.slice(0, 3).map((sentence, i) => (
            <li key={i}>{sentence}</li>
          ))}
          {proposal.evidence.length > 3 && <li>and {proposal.evidence.length - 3} times more</li>}
        </ul>
      </div>
      {mayKeep && (
        <Button variant="contained" onClick={onTake}>
          Try it out
        </Button>
      )}
    </article>
  );
}

function HabitRow({ habit, onEdit }: { habit: StoredHabit; onEdit: () => void }) {
  const remove = useChange(() => call(removeHabit, { params: { id: habit.id } }));
  const treatment = useQuery(houseTreatmentsQuery).data?.find(({ id }) => id === habit.houseTreatmentId);
  const mayKeep = useMay('curator');
  return (
    <article className="sheet habit">
      <div className="habit-words">
        <h3>
          In {SCOPE_WORDS[habit.appliesBy]} <span className="mono">{habit.pattern}</span>
        </h3>
        <p>
          {describe(habit)}
          {treatment && ` On the bench its models get “${treatment.name}”.`}
        </p>
        <p className="small quiet">
          {habit.personName}, {formatMoment(habit.changedAt)}
          {habit.appliesBy === 'archive' && ` · fits ${formatCount(habit.arrivals, 'arrival')} so far`}
        </p>
      </div>
      {mayKeep && (
        <>
          <Button variant="outlined" onClick={onEdit} aria-label={`Edit: ${habit.pattern}`}>
            Edit
          </Button>
          <Button
            size="small"
            loading={remove.isPending}
            onClick={() => remove.mutate(undefined)}
            aria-label={`Delete: ${habit.pattern}`}
          >
            Delete
          </Button>
        </>
      )}
    </article>
  );
}

const UNIT_WORDS = { mm: 'millimetres', cm: 'centimetres', dm: 'decimetres', m: 'metres', in: 'inches', ft: 'feet' };

const FRONT_WORDS = { '+z': 'forwards', '-z': 'away', '+x': 'to the right', '-x': 'to the left' };

function describe({ words, unit, up, front, twoSidedFoliage }: NamingHabit): string {
  const parts = [
    ...words.map(({ word, means }) => `“${word}” means ${means.replace('map:', 'a map of ')}`),
    ...(unit ? [`its files are in ${UNIT_WORDS[unit]}`] : []),
    ...(up ? [`${up.toUpperCase()} is up`] : []),
    ...(front ? [`once they stand, its models face ${FRONT_WORDS[front]}`] : []),
    ...(twoSidedFoliage === null ? [] : [twoSidedFoliage ? 'leaves are two-sided' : 'leaves are one-sided']),
  ];
  return parts.length > 0 ? `${parts.join(', ')}.` : 'Nothing yet.';
}
