import Checkbox from '@mui/material/Checkbox';
import { tickDuties, type ProjectRights } from '@haveld/contract/api/projects';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { useMay } from '../../parts/use-may';

/** What a project owes, as a checklist; who ticked what is kept. */
export function ProjectDuties({ rights }: { rights: ProjectRights }) {
  const mayTick = useMay('artist');
  const tick = useChange((body: { kind: ProjectRights['duties'][number]['kind']; assetIds: string[]; done: boolean }) =>
    call(tickDuties, { params: { id: rights.id }, body }),
  );
  return (
    <section>
      <h2>Obligations</h2>
      {rights.duties.map(({ kind, text, assets }) => {
        const done = assets.filter((asset) => asset.tickedBy !== null);
        const all = done.length === assets.length;
        return (
          <div key={kind} className="duty">
            <Checkbox
              size="small"
              checked={all}
              indeterminate={!all && done.length > 0}
              disabled={!mayTick || tick.isPending}
              onChange={() => tick.mutate({ kind, assetIds: assets.map(({ assetId }) => assetId), done: !all })}
              slotProps={{ input: { 'aria-label': `Done: ${text}` } }}
            />
            <details>
              <summary>
                {text}{' '}
                <span className="quiet small">
                  {formatCount(assets.length, 'asset')}
                  {done.length > 0 &&
                    `, ${all ? 'done' : `${done.length} done`}, ${done[0].tickedBy}, ${formatMoment(done[0].tickedAt!)}`}
                </span>
              </summary>
              <ul className="duty-assets">
                {assets.map(({ assetId, name, tickedBy }) => (
                  <li key={assetId}>
                    <Checkbox
                      size="small"
                      checked={tickedBy !== null}
                      disabled={!mayTick || tick.isPending}
                      onChange={() => tick.mutate({ kind, assetIds: [assetId], done: tickedBy === null })}
                      slotProps={{ input: { 'aria-label': `Done for ${name}: ${text}` } }}
                    />
                    {name} {tickedBy && <span className="quiet small">{tickedBy}</span>}
                  </li>
                ))}
              </ul>
            </details>
          </div>
        );
      })}
    </section>
  );
}
