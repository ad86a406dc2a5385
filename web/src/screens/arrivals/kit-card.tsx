import './kit-card.css';
import Button from '@mui/material/Button';
import { Link, useNavigate } from 'react-router';
import { takeToBench, type ArrivalKit, type Find } from '@haveld/contract/api/arrivals';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount, formatThousands } from '../../parts/format';
import { Thumbnail } from '../../parts/thumbnail';

const STRIP_SHOWN = 6;

/** A kit among the finds: looked at piece by piece, or taken as one. */
export function KitCard({ kit, finds }: { kit: ArrivalKit; finds: readonly Find[] }) {
  const navigate = useNavigate();
  const source = finds.find((find) => find.id === kit.findId) ?? null;
  const bench = useChange((id: string) => call(takeToBench, { params: { id } }), {
    onDone: ({ assetId }) => void navigate(`/bench/${assetId}`),
  });
  const pieces = kit.pieces || finds.length;
  const isOpen = kit.taken === 0 && !source?.asset;
  const see = isOpen ? `See ${formatCount(pieces, 'piece')}` : 'Its pieces';
  const { triangles } = kit;
  return (
    <article
      className={`sheet find kit-card ${isOpen ? 'asks' : ''}`}
      data-find={kit.id}
      aria-label={`${kit.name}, a kit`}
    >
      {source ? (
        <Thumbnail sha256={source.thumbnailSha256} name={`${kit.name}, as received`} />
      ) : (
        <span className="kit-strip">
          {finds.slice(0, STRIP_SHOWN).map((find) => (
            <Thumbnail key={find.id} sha256={find.thumbnailSha256} name={find.name} waiting="…" />
          ))}
        </span>
      )}
      <div className="find-words">
        <h3>
          {kit.name}, {/\bkit\b/i.test(kit.name) ? formatCount(pieces, 'piece') : `a kit of ${pieces}`}
        </h3>
        {isOpen && (
          <p className="find-question">
            {source
              ? 'One asset a piece, or the kit as one?'
              : 'Which of them do you want? Look them over and take them together.'}
          </p>
        )}
        <p className="quiet small">
          {kit.reason}
          {triangles > 0 && ` · ${formatThousands(triangles)} triangles`}
        </p>
        {kit.taken > 0 && <p className="small">{formatCount(kit.taken, 'piece')} taken</p>}
        {source?.asset && <p className="small">Taken as one asset.</p>}
      </div>
      <div className="find-acts">
        <Button
          variant={isOpen ? 'contained' : 'outlined'}
          component={Link}
          to={`/kits/${kit.id}`}
          aria-label={`${see}: ${kit.name}`}
        >
          {see}
        </Button>
        {isOpen && source && source.state === 'read' && (
          <Button
            variant="outlined"
            loading={bench.isPending}
            onClick={() => bench.mutate(source.id)}
            aria-label={`One asset: ${kit.name}`}
          >
            One asset
          </Button>
        )}
      </div>
    </article>
  );
}
