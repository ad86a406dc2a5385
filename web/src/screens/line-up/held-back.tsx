import { Link } from 'react-router';
import type { LineUp } from '@haveld/contract/api/line-up';
import { Mark } from '../../parts/mark';

/** What could not be lined up, and why, before everything else. */
export function HeldBack({ finds }: { finds: LineUp['heldBack'] }) {
  if (finds.length === 0) return null;
  return (
    <ul className="line-up-held" aria-label="Held back">
      {finds.map(({ id, name, arrivalId, why }) => (
        <li key={id}>
          <Mark mark="look" /> <Link to={`/arrivals/${arrivalId}`}>{name}</Link> <span className="quiet">{why}</span>
        </li>
      ))}
    </ul>
  );
}
