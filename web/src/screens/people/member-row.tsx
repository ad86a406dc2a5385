import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { changeRole, createLink, type Member } from '@haveld/contract/api/people';
import { ROLES, type Role } from '@haveld/contract/role';
import { call } from '../../api/client';
import { meQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { ROLE_WORDS } from '../../parts/role-of-person';
import type { GivenLink } from './given-link';

const LINK_WORDS: Record<Member['state'], string> = {
  here: 'New password',
  invited: 'New link',
  removed: 'Let in again',
};

/** One person: what they may, when they were here, and a way in. */
export function MemberRow({
  member,
  onLink,
  onRemove,
}: {
  member: Member;
  onLink: (link: GivenLink) => void;
  onRemove: () => void;
}) {
  const { id, name, state } = member;
  const me = useQuery(meQuery);
  const isMe = me.data?.id === id;
  const change = useChange((role: Role) => call(changeRole, { params: { id }, body: { role, seen: member.role } }));
  const link = useChange(
    async () => ({ ...(await call(createLink, { params: { id } })), name, isReset: state === 'here' }),
    { onDone: onLink },
  );
  return (
    <tr className={state === 'removed' ? 'gone' : undefined}>
      <td>
        <span className="register-name">{name}</span>
        &ensp;<span className="mono quiet">{member.signIn}</span>
        {isMe && <span className="quiet small">&ensp;you</span>}
      </td>
      <td>
        {state === 'removed' ? (
          <span className="quiet">was {member.role}</span>
        ) : (
          <TextField
            id={`role-${id}`}
            select
            size="small"
            value={member.role}
            disabled={change.isPending}
            onChange={(event) => change.mutate(event.target.value as Role)}
            slotProps={{
              select: { renderValue: (role) => role as Role, inputProps: { 'aria-label': `Role of ${name}` } },
            }}
            sx={{ width: 120 }}
          >
            {ROLES.map((role) => (
              <MenuItem key={role} value={role} sx={{ display: 'block' }}>
                {role}
                <br />
                <span className="quiet small">{ROLE_WORDS[role]}</span>
              </MenuItem>
            ))}
          </TextField>
        )}
      </td>
      <td className="quiet">
        <LastHere member={member} />
      </td>
      <td>
        {!isMe && (
          <div className="people-acts">
            <Button
              size="small"
              variant="outlined"
              loading={link.isPending}
              onClick={() => link.mutate(undefined)}
              aria-label={`${LINK_WORDS[state]}: ${name}`}
            >
              {LINK_WORDS[state]}
            </Button>
            {state !== 'removed' && (
              <Button size="small" onClick={onRemove} aria-label={`Remove: ${name}`}>
                Remove
              </Button>
            )}
          </div>
        )}
      </td>
    </tr>
  );
}

function LastHere({ member: { state, lastSeenAt, linkExpiresAt, tokens } }: { member: Member }) {
  if (state === 'removed') return <>removed</>;
  if (state === 'invited')
    return linkExpiresAt ? (
      <>invited; the link opens until {formatMoment(linkExpiresAt)}</>
    ) : (
      <span className="says-look">invited; the link has run out</span>
    );
  return (
    <>
      {lastSeenAt ? formatMoment(lastSeenAt) : 'not yet'}
      {linkExpiresAt && ` · a link opens until ${formatMoment(linkExpiresAt)}`}
      {tokens > 0 && ` · ${formatCount(tokens, 'token')}`}
    </>
  );
}
