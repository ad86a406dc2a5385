import { Link } from 'react-router';
import type { Source, searchSources } from '@haveld/contract/api/sources';
import { adviseOn } from '@haveld/contract/source-fault';
import type { z } from 'zod';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';

type Answer = z.output<typeof searchSources.response>;

const describeShown = (shown: number, total: number | null): string =>
  shown === 0 && !total
    ? 'has none'
    : `${formatCount(shown, 'model')} shown${total !== null && total > shown ? ` of ${total}` : ''}`;

/** Which sources answered, with how much; which did not, why, and what to do about it. */
export function SourcesSaid({ sources, answers }: { sources: readonly Source[]; answers: readonly Answer[] }) {
  const [first] = answers;
  return (
    <div className="sources-said" role="status" aria-label="Sources">
      {sources.map(({ kind, name }) => {
        const silent = answers.flatMap((answer) => answer.silent).find((one) => one.kind === kind);
        const total = (first as Answer | undefined)?.asked.find((one) => one.kind === kind)?.total ?? null;
        const shown = answers.flatMap(({ rows }) => rows).filter((row) => row.kind === kind).length;
        return (
          <span key={kind}>
            <Mark mark={silent ? 'look' : 'holds'} />
            <Link to={`/arrivals/sources/${kind}`}>{name}</Link>
            <span className="quiet small">
              {silent
                ? `${silent.trouble.message} ${adviseOn(silent.trouble.kind, false)}`
                : first
                  ? describeShown(shown, total)
                  : 'asked …'}
            </span>
          </span>
        );
      })}
    </div>
  );
}
