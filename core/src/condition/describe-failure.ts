import type { PreparedModel } from '@haveld/contract/prepared';
import { createStatements } from '../rights/reading/statement';

/** @returns the report of a model that could not be prepared, but for the files it came from */
export function describeFailure(
  name: string,
  format: string,
  message: string,
): Omit<PreparedModel, 'files' | 'question'> {
  const nothing = { confidence: 0, evidence: [], status: 'none' as const };
  return {
    name,
    status: 'failed',
    message,
    format,
    declared: { version: null, exporter: null, unit: null, metres: null, up: null },
    licence: { id: null, ...nothing },
    author: null,
    authorStatus: 'none',
    source: null,
    rights: createStatements(),
    maps: [],
    size: { declared: { unit: null, box: null }, proposed: null, status: 'none' },
    up: { axis: null, ...nothing },
    front: { axis: null, ...nothing },
    ground: { heightM: null, evidence: [], status: 'none' },
    pivot: { at: null, ...nothing },
    counts: null,
    log: [],
    findings: [],
    steps: [],
    open: [],
    outputs: [],
  };
}
