import './rights-head.css';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';

const PAGES = [
  { to: '/rights', words: 'To settle' },
  { to: '/rights/ledger', words: 'The ledger' },
  { to: '/rights/licences', words: 'Licences' },
  { to: '/rights/rules', words: 'House rules' },
];

/** The head of every page about rights, with the way to the others. */
export function RightsHead({ title, quiet, children }: { title: string; quiet: ReactNode; children?: ReactNode }) {
  return (
    <div className="screen-head">
      <h1>{title}</h1>
      <span className="quiet">{quiet}</span>
      <span className="grow" />
      {children}
      <nav className="rights-pages" aria-label="Rights">
        {PAGES.map(({ to, words }) => (
          <NavLink key={to} to={to} end={to === '/rights'}>
            {words}
          </NavLink>
        ))}
      </nav>
    </div>
  );
}
