import './find-card.css';
import Button from '@mui/material/Button';
import { Link, useNavigate } from 'react-router';
import { takeToBench, type Find } from '@haveld/contract/api/arrivals';
import { licenceWords, standingOf, type LicenceBook } from '@haveld/core/rights/licence-book';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount, formatThousands } from '../../parts/format';
import { FindAnswers, SetAside } from '../../parts/find-question';
import { Mark } from '../../parts/mark';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { Thumbnail } from '../../parts/thumbnail';
import { useBook } from '../../parts/use-book';

/** One find: what it is, what it leaves open, and the next step. */
export function FindCard({ find }: { find: Find }) {
  const wants = find.blocks > 0 || find.look > 0;
  const isOpen = find.asset === null && find.state !== 'set-aside';
  return (
    <article
      className={`sheet find ${find.state} ${isOpen && find.question ? 'asks' : ''}`}
      data-find={find.id}
      aria-label={find.name}
    >
      <Thumbnail
        sha256={find.thumbnailSha256}
        name={`${find.name}, as received`}
        waiting={find.state === 'failed' ? 'not readable' : 'reading …'}
      />
      <div className="find-words">
        <h3>{find.name}</h3>
        {isOpen && find.question && <p className="find-question">{find.question.text}</p>}
        {find.state === 'waiting' && <p className="quiet">Reading it …</p>}
        {find.message && (
          <p className={find.state === 'failed' ? 'says-blocks' : 'quiet small'}>
            {find.state === 'failed' && <Mark mark="blocks" />} {find.message}
          </p>
        )}
        {find.licenceId && <FindLine find={find} />}
        {find.state === 'read' && wants && <p className="quiet small">{find.titles.join(' · ')}</p>}
        <p className="quiet small">
          {[find.reason, find.triangles !== null ? `${formatThousands(find.triangles)} triangles` : '']
            .filter(Boolean)
            .join(' · ')}
        </p>
      </div>
      <FindActs find={find} />
    </article>
  );
}

/** The question comes first, then a possible double, then the bench. */
function FindActs({ find }: { find: Find }) {
  const navigate = useNavigate();
  const bench = useChange((id: string) => call(takeToBench, { params: { id } }), {
    onDone: ({ assetId }) => void navigate(`/bench/${assetId}`),
  });
  if (find.asset)
    return (
      <div className="find-acts">
        <Button component={Link} to={`/${find.asset.state === 'catalogued' ? 'catalogue' : 'bench'}/${find.asset.id}`}>
          {find.asset.state === 'catalogued' ? 'Catalogued' : 'On the bench'}
        </Button>
      </div>
    );
  const isOpen = find.state === 'read' || find.state === 'failed' || find.state === 'waiting';
  if (isOpen && find.question)
    return (
      <div className="find-acts">
        <FindAnswers id={find.id} name={find.name} question={find.question} />
      </div>
    );
  return (
    <div className="find-acts">
      {find.duplicates > 0 && find.state === 'read' && (
        <Button
          variant="contained"
          component={Link}
          to={`/arrivals/duplicates/${find.id}`}
          aria-label={`Compare: ${find.name}`}
        >
          Compare
        </Button>
      )}
      {(find.state === 'read' || find.state === 'set-aside') && (
        <Button
          variant={find.duplicates > 0 ? 'text' : 'outlined'}
          loading={bench.isPending}
          onClick={() => bench.mutate(find.id)}
          aria-label={`To the bench: ${find.name}`}
        >
          To the bench
        </Button>
      )}
      {(find.state === 'read' || find.state === 'failed') && <SetAside id={find.id} name={find.name} />}
    </div>
  );
}

function FindLine({ find }: { find: Find }) {
  const book = useBook();
  const licenceMark = STANDING_MARKS[standingOf(book, find.licenceId!)];
  const mapMark = find.mapsFound === find.mapsTotal && find.mapsOffered === 0 ? 'holds' : 'look';
  const offered = find.mapsOffered > 0 ? `, ${find.mapsOffered} fit by name` : '';
  return (
    <p className="find-line">
      <span>
        <Mark mark={licenceMark} /> {describeLicence(book, find)}
        {find.author ? `, ${find.author}` : ''}
      </span>
      <span>
        <Mark mark={mapMark} />{' '}
        {find.mapsTotal === 0 ? 'no maps named' : `${find.mapsFound} of ${formatCount(find.mapsTotal, 'map')}`}
        {offered}
      </span>
      {find.duplicates > 0 && (
        <span>
          <Mark mark="look" /> here already? {formatCount(find.duplicates, 'similar asset', 'similar assets')}
        </span>
      )}
    </p>
  );
}

function describeLicence(book: LicenceBook, { licenceId, licencesNamed }: Find): string {
  if (licenceId !== UNKNOWN_LICENCE) return licenceWords(book, licenceId!);
  const named = [...new Set(licencesNamed)];
  if (named.length < 2) return 'no licence found';
  return `${named.length} licences named: ${named.map((id) => licenceWords(book, id)).join(', ')}`;
}
