import { cancelArrival, createArrival, listArrivals, setFindAside, takeToBench } from '@haveld/contract/arrivals';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { listAssetsByFind, takeFindToBench } from '../bench/service';
import * as service from './service';
import { addUploadRoutes } from './uploads';

export function addArrivalRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, listArrivals, async () =>
    service.listArrivals(dependencies, await listAssetsByFind(dependencies.pool)),
  );
  serveEndpoint(app, createArrival, ({ body, person }) => service.announceArrival(dependencies, person, body));
  serveEndpoint(app, cancelArrival, async ({ params }) => {
    await service.cancelArrival(dependencies, params.id);
    return {};
  });
  serveEndpoint(app, takeToBench, async ({ params }) => ({ assetId: await takeFindToBench(dependencies, params.id) }));
  serveEndpoint(app, setFindAside, async ({ params, body }) => {
    await service.setFindAside(dependencies, params.id, body.reason);
    return {};
  });
  addUploadRoutes(app, dependencies);
}
