import type { ReactNode } from 'react';

/** A page for people who are not of the house. */
export function GivingPage({ children }: { children: ReactNode }) {
  return (
    <div className="giving-page">
      <header>
        <strong>Haveld</strong> <span className="quiet small">where models are received, put right once, and kept</span>
      </header>
      <main>{children}</main>
    </div>
  );
}
