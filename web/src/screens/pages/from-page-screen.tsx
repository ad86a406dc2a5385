import './pages.css';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { z } from 'zod';
import { keepHandedPage, readHandedPage } from '@haveld/contract/api/pages';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { Failure, Loading } from '../../parts/notice';
import { useBook } from '../../parts/use-book';
import { readHandedMessage, sayReady, writeBookmarklet, type HandedMessage } from './bookmarklet';

type Said = z.output<typeof readHandedPage.response>;

/** A page somebody stands on in their browser: what it says, and where it is kept. Without one, how it is handed over. */
export function FromPageScreen() {
  const [handed, setHanded] = useState<HandedMessage | null>(null);
  useEffect(() => {
    const opener = window.opener as Window | null;
    if (!opener) return;
    const hear = (event: MessageEvent): void => {
      const message = readHandedMessage(event, opener);
      if (message) setHanded(message);
    };
    window.addEventListener('message', hear);
    sayReady(opener);
    return () => window.removeEventListener('message', hear);
  }, []);
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>From a web page</h1>
        <span className="quiet">
          {handed ? handed.address : 'the page you stand on, with what it says, as evidence'}
        </span>
        <span className="grow" />
        <Button component={Link} to="/arrivals/sources">
          Back to the sources
        </Button>
      </div>
      <div className="screen-body from-page">{handed ? <Handed handed={handed} /> : <HowTo />}</div>
    </div>
  );
}

function HowTo() {
  const isOpened = Boolean(window.opener);
  return (
    <div className="from-page-how">
      {isOpened && <p role="status">Waiting for the page …</p>}
      <p>
        Drag this to the bookmarks of your browser. On the page of a model, click it there: Haveld opens beside the
        page, shows what it says, and keeps it when you say so.
      </p>
      <p>
        <a
          className="bookmarklet"
          // React lets no script into an address; this one is a bookmark and is not run here
          ref={(link) => link?.setAttribute('href', writeBookmarklet(window.location.origin))}
          onClick={(event) => event.preventDefault()}
        >
          Save page in Haveld
        </a>
      </p>
      <p className="quiet small">
        There is no password and no token in it: the window that opens is you, signed in as you are here. Some pages
        forbid bookmarks of this kind to run; then save the page with your browser and drop the file on the arrivals,
        which gives the same.
      </p>
    </div>
  );
}

function Handed({ handed }: { handed: HandedMessage }) {
  const said = useQuery({
    queryKey: ['handed', handed],
    queryFn: ({ signal }) => call(readHandedPage, { body: { address: handed.address, html: handed.html }, signal }),
    retry: false,
    staleTime: Infinity,
  });
  if (said.isPending) return <Loading />;
  if (said.error) return <Failure error={said.error} onRetry={() => void said.refetch()} />;
  return (
    <>
      <WhatItSays said={said.data} />
      <KeepForm handed={handed} said={said.data} />
    </>
  );
}

function WhatItSays({ said }: { said: Said }) {
  const book = useBook();
  const { licence, price } = said;
  const lines = [
    ['title', said.title],
    ['author', said.author],
    ['licence', licence.id ? licenceWords(book, licence.id, 'name') : licence.words],
    ['price', price ? (price.amount === 0 ? 'free' : `${price.amount} ${price.currency}`) : ''],
    ['tags', said.tags.join(', ')],
    ['figures', said.claims.join(', ')],
  ] as const;
  return (
    <section aria-label="What the page says">
      <h2>What the page says</h2>
      <dl className="facts">
        {lines.map(([name, value]) => (
          <div key={name} className="from-page-line">
            <dt>{name}</dt>
            <dd>{value || <span className="quiet">nothing</span>}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

const BY_ITSELF = 'nothing';

function KeepForm({ handed, said }: { handed: HandedMessage; said: Said }) {
  const navigate = useNavigate();
  const [place, setPlace] = useState(said.assets.length > 0 ? 'assets' : BY_ITSELF);
  const keep = useChange(
    () =>
      call(keepHandedPage, {
        body: {
          address: handed.address,
          html: handed.html,
          with:
            place === 'assets'
              ? { kind: 'assets', ids: said.assets.map(({ id }) => id) }
              : place === BY_ITSELF
                ? { kind: 'nothing' }
                : { kind: 'arrival', id: place },
        },
      }),
    {
      onDone: ({ arrivalId }) => void navigate(arrivalId ? '/arrivals' : `/rights?asset=${said.assets[0].id}`),
    },
  );
  const names = said.assets.map(({ accession, name }) => `${accession} ${name}`).join(', ');
  return (
    <section aria-label="Save page">
      <h2>Save page</h2>
      <TextField
        id="handed-with"
        select
        label="With"
        value={place}
        onChange={(event) => setPlace(event.target.value)}
        sx={{ width: 420, maxWidth: '100%' }}
      >
        {said.assets.length > 0 && <MenuItem value="assets">{names}, as evidence</MenuItem>}
        {said.arrivals.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            the download “{name}”, which is read again with it
          </MenuItem>
        ))}
        <MenuItem value={BY_ITSELF}>nothing yet; its download comes later</MenuItem>
      </TextField>
      <div className="page-change-acts">
        <Button variant="contained" loading={keep.isPending} onClick={() => keep.mutate(undefined)}>
          Save page
        </Button>
        {said.isFetched && (
          <Button component={Link} to={`/arrivals/sources?words=${encodeURIComponent(handed.address)}`}>
            See what can be fetched from it
          </Button>
        )}
      </div>
    </section>
  );
}
