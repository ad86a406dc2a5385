import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { DomainError } from '@haveld/contract/error';

/** A screen without content says why, and what to do next. */
export function Notice({ title, children, action }: { title: string; children?: ReactNode; action?: ReactNode }) {
  return (
    <div className="notice">
      <h2>{title}</h2>
      {children && <p className="quiet">{children}</p>}
      {action && <div>{action}</div>}
    </div>
  );
}

export function Loading() {
  return (
    <div className="notice" role="status">
      <p className="quiet">Loading …</p>
    </div>
  );
}

export function Failure({ error, onRetry }: { error: Error; onRetry?: () => void }) {
  // asked again it would be refused again
  const isRefused = error instanceof DomainError && error.code === 'not-allowed';
  return (
    <div role="alert">
      <Notice
        title={isRefused ? 'This is not open to you' : 'This did not work'}
        action={
          onRetry &&
          !isRefused && (
            <Button variant="outlined" onClick={onRetry}>
              Try again
            </Button>
          )
        }
      >
        {error.message}
      </Notice>
    </div>
  );
}
