import * as contract from '@haveld/contract/api/progress';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import type { JobHandlers } from '../jobs/worker-loop';
import * as service from './service';

/** What waits, what runs, and the library's health. */
export function addProgressRoutes(app: App, dependencies: Dependencies, handlers: JobHandlers): void {
  serveEndpoint(app, contract.getProgress, ({ person }) => service.getProgress(dependencies, person));
  serveEndpoint(app, contract.getHealth, () => service.getHealth(dependencies));
  serveEndpoint(app, contract.cancelJob, async ({ params, person }) => {
    await service.cancelJob(dependencies, handlers, params.id, person);
    return {};
  });
  serveEndpoint(app, contract.retryJob, async ({ params }) => {
    await service.retryJob(dependencies, params.id);
    return {};
  });
}
