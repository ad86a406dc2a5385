import * as contract from '@haveld/contract/api/line-up';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

/** The line-up: all models that wait, each as it will be. */
export function addLineUpRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.getLineUp, () => service.getLineUp(dependencies.pool));
  serveEndpoint(app, contract.lineUp, async ({ body }) => {
    if (body.arrivalIds.length > 0) await service.lineUpArrivals(dependencies, body.arrivalIds);
    if (body.bench) await service.lineUpBench(dependencies);
    return {};
  });
  serveEndpoint(app, contract.confirmLineUp, ({ body, person }) =>
    service.confirmLineUp(dependencies, body.ids, person),
  );
  serveEndpoint(app, contract.answerMany, async ({ body, person }) => ({
    answered: await service.answerMany(dependencies, body, person),
  }));
  serveEndpoint(app, contract.nameAsset, async ({ params, body }) => {
    await service.nameAsset(dependencies, params.id, body);
    return {};
  });
}
