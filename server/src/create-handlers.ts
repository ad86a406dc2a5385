import { createArrivalHandlers } from './arrivals/handlers';
import { createBenchHandlers } from './bench/handlers';
import type { Dependencies } from './dependencies';
import type { TaskRunner } from './jobs/task-runner';
import type { JobHandlers } from './jobs/worker-loop';
import { createKitHandlers } from './kits/handlers';
import { createProjectHandlers } from './projects/handlers';
import { createRightsHandlers } from './rights/handlers';

/** Every kind of job a worker can do. */
export function createHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  return {
    ...createArrivalHandlers(dependencies, tasks),
    ...createBenchHandlers(dependencies, tasks),
    ...createKitHandlers(dependencies, tasks),
    ...createProjectHandlers(dependencies, tasks),
    ...createRightsHandlers(dependencies),
  };
}
