import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { createToken, deleteToken, TOKEN_DAYS } from '@haveld/contract/api/people';
import { mayAs, ROLES, type Role } from '@haveld/contract/role';
import { call } from '../../api/client';
import { tokensQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { Failure } from '../../parts/notice';
import { GivenSecret } from '../../parts/given-secret';

const DAY_WORDS: Record<(typeof TOKEN_DAYS)[number], string> = { 30: '30 days', 90: '90 days', 365: 'a year' };

/** What programs may in one's name. @param role of the person: a token is no more */
export function TokenList({ role }: { role: Role }) {
  const tokens = useQuery(tokensQuery);
  const [made, setMade] = useState<{ name: string; token: string } | null>(null);
  const end = useChange((id: string) => call(deleteToken, { params: { id } }));
  return (
    <section aria-label="Tokens for programs">
      <h2>Tokens for programs</h2>
      <p className="quiet small">
        A script or a build machine signs in with one, in your name. It may what you choose and no more than you, and
        never touches passwords or people. Its description is at <a href="/api/openapi.json">openapi.json</a>.
      </p>
      {tokens.error && <Failure error={tokens.error} onRetry={() => void tokens.refetch()} />}
      {made && (
        <GivenSecret title={`The token of “${made.name}”`} secret={made.token} onDone={() => setMade(null)}>
          It is shown only now. The program sends it as the header <code>Authorization: Bearer …</code>.
        </GivenSecret>
      )}
      <TokenForm role={role} onDone={setMade} />
      {tokens.data && tokens.data.length > 0 && (
        <table className="register">
          <thead>
            <tr>
              <th scope="col">For</th>
              <th scope="col">Role</th>
              <th scope="col">Last used</th>
              <th scope="col">Ends</th>
              <th scope="col">
                <span className="visually-hidden">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {tokens.data.map((token) => (
              <tr key={token.id}>
                <td>{token.name}</td>
                <td>{token.role}</td>
                <td className="mono quiet">{token.lastUsedAt ? formatMoment(token.lastUsedAt) : 'not yet'}</td>
                <td className="mono quiet">{formatMoment(token.expiresAt)}</td>
                <td>
                  <div className="people-acts">
                    <Button
                      size="small"
                      disabled={end.isPending}
                      onClick={() => end.mutate(token.id)}
                      aria-label={`End it: ${token.name}`}
                    >
                      End it
                    </Button>
                  </div>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function TokenForm({ role, onDone }: { role: Role; onDone: (made: { name: string; token: string }) => void }) {
  const [name, setName] = useState('');
  const [as, setAs] = useState<Role>('guest');
  const [days, setDays] = useState<(typeof TOKEN_DAYS)[number]>(90);
  const make = useChange(() => call(createToken, { body: { name, role: as, days } }), {
    onDone: (made) => {
      setName('');
      onDone(made);
    },
  });
  return (
    <form
      className="token-form"
      aria-label="A new token"
      onSubmit={(event) => {
        event.preventDefault();
        make.mutate(undefined);
      }}
    >
      <TextField
        id="token-name"
        label="What is it for?"
        placeholder="the nightly build"
        value={name}
        onChange={(event) => setName(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      <TextField id="token-role" label="Role" select value={as} onChange={(event) => setAs(event.target.value as Role)}>
        {ROLES.filter((one) => mayAs(role, one)).map((one) => (
          <MenuItem key={one} value={one}>
            {one}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id="token-days"
        label="For"
        select
        value={days}
        onChange={(event) => setDays(Number(event.target.value) as typeof days)}
      >
        {TOKEN_DAYS.map((one) => (
          <MenuItem key={one} value={one}>
            {DAY_WORDS[one]}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="outlined" disabled={name.trim() === ''} loading={make.isPending}>
        Make a token
      </Button>
    </form>
  );
}
