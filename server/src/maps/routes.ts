import * as contract from '@haveld/contract/api/house-materials';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './house-materials';

/** House materials. */
export function addMapRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.listHouseMaterials, () => service.listHouseMaterials(dependencies.pool));
  serveEndpoint(app, contract.saveHouseMaterial, ({ body, person }) =>
    service.saveHouseMaterial(dependencies, body, person),
  );
  serveEndpoint(app, contract.deleteHouseMaterial, ({ params }) =>
    service.deleteHouseMaterial(dependencies, params.id),
  );
}
