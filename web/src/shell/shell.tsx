import './shell.css';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { NavLink, Outlet, useNavigate } from 'react-router';
import type { Person } from '@haveld/contract/api/people';
import type { Progress } from '@haveld/contract/api/progress';
import { DomainError } from '@haveld/contract/error';
import { mayAs, type Role } from '@haveld/contract/role';
import { LIBRARY, meQuery, progressQuery } from '../api/queries';
import { useSending } from '../api/use-sending';
import { Loading } from '../parts/notice';
import { SignInScreen } from '../screens/sign-in/sign-in-screen';
import { useHome } from './home';
import { KeysDialog } from './keys-dialog';
import { PersonMenu } from './person-menu';

const HEADINGS: { to: string; label: string; count: keyof Progress['counts']; may: Role }[] = [
  { to: '/arrivals', label: 'Arrivals', count: 'arrivals', may: 'artist' },
  { to: '/bench', label: 'Bench', count: 'bench', may: 'artist' },
  { to: '/catalogue', label: 'Catalogue', count: 'catalogue', may: 'guest' },
  { to: '/projects', label: 'Projects', count: 'projects', may: 'guest' },
  { to: '/rights', label: 'Rights', count: 'rights', may: 'artist' },
  { to: '/health', label: 'Health', count: 'health', may: 'artist' },
];

/** The strip across the top in the order of the work, and the screen below it. Without a session: the sign-in. */
export function Shell() {
  const me = useQuery(meQuery);
  if (me.isPending) return <Loading />;
  // whoever was signed in and is not any more is still remembered by what was asked before
  const isOut = me.error instanceof DomainError && me.error.code === 'not-signed-in';
  if (isOut || !me.data) return <SignInScreen person={null} problem={me.error} />;
  if (me.data.mustChange) return <SignInScreen person={me.data} problem={null} />;
  return <SignedIn person={me.data} />;
}

function SignedIn({ person }: { person: Person }) {
  const home = useHome();
  const work = useQuery(progressQuery);
  const queries = useQueryClient();
  const [keysOpen, setKeysOpen] = useState(false);
  const revision = work.data?.revision;
  const seen = useRef(revision);
  useEffect(() => {
    if (seen.current !== undefined && revision !== seen.current)
      void queries.invalidateQueries({ queryKey: [LIBRARY] });
    seen.current = revision;
  }, [revision, queries]);
  useHotkeys('shift+slash', () => setKeysOpen(true), { useKey: false });
  useHotkeys('?', () => setKeysOpen(true), { useKey: true });
  return (
    <div className="shell">
      <a className="skip" href="#content">
        To the content
      </a>
      <header className="strip">
        <NavLink className="strip-name" to={home}>
          Haveld
        </NavLink>
        <nav aria-label="The way of a model">
          {HEADINGS.filter(({ may }) => mayAs(person.role, may)).map(({ to, label, count }) => (
            <NavLink key={to} to={to} accessKey={label[0].toLowerCase()}>
              {label}
              {(work.data?.counts[count] ?? 0) > 0 && <span className="strip-count">{work.data?.counts[count]}</span>}
            </NavLink>
          ))}
        </nav>
        <RunningJob work={work.data} />
        <SearchField />
        <PersonMenu person={person} unread={work.data?.unread ?? 0} onKeys={() => setKeysOpen(true)} />
      </header>
      <main id="content" tabIndex={-1}>
        <Outlet />
      </main>
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </div>
  );
}

/** One line of what runs: uploads by bytes, jobs by their own units. */
function RunningJob({ work }: { work: Progress | undefined }) {
  const sending = useSending();
  if (sending.length > 0) {
    const sent = sending.reduce((sum, item) => sum + item.sent, 0);
    const total = sending.reduce((sum, item) => sum + item.total, 0);
    return (
      <RunningLine
        share={total > 0 ? sent / total : 0}
        label={sending.length === 1 ? `sending ${sending[0].path.split('/').pop()}` : `sending ${sending.length} files`}
      />
    );
  }
  const [first] = work?.running.filter((job) => job.state === 'running') ?? [];
  if (!work || !first) return <div className="strip-work" />;
  const waiting = work.running.length - 1;
  return (
    <RunningLine
      share={first.total > 0 ? first.done / first.total : 0}
      label={`${first.label}${waiting > 0 ? `, ${waiting} more` : ''}`}
    />
  );
}

function RunningLine({ share, label }: { share: number; label: string }) {
  return (
    <div className="strip-work" role="status">
      <div className="bar">
        <span style={{ width: `${Math.max(4, share * 100)}%` }} />
      </div>
      <span className="strip-words">{label}</span>
    </div>
  );
}

function SearchField() {
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  useHotkeys('slash', (event) => {
    event.preventDefault();
    field.current?.focus();
    field.current?.select();
  });
  return (
    <form
      className="strip-search"
      role="search"
      onSubmit={(event) => {
        event.preventDefault();
        const words = field.current?.value.trim() ?? '';
        // so that the next key is a command, and “/” looks for the next
        field.current?.blur();
        void navigate(words === '' ? '/catalogue' : `/catalogue?words=${encodeURIComponent(words)}`);
      }}
    >
      <input ref={field} aria-label="Search the library" placeholder="Search the library" />
      <kbd aria-hidden="true">/</kbd>
    </form>
  );
}
