import '../sources/folders.css';
import './giving.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { endGivingLink, type Gift, type GivingLink } from '@haveld/contract/api/giving';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../api/client';
import { giftsQuery, givingLinksQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount, formatDay, formatMoment } from '../../parts/format';
import { GivenSecret } from '../../parts/given-secret';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useBook } from '../../parts/use-book';
import { GivingLinkForm } from './giving-link-form';

/** Links by which people without an account give models, and what came by each. */
export function GivingLinksScreen() {
  const links = useQuery(givingLinksQuery);
  const [made, setMade] = useState<{ name: string; token: string } | null>(null);
  const [isMaking, setMaking] = useState(false);
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Contributions</h1>
        <span className="quiet">
          whoever has a link contributes models without an account and sees nothing of the library
        </span>
        <span className="grow" />
        <Button component={Link} to="/arrivals/sources">
          Back to the sources
        </Button>
        <Button variant="contained" onClick={() => setMaking(true)} disabled={isMaking}>
          Make a link
        </Button>
      </div>
      <div className="screen-body folders">
        {made && (
          <GivenSecret
            title={`The link “${made.name}”`}
            // after the # it stays in the browser: no log of a proxy keeps it
            secret={`${window.location.origin}/give#${made.token}`}
            onDone={() => setMade(null)}
          >
            It is shown only now. Whoever has it can give until it ends; put it where those read it whom you ask.
          </GivenSecret>
        )}
        {isMaking && (
          <GivingLinkForm
            onDone={(name, token) => {
              setMaking(false);
              setMade({ name, token });
            }}
            onCancel={() => setMaking(false)}
          />
        )}
        {links.isPending && <Loading />}
        {links.error && <Failure error={links.error} onRetry={() => void links.refetch()} />}
        {links.data?.map((link) => (
          <LinkCard key={link.id} link={link} />
        ))}
        {links.data?.length === 0 && !isMaking && (
          <Notice
            title="Nobody is asked for models yet"
            action={
              <Button variant="contained" onClick={() => setMaking(true)}>
                Make a link
              </Button>
            }
          >
            Contributors give their name, choose a licence you offer and agree to a statement that is kept with the
            model. What they contribute arrives like any download.
          </Notice>
        )}
      </div>
    </div>
  );
}

const STATE_WORDS: Record<GivingLink['state'], string> = {
  open: 'open',
  full: 'full: it has all the contributions it takes',
  over: 'over: its day is past',
  ended: 'ended by the house',
};

function LinkCard({ link }: { link: GivingLink }) {
  const book = useBook();
  const end = useChange(() => call(endGivingLink, { params: { id: link.id } }));
  return (
    <section className="folder-card giving-card" aria-label={link.name}>
      <div>
        <h2>{link.name}</h2>
        <p>
          {link.licences.map((id) => licenceWords(book, id)).join(', ')}; {formatBytes(link.mostBytes)} per contribution
        </p>
        <p className="quiet small">
          {STATE_WORDS[link.state]}
          {link.state === 'open' && ` until ${formatDay(link.endsOn)}`} · {link.gifts} of{' '}
          {formatCount(link.mostGifts, 'contribution')} · made by {link.personName}, {formatMoment(link.createdAt)}
        </p>
        {link.gifts > 0 && (
          <details>
            <summary>{formatCount(link.gifts, 'contribution')}</summary>
            <Gifts linkId={link.id} />
          </details>
        )}
      </div>
      {link.state !== 'ended' && (
        <Button
          size="small"
          loading={end.isPending}
          onClick={() => end.mutate(undefined)}
          aria-label={`End it: ${link.name}`}
        >
          End it
        </Button>
      )}
    </section>
  );
}

const GIFT_STATES: Record<Gift['state'], string> = {
  coming: 'on its way',
  here: 'here',
  'given-up': 'given up: not all of it came, or the house stopped it',
  withdrawn: 'withdrawn by the contributor',
};

function Gifts({ linkId }: { linkId: string }) {
  const book = useBook();
  const gifts = useQuery(giftsQuery(linkId));
  if (gifts.isPending) return <Loading />;
  if (gifts.error) return <Failure error={gifts.error} onRetry={() => void gifts.refetch()} />;
  return (
    <table className="register">
      <thead>
        <tr>
          <th scope="col">Contributor</th>
          <th scope="col">Licence</th>
          <th scope="col">Files</th>
          <th scope="col">Date, address</th>
          <th scope="col">Status</th>
        </tr>
      </thead>
      <tbody>
        {gifts.data.map((gift) => (
          <tr key={gift.id}>
            <td>
              {gift.giver}
              {!gift.isOwnWork && <span className="quiet small"> somebody else’s work</span>}
            </td>
            <td>{licenceWords(book, gift.licenceId)}</td>
            <td className="mono quiet">
              {formatCount(gift.files, 'file')}, {formatBytes(gift.sizeBytes)}
            </td>
            <td className="mono quiet">
              {formatMoment(gift.givenAt)}, {gift.address}
            </td>
            <td>{GIFT_STATES[gift.state]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
