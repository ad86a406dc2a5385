import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { endSession } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { sessionsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Failure } from '../../parts/notice';

/** Where one is signed in. */
export function SessionList() {
  const sessions = useQuery(sessionsQuery);
  const end = useChange((id: number) => call(endSession, { params: { id } }));
  return (
    <section aria-label="Where you are signed in">
      <h2>Where you are signed in</h2>
      {sessions.error && <Failure error={sessions.error} onRetry={() => void sessions.refetch()} />}
      <table className="register">
        <thead>
          <tr>
            <th scope="col">Browser</th>
            <th scope="col">From</th>
            <th scope="col">Since</th>
            <th scope="col">Last seen</th>
            <th scope="col">
              <span className="visually-hidden">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sessions.data?.map((session) => (
            <tr key={session.id}>
              <td>{session.browser || 'a program that does not say'}</td>
              <td className="mono quiet">{session.address}</td>
              <td className="mono quiet">{formatMoment(session.startedAt)}</td>
              <td className="mono quiet">{session.isThis ? 'now' : formatMoment(session.lastSeenAt)}</td>
              <td>
                <div className="people-acts">
                  {session.isThis ? (
                    <span className="quiet small">this one</span>
                  ) : (
                    <Button
                      size="small"
                      disabled={end.isPending}
                      onClick={() => end.mutate(session.id)}
                      aria-label={`Sign out there: ${session.browser}, ${session.address}`}
                    >
                      Sign out there
                    </Button>
                  )}
                </div>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
