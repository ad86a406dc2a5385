import * as contract from '@haveld/contract/api/arrivals';
import { takeFindToBench } from '../bench/service';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import type { JobHandlers } from '../jobs/worker-loop';
import { getArrival, listArrivals } from './describe-arrivals';
import * as joinArrivals from './join-arrivals';
import * as service from './service';
import * as sorting from './sorting';
import { addUploadRoutes } from './uploads';

/** Arrivals, their finds, and the uploads that bring them. */
export function addArrivalRoutes(app: App, dependencies: Dependencies, handlers: JobHandlers): void {
  serveEndpoint(app, contract.listArrivals, () => listArrivals(dependencies.pool));
  serveEndpoint(app, contract.getArrival, ({ params }) => getArrival(dependencies.pool, params.id));
  serveEndpoint(app, contract.createArrival, ({ body, person }) => service.announceArrival(dependencies, person, body));
  serveEndpoint(app, contract.cancelArrival, async ({ params, person }) => {
    await service.cancelArrival(dependencies, handlers, params.id, person);
    return {};
  });
  serveEndpoint(app, contract.giveArrivalPassword, async ({ params, body }) => {
    await sorting.givePassword(dependencies, params.id, body.password);
    return {};
  });
  serveEndpoint(app, contract.joinArrivals, async ({ params, body, person }) => ({
    id: await joinArrivals.joinArrivals(dependencies, params.id, body.otherId, person),
  }));
  serveEndpoint(app, contract.regroupFile, async ({ params, body, person }) => {
    await sorting.regroupFile(dependencies, params.id, body, person);
    return {};
  });
  addFindRoutes(app, dependencies);
  addUploadRoutes(app, dependencies);
}

function addFindRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.takeManyToBench, async ({ body }) => {
    const assetIds = [];
    for (const id of body.ids) assetIds.push(await takeFindToBench(dependencies, id));
    return { assetIds };
  });
  serveEndpoint(app, contract.takeToBench, async ({ params }) => ({
    assetId: await takeFindToBench(dependencies, params.id),
  }));
  serveEndpoint(app, contract.setFindAside, async ({ params, body }) => {
    await service.setFindAside(dependencies, params.id, body.reason);
    return {};
  });
  serveEndpoint(app, contract.answerFindQuestion, async ({ params, body }) => {
    await sorting.answerFindQuestion(dependencies, params.id, body.choiceId);
    return {};
  });
}
