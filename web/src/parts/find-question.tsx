import Button from '@mui/material/Button';
import { answerFindQuestion, setFindAside, type Find } from '@haveld/contract/api/arrivals';
import { call } from '../api/client';
import { useChange } from '../api/use-change';

/** What a find leaves open, as its answers: a button each. */
export function FindAnswers({
  id,
  name,
  question,
}: {
  id: string;
  name: string;
  question: NonNullable<Find['question']>;
}) {
  const answer = useChange((choiceId: string) => call(answerFindQuestion, { params: { id }, body: { choiceId } }));
  return question.choices.map((choice, i) => (
    <Button
      key={choice.id}
      variant={i === 0 ? 'contained' : 'outlined'}
      loading={answer.isPending && answer.variables === choice.id}
      onClick={() => answer.mutate(choice.id)}
      aria-label={`${choice.label}: ${name}`}
    >
      {choice.label[0].toUpperCase() + choice.label.slice(1)}
    </Button>
  ));
}

/** Keeps a find in the store without making an asset of it. */
export function SetAside({ id, name }: { id: string; name: string }) {
  const aside = useChange(() =>
    call(setFindAside, { params: { id }, body: { reason: 'Set aside; it stays in the store.' } }),
  );
  return (
    <Button
      size="small"
      loading={aside.isPending}
      onClick={() => aside.mutate(undefined)}
      aria-label={`Set aside: ${name}`}
    >
      Set aside
    </Button>
  );
}
