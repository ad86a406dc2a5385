import './sign-in.css';
import type { ReactNode } from 'react';

/** What stands before a sign-in: the house's picture, and whatever is asked. */
export function Door({ children }: { children: ReactNode }) {
  return (
    <main className="door">
      <div className="door-picture" aria-hidden="true">
        <Quay />
      </div>
      <div className="door-form">
        <h1>Haveld</h1>
        <p className="quiet">Where models are received, put right once, and kept.</p>
        {children}
      </div>
    </main>
  );
}

/** A row of things on a common ground, with a rule: what the house does, in one line. */
function Quay() {
  return (
    <svg viewBox="0 0 600 420" preserveAspectRatio="xMidYMax meet">
      <g stroke="currentColor" fill="none" strokeWidth="1.4">
        <path d="M40 360H570M52 360V60M46 260h6M46 160h6M46 60h6" />
      </g>
      <g fill="currentColor" fontFamily="Source Code Pro Variable, monospace" fontSize="11">
        <text x="14" y="364">
          0 m
        </text>
        <text x="14" y="264">
          1 m
        </text>
        <text x="14" y="164">
          2 m
        </text>
        <text x="14" y="64">
          3 m
        </text>
      </g>
      <g fill="currentColor" opacity=".86">
        <path d="M112 360v-24c0-3 2-4 5-4h30c3 0 5 1 5 4v24zM117 330v-7h30v7zM122 323v-2h20v2z" />
        <path d="M190 282h124v6h-7v72h-7v-66H204v66h-7v-72h-7zM206 338h92v4h-92z" />
        <path d="M352 360l3-8h32l3 8zM358 352l3-30c-8-5-9-12-9-18a19 19 0 0 1 38 0c0 6-1 13-9 18l3 30z" />
        <path d="M420 360l-8-34h14l12-92h44l12 92h14l-8 34zM446 230l8-50h3l-7 50zM474 230l-8-50h-3l7 50z" />
        <circle cx="460" cy="172" r="9" />
        <path d="M538 360l2-252h7l2 252zM508 138h70v4h-70z" />
        <path d="M512 146h16v18h-16zM558 146h16v18h-16z" opacity=".6" />
      </g>
    </svg>
  );
}
