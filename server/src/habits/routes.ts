import * as contract from '@haveld/contract/api/habits';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

/** Naming habits of sources. */
export function addHabitRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listHabits, async () => service.listHabits(pool));
  serveEndpoint(app, contract.tryHabit, ({ body }) => Promise.resolve(service.tryHabit(body.habit, body.paths)));
  serveEndpoint(app, contract.saveHabit, async ({ params, body, person }) => ({
    id: await service.saveHabit(dependencies, params.id, body, person),
  }));
  serveEndpoint(app, contract.removeHabit, async ({ params }) => {
    await service.removeHabit(dependencies, params.id);
    return {};
  });
}
