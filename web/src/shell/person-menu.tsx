import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { signOut, type Person } from '@haveld/contract/api/people';
import { call } from '../api/client';
import { useColourMode } from '../theme/use-colour-mode';

const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((word) => word[0])
    .slice(0, 2)
    .join('')
    .toUpperCase();

export function PersonMenu({
  person,
  unread,
  onKeys,
}: {
  person: Person;
  /** What they were told and have not read. */
  unread: number;
  onKeys: () => void;
}) {
  const { name, role } = person;
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const queries = useQueryClient();
  const { mode, setMode } = useColourMode();
  const choose = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  return (
    <>
      <Button
        aria-label={`${initials(name)}: ${name}, your page, inbox${unread > 0 ? ` (${unread} unread)` : ''}, sign out, colours, keys`}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          alignSelf: 'center',
          width: 30,
          height: 30,
          borderRadius: '50%',
          p: 0,
          bgcolor: 'var(--petrol-soft)',
          fontSize: 12.5,
        }}
      >
        {initials(name)}
        {unread > 0 && <span className="person-unread" aria-hidden="true" />}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem disabled divider sx={{ '&.Mui-disabled': { opacity: 1 } }}>
          {name}&ensp;<span className="quiet small">{role}</span>
        </MenuItem>
        <MenuItem component={Link} to="/me" onClick={choose(() => undefined)}>
          Your page
        </MenuItem>
        {role !== 'guest' && (
          <MenuItem component={Link} to="/inbox" onClick={choose(() => undefined)}>
            Inbox&ensp;{unread > 0 && <span className="mono">{unread}</span>}
          </MenuItem>
        )}
        {role === 'owner' && (
          <MenuItem component={Link} to="/people" onClick={choose(() => undefined)}>
            People
          </MenuItem>
        )}
        <MenuItem onClick={choose(() => setMode(mode === 'light' ? 'dark' : 'light'))}>
          {mode === 'light' ? 'Dark colours' : 'Light colours'}
        </MenuItem>
        <MenuItem onClick={choose(onKeys)}>
          All keys <kbd>?</kbd>
        </MenuItem>
        <MenuItem onClick={choose(() => void call(signOut).then(() => queries.resetQueries()))}>Sign out</MenuItem>
      </Menu>
    </>
  );
}
