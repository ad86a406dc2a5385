import { createArrivalHandlers } from './arrivals/handlers';
import { createBenchHandlers } from './bench/handlers';
import { createTakingHandlers } from './bench/take-pieces';
import { createDayHandlers } from './day/handlers';
import type { Dependencies } from './dependencies';
import type { TaskRunner } from './jobs/task-runner';
import type { JobHandlers } from './jobs/worker-loop';
import { createHouseTreatmentHandlers } from './house-treatments/handlers';
import { createKitHandlers } from './kits/handlers';
import { createLedgerHandlers } from './ledger/handlers';
import { createLibraryHandlers } from './library/handlers';
import { createLineUpHandlers } from './line-up/handlers';
import { createPageHandlers } from './pages/handlers';
import { createProjectHandlers } from './projects/handlers';
import { createReadingHandlers } from './reading/handlers';
import { createRemarkHandlers } from './remarks/handlers';
import { createSourceHandlers } from './sources/handlers';
import { createRightsHandlers } from './rights/handlers';

/** Every kind of job a worker can do. */
export function createHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  return {
    ...createArrivalHandlers(dependencies, tasks),
    ...createReadingHandlers(dependencies, tasks),
    ...createBenchHandlers(dependencies, tasks),
    ...createKitHandlers(dependencies, tasks),
    ...createTakingHandlers(dependencies, tasks),
    ...createLibraryHandlers(dependencies, tasks),
    ...createLineUpHandlers(dependencies),
    ...createHouseTreatmentHandlers(dependencies, tasks),
    ...createProjectHandlers(dependencies, tasks),
    ...createRemarkHandlers(dependencies),
    ...createRightsHandlers(dependencies),
    ...createLedgerHandlers(dependencies),
    ...createDayHandlers(dependencies),
    ...createSourceHandlers(dependencies),
    ...createPageHandlers(dependencies),
  };
}
