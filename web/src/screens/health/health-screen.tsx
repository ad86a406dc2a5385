import '../projects/projects.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { cancelJob, retryJob } from '@haveld/contract/api/progress';
import { call } from '../../api/client';
import { healthQuery, progressQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading } from '../../parts/notice';

/** Failed work, missing bytes, what runs, and how large the store is. */
export function HealthScreen() {
  const health = useQuery(healthQuery);
  const work = useQuery(progressQuery);
  const retry = useChange((id: number) => call(retryJob, { params: { id } }));
  const cancel = useChange((id: number) => call(cancelJob, { params: { id } }));
  if (health.isPending) return <Loading />;
  if (health.isLoadingError) return <Failure error={health.error} onRetry={() => void health.refetch()} />;
  const { failed, missing, storeBytes, storeFiles, done, confinement } = health.data;
  const running = work.data?.running ?? [];
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Health</h1>
        <span className="quiet">
          {formatCount(storeFiles, 'file')} in the store, {formatBytes(storeBytes)} · {formatCount(done, 'job')} done
        </span>
      </div>
      <div
        className="screen-body"
        style={{ padding: '16px 20px 28px', display: 'flex', flexDirection: 'column', gap: 22 }}
      >
        <section>
          <h2>Bytes</h2>
          <p style={{ marginTop: 6 }}>
            <Mark mark={missing.length === 0 ? 'holds' : 'blocks'} />{' '}
            {missing.length === 0
              ? 'Every file that a row names is in the store.'
              : `${formatCount(missing.length, 'file')} named by a row are not in the store; restore them from a backup.`}
          </p>
          {missing.map((sha256) => (
            <p key={sha256} className="mono">
              {sha256}
            </p>
          ))}
        </section>
        <section>
          <h2>Files from outside</h2>
          <p style={{ marginTop: 6 }}>
            <Mark mark={confinement === 'shut-in' ? 'holds' : 'look'} />{' '}
            {confinement === 'shut-in'
              ? 'Opened in a sandbox: it sees the file itself, a folder of its own, and nothing else.'
              : 'Opened under limits of memory and time alone: this system has no sandbox. Install bubblewrap, and allow user namespaces.'}
          </p>
        </section>
        <section>
          <h2>Work that failed</h2>
          {failed.length === 0 ? (
            <p style={{ marginTop: 6 }}>
              <Mark mark="holds" /> None.
            </p>
          ) : (
            <table className="register">
              <tbody>
                {failed.map((job) => (
                  <tr key={job.id}>
                    <td>
                      <Mark mark="blocks" /> {job.label}
                      <br />
                      <span className="quiet small">{job.message}</span>
                    </td>
                    <td className="mono quiet">
                      {formatMoment(job.at)}, {formatCount(job.attempts, 'try', 'tries')}
                    </td>
                    <td>
                      <Button
                        variant="outlined"
                        size="small"
                        onClick={() => retry.mutate(job.id)}
                        aria-label={`Try again: ${job.label}`}
                      >
                        Try again
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <section>
          <h2>Work that runs</h2>
          {running.length === 0 && <p className="quiet">Nothing runs.</p>}
          <table className="register">
            <tbody>
              {running.map((job) => (
                <tr key={job.id}>
                  <td>{job.label}</td>
                  <td className="mono quiet">
                    {job.state === 'waiting' ? 'waits' : job.total > 0 ? `${job.done} of ${job.total}` : 'runs'}
                  </td>
                  <td>
                    <Button size="small" onClick={() => cancel.mutate(job.id)} aria-label={`Stop ${job.label}`}>
                      Stop
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
    </div>
  );
}
