import './receiving.css';
import Button from '@mui/material/Button';
import { cancelArrival, type Arrival } from '@haveld/contract/api/arrivals';
import { call } from '../../api/client';
import { uploadDesk } from '../../api/uploads';
import { useChange } from '../../api/use-change';
import { useSending } from '../../api/use-sending';
import { formatBytes } from '../../parts/format';
import { useMayEnd } from '../../parts/use-may';

/** How far the bytes are; after a reload or a broken line the same files, dropped again, go on. */
export function Receiving({ arrival }: { arrival: Arrival }) {
  const sending = useSending().filter((item) => item.arrivalId === arrival.id);
  const { isMine, mayEnd } = useMayEnd(arrival.personId);
  const giveUp = useChange(async () => {
    await uploadDesk.cancel(arrival.id);
    await call(cancelArrival, { params: { id: arrival.id } });
  });
  const arrived = arrival.received.filter((file) => file.arrived).reduce((sum, file) => sum + file.sizeBytes, 0);
  const sent = arrived + sending.reduce((sum, item) => sum + item.sent, 0);
  const failed = sending.find((item) => item.state === 'failed');
  return (
    <div className="arrival-receiving">
      <div
        className="bar"
        role="progressbar"
        aria-valuenow={Math.round((sent / Math.max(1, arrival.packedBytes)) * 100)}
        aria-label={`${arrival.name} arrives`}
      >
        <span style={{ width: `${(sent / Math.max(1, arrival.packedBytes)) * 100}%` }} />
      </div>
      <p className="small">
        {failed ? (
          <span className="says-blocks">The connection broke: {failed.message}. Drop it again and it goes on.</span>
        ) : !isMine ? (
          `${arrival.personName} is sending it, or has to send the rest.`
        ) : sending.length === 0 ? (
          'The upload is incomplete. Drop the same files again and they go on where they stopped.'
        ) : (
          `${formatBytes(sent)} of ${formatBytes(arrival.packedBytes)}`
        )}
        {mayEnd && (
          <Button size="small" onClick={() => giveUp.mutate(undefined)} aria-label={`Cancel ${arrival.name}`}>
            Cancel
          </Button>
        )}
      </p>
    </div>
  );
}
