import './sources.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { acceptSourceTerms, setSourceToken, type SourcePage } from '@haveld/contract/api/sources';
import { call } from '../../api/client';
import { sourceQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Failure, Loading } from '../../parts/notice';
import { useMay } from '../../parts/use-may';

/** One source: its terms, what lets the house in, what is left of the day. */
export function SourceScreen() {
  const { kind = '' } = useParams();
  const source = useQuery(sourceQuery(kind));
  if (source.isPending) return <Loading />;
  if (source.isLoadingError) return <Failure error={source.error} onRetry={() => void source.refetch()} />;
  const { data } = source;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{data.name}</h1>
        <span className="quiet mono">{data.host}</span>
        <span className="grow" />
        <Button component={Link} to="/arrivals/sources">
          Back to the sources
        </Button>
      </div>
      <div className="screen-body">
        <div className="source-page">
          <div>
            <Terms source={data} />
          </div>
          <div>
            <Token source={data} />
            <section aria-label="Allowance">
              <h2>Allowance</h2>
              <p>{describeAllowance(data)}</p>
            </section>
            {data.trouble && (
              <p className="says-look" role="alert">
                {data.trouble.message}
              </p>
            )}
          </div>
        </div>
      </div>
    </div>
  );
}

function describeAllowance({ ability, allowance, hasToken }: SourcePage): string {
  if (!ability.hasAllowance) return 'You may take as much as you want.';
  if (allowance)
    return `${allowance.left} of ${allowance.of} left; all of it is back ${formatMoment(allowance.backAt)}.`;
  return hasToken ? 'The source does not say now.' : 'The source says it once it knows you.';
}

function Terms({ source: { kind, name, ability, terms } }: { source: SourcePage }) {
  const mayAccept = useMay('curator');
  const accept = useChange((sha256: string) => call(acceptSourceTerms, { params: { kind }, body: { sha256 } }));
  if (!ability.hasTerms)
    return (
      <section aria-label="Terms">
        <h2>Terms</h2>
        <p>{name} asks for no terms of its own. Each model has its licence.</p>
      </section>
    );
  return (
    <section aria-label="Terms">
      <h2>Terms</h2>
      {terms === null ? (
        <p className="quiet">The terms could not be loaded.</p>
      ) : (
        <>
          <div className="source-terms" tabIndex={0} role="region" aria-label={`Terms of ${name}`}>
            {terms.text}
          </div>
          {terms.isAccepted ? (
            <p>
              Accepted for the house by {terms.acceptedBy}, {terms.acceptedAt && formatMoment(terms.acceptedAt)}.
            </p>
          ) : (
            <>
              <p className="says-look">
                {terms.acceptedAt
                  ? `They have changed since ${terms.acceptedBy} accepted them, ${formatMoment(terms.acceptedAt)}.`
                  : 'Nothing can be downloaded from here before somebody has accepted them.'}
              </p>
              {mayAccept ? (
                <Button variant="contained" loading={accept.isPending} onClick={() => accept.mutate(terms.sha256)}>
                  Accept these terms for the house
                </Button>
              ) : (
                <p className="quiet">Only a curator can accept the terms.</p>
              )}
            </>
          )}
        </>
      )}
    </section>
  );
}

const TOKEN_WORDS: Record<SourcePage['ability']['token'], string> = {
  none: 'It asks for no sign-in.',
  'for-taking': 'Searching is open to everybody; downloads need a token.',
  'for-all': 'It answers nobody without a token.',
};

function Token({ source: { kind, ability, hasToken, tokenBy, tokenAt } }: { source: SourcePage }) {
  const [typed, setTyped] = useState('');
  const mayKeep = useMay('curator');
  const keep = useChange((token: string | null) => call(setSourceToken, { params: { kind }, body: { token } }), {
    onDone: () => setTyped(''),
  });
  return (
    <section aria-label="Token">
      <h2>Token</h2>
      <p>{TOKEN_WORDS[ability.token]}</p>
      {ability.token !== 'none' && (
        <>
          {hasToken && (
            <p className="quiet">
              {tokenBy} entered one, {tokenAt && formatMoment(tokenAt)}. It is kept sealed and never shown.{' '}
              {mayKeep && (
                <Button size="small" loading={keep.isPending} onClick={() => keep.mutate(null)}>
                  Forget it
                </Button>
              )}
            </p>
          )}
          {mayKeep ? (
            <form
              className="source-token"
              onSubmit={(event) => {
                event.preventDefault();
                if (typed.trim() !== '') keep.mutate(typed.trim());
              }}
            >
              <TextField
                id="source-token"
                type="password"
                autoComplete="off"
                label={hasToken ? 'Another token' : 'Token from your account there'}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
              />
              <Button type="submit" variant="outlined" disabled={typed.trim() === ''} loading={keep.isPending}>
                Keep
              </Button>
            </form>
          ) : (
            !hasToken && <p className="quiet">Only a curator can enter the token.</p>
          )}
        </>
      )}
    </section>
  );
}
