import * as contract from '@haveld/contract/api/house-treatments';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';
import { takeHouseTrial } from './take-trial';

/** House treatments, and their trial runs. */
export function addHouseTreatmentRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listHouseTreatments, () => service.listHouseTreatments(pool));
  serveEndpoint(app, contract.saveHouseTreatment, async ({ params, body, person }) => ({
    id: await service.saveHouseTreatment(dependencies, params.id, body, person),
  }));
  serveEndpoint(app, contract.removeHouseTreatment, async ({ params }) => {
    await service.removeHouseTreatment(dependencies, params.id);
    return {};
  });
  serveEndpoint(app, contract.tryHouseTreatment, async ({ params, body, person }) => ({
    id: await service.tryHouseTreatment(dependencies, params.id, body.on, person),
  }));
  serveEndpoint(app, contract.getHouseTrial, ({ params }) => service.getHouseTrial(pool, params.id));
  serveEndpoint(app, contract.takeHouseTrial, ({ params, body, person }) =>
    takeHouseTrial(dependencies, params.id, body.rows, person),
  );
  serveEndpoint(app, contract.endHouseTrial, async ({ params }) => {
    await service.endHouseTrial(dependencies, params.id);
    return {};
  });
}
