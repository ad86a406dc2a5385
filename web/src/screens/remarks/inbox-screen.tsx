import './remarks.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { readInbox, type Notice as Told } from '@haveld/contract/api/remarks';
import { call } from '../../api/client';
import { inboxQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';

const REASONS: Record<Told['reason'], string> = {
  mentioned: 'mentioned you on',
  answered: 'answered on',
  'on-own': 'remarked on',
};

/** What one was told, the latest first; it is read where one goes there, or says so. */
export function InboxScreen() {
  const inbox = useQuery(inboxQuery);
  const read = useChange((ids: string[]) => call(readInbox, { body: { ids } }));
  if (inbox.isPending) return <Loading />;
  if (inbox.isLoadingError) return <Failure error={inbox.error} onRetry={() => void inbox.refetch()} />;
  const unread = inbox.data.filter(({ isRead }) => !isRead).map(({ id }) => id);
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Inbox</h1>
        <span className="quiet small">{unread.length === 0 ? 'all read' : `${unread.length} unread`}</span>
        <span className="grow" />
        {unread.length > 0 && (
          <Button loading={read.isPending} onClick={() => read.mutate(unread)}>
            Mark all as read
          </Button>
        )}
      </div>
      <div className="screen-body">
        {inbox.data.length === 0 && (
          <Notice title="Nothing in the inbox yet">
            Remarks that mention you, answers to yours, and remarks on what you brought in stand here.
          </Notice>
        )}
        <ul className="inbox">
          {inbox.data.map((told) => (
            <li key={told.id}>
              <p className={told.isRead ? 'small quiet' : 'small unread'}>
                {told.personName} {REASONS[told.reason]}{' '}
                <Link
                  to={told.isCatalogued ? `/catalogue/${told.assetId}` : `/bench/${told.assetId}`}
                  onClick={() => !told.isRead && read.mutate([told.id])}
                >
                  {told.accession} {told.assetName}
                </Link>{' '}
                <span className="quiet">{formatMoment(told.at)}</span>
              </p>
              <p className="remark-text">{told.text}</p>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
