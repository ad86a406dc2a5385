import { DomainError } from '@haveld/contract/error';
import { findConfinement } from '@haveld/engine/sandbox/confine';
import type { Pool } from 'mysql2/promise';
import { loadRules } from './rule-queries';

/** @throws {DomainError} `out-of-step` where the house opens files only in processes that are shut in, and this system has none */
export async function mayOpen(pool: Pool, confinement = findConfinement()): Promise<void> {
  if (confinement === 'shut-in' || !(await loadRules(pool)).opensOnlyShutIn) return;
  throw new DomainError(
    'out-of-step',
    'Not opened: this system has no sandbox, and the house opens files only in one. Install bubblewrap and allow user namespaces, or change the rule.',
  );
}
