import * as contract from '@haveld/contract/api/doubles';
import { listAssetsByFind } from '../assets/service';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

export function addDoubleRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.listDoubles, async ({ params }) =>
    service.listDoubles(dependencies, params.id, await listAssetsByFind(dependencies.pool)),
  );
  serveEndpoint(app, contract.decideDouble, async ({ params, body, person }) => {
    await service.decideDouble(dependencies, params.id, body.decision, person);
    return {};
  });
}
