import Button from '@mui/material/Button';
import { useDeferredValue, useMemo } from 'react';
import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { readText } from '@haveld/core/rights/reading/read-text';
import { weighLicences } from '@haveld/core/rights/reading/weigh-statements';
import { useBook } from '../../parts/use-book';

const MOST = 3;

/** What pasted words say of licence and author, each with its passage: taken by a click, and not by itself. */
export function WordsSaid({
  text,
  onLicence,
  onAuthor,
}: {
  text: string;
  onLicence: (licenceId: string) => void;
  onAuthor: (name: string) => void;
}) {
  const book = useBook();
  // words of a whole page take a moment, and the next letter must not wait for them
  const read = useDeferredValue(text);
  const { licences, authors } = useMemo(() => {
    const said = readText(read, { file: '', firstLine: 1 });
    return {
      licences: weighLicences(said.licences)
        .filter(({ id }) => isExpression(id))
        .slice(0, MOST),
      authors: said.authors
        .filter(({ name }, i, all) => all.findIndex((one) => one.name === name) === i)
        .slice(0, MOST),
    };
  }, [read]);
  if (licences.length + authors.length === 0) return null;
  return (
    <div className="wide small" role="group" aria-label="What these words say">
      {licences.map(({ id, evidence }) => (
        <p key={id}>
          <Button size="small" onClick={() => onLicence(id)}>
            {licenceWords(book, id)}
          </Button>{' '}
          <span className="quiet">“{evidence.passage}”</span>
        </p>
      ))}
      {authors.map(({ name, evidence }) => (
        <p key={name}>
          <Button size="small" onClick={() => onAuthor(name)}>
            by {name}
          </Button>{' '}
          <span className="quiet">“{evidence.passage}”</span>
        </p>
      ))}
    </div>
  );
}
