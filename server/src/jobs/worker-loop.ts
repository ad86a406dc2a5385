import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { DomainError } from '@haveld/contract/error';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import type { JobBell } from './bell';
import {
  extendLease,
  findClaimable,
  finishJob,
  holdsLease,
  markClaimed,
  postponeJob,
  releaseJob,
  type Job,
  type Lane,
} from './job-queries';
import type { TaskOptions } from './task-runner';

/** Does one kind of job. It must be safe to do twice: a worker may die after the work and before the row says so. */
export interface JobHandler {
  /** @throws {DomainError} a failure to tell the person; anything else is tried again */
  run(job: Job, options: TaskOptions): Promise<void>;
  /** Writes down that it failed for good, where the subject shows it. */
  fail(job: Job, message: string): Promise<void>;
}

export type JobHandlers = Record<string, JobHandler>;

const LEASE_SECONDS = 8;
const HEARTBEAT_MS = 1000;
const IDLE_MS = 250;
const TROUBLE_MS = 2000;
const MAX_ATTEMPTS = 4;

/** Codes that no second try will change. */
const FINAL = new Set(['bad-file', 'broken', 'bad-request', 'not-found', 'not-allowed-by-licence']);

/** Claims jobs and does them, `lanes` at a time, until it is stopped. */
export class WorkerLoop {
  readonly #pool: Pool;
  readonly #handlers: JobHandlers;
  readonly #bell: JobBell;
  readonly #log: Logger;
  readonly #lanes: Promise<void>[] = [];
  readonly #stopping = new AbortController();

  constructor({ pool, bell, log }: Pick<Dependencies, 'pool' | 'bell' | 'log'>, handlers: JobHandlers) {
    this.#pool = pool;
    this.#bell = bell;
    this.#log = log;
    this.#handlers = handlers;
  }

  start(lanes: number, lane: Lane = 'work'): void {
    for (let i = 0; i < lanes; i++) this.#lanes.push(this.#runLane(lane));
  }

  /** Lets go of what runs; it is taken up again at the next start. */
  async stop(): Promise<void> {
    this.#stopping.abort(new Error('the server stops'));
    await Promise.all(this.#lanes);
  }

  async #runLane(lane: Lane): Promise<void> {
    while (!this.#stopping.signal.aborted) {
      try {
        const { rung } = this.#bell;
        const job = await this.#claim(lane);
        if (job) await this.#do(job);
        else await this.#bell.wait(rung, IDLE_MS, this.#stopping.signal);
      } catch (error) {
        if (this.#stopping.signal.aborted) return;
        this.#log.error({ error }, 'the queue could not be read');
        // a bell is no help where the database is in trouble
        await setTimeout(TROUBLE_MS, undefined, { signal: this.#stopping.signal }).catch(() => undefined);
      }
    }
  }

  #claim(lane: Lane): Promise<Job | null> {
    return transact(this.#pool, async (tx) => {
      const found = await findClaimable(tx, lane);
      if (!found) return null;
      const leaseToken = randomUUID();
      await markClaimed(tx, found.id, leaseToken, LEASE_SECONDS);
      return { ...found, attempts: found.attempts + 1, leaseToken };
    });
  }

  async #do(job: Job): Promise<void> {
    const handler = this.#handlers[job.kind];
    const stop = new AbortController();
    const onStop = (): void => stop.abort(this.#stopping.signal.reason);
    this.#stopping.signal.addEventListener('abort', onStop, { once: true });
    let progress = { done: 0, total: 0 };
    const heartbeat = setInterval(() => {
      extendLease(this.#pool, job, LEASE_SECONDS, progress.done, progress.total).then(
        (held) => {
          if (!held) stop.abort(new Error('cancelled'));
        },
        (error: unknown) => this.#log.warn({ error }, 'the heartbeat failed'),
      );
    }, HEARTBEAT_MS);
    const started = performance.now();
    try {
      if (!handler) throw new DomainError('broken', `This version of Haveld has no job of the kind “${job.kind}”.`);
      if (job.attempts > MAX_ATTEMPTS)
        throw new DomainError('broken', `It was tried ${MAX_ATTEMPTS} times and crashed the worker each time.`);
      await handler.run(job, { signal: stop.signal, onProgress: (done, total) => (progress = { done, total }) });
      await finishJob(this.#pool, job, 'done', null);
      await bumpRevision(this.#pool);
      this.#log.info({ job: job.id, kind: job.kind, ms: Math.round(performance.now() - started) }, job.label);
    } catch (error) {
      await this.#settleFailure(job, handler, error as Error, stop.signal);
    } finally {
      clearInterval(heartbeat);
      // one job often calls for the next
      this.#bell.ring();
      this.#stopping.signal.removeEventListener('abort', onStop);
    }
  }

  async #settleFailure(job: Job, handler: JobHandler | undefined, error: Error, signal: AbortSignal): Promise<unknown> {
    if (this.#stopping.signal.aborted) return releaseJob(this.#pool, job);
    if (signal.aborted) {
      const ended = await finishJob(this.#pool, job, 'cancelled', 'stopped by a person');
      if (ended) await handler?.fail(job, 'It was stopped.');
      return bumpRevision(this.#pool);
    }
    const isFinal = error instanceof DomainError && FINAL.has(error.code);
    this.#log.warn(
      { job: job.id, kind: job.kind, error: error.message, stack: isFinal ? undefined : error.stack },
      'a job failed',
    );
    if (!isFinal && job.attempts < MAX_ATTEMPTS) return postponeJob(this.#pool, job, job.attempts, error.message);
    if (!(await holdsLease(this.#pool, job))) return undefined;
    await handler?.fail(job, error.message);
    await finishJob(this.#pool, job, 'failed', error.message);
    await bumpRevision(this.#pool);
  }
}
