import * as contract from '@haveld/contract/api/bench';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as borrowing from './borrowing';
import * as earlier from './earlier';
import * as place from './place';
import * as service from './service';

/** The bench: sheets, answers, treatment, catalogue. */
export function addBenchRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listBench, () => service.listBench(pool));
  serveEndpoint(app, contract.getSheet, ({ params }) => service.getSheet(pool, params.id));
  serveEndpoint(app, contract.answerFinding, ({ params, body, person }) =>
    service.answerFinding(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.takeSure, ({ params, body, person }) =>
    service.takeSure(dependencies, params.id, person, body.heading),
  );
  serveEndpoint(app, contract.confirmGuesses, ({ params, body, person }) =>
    service.confirmGuesses(dependencies, params.id, body.guesses, person),
  );
  serveEndpoint(app, contract.switchStep, ({ params, body, person }) =>
    service.switchStep(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.setOwnSteps, ({ params, body, person }) =>
    service.setOwnSteps(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.listStandIns, ({ params, query }) => place.listStandInsOf(pool, params.id, query.words));
  serveEndpoint(app, contract.listLenders, ({ params, query }) => borrowing.listLenders(pool, params.id, query.words));
  serveEndpoint(app, contract.takePlace, ({ params, body, person }) =>
    place.takePlace(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.getEarlier, ({ params }) => earlier.getEarlier(pool, params.id));
  serveEndpoint(app, contract.takeEarlier, async ({ params, body, person }) => {
    await earlier.takeEarlier(dependencies, params.id, body, person);
    return service.getSheet(pool, params.id);
  });
  serveEndpoint(app, contract.lookAgain, ({ params }) => service.lookAgain(dependencies, params.id));
  serveEndpoint(app, contract.changeProvenance, ({ params, body, person }) =>
    service.changeProvenance(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.catalogueAsset, ({ params, body, person }) =>
    service.catalogueAsset(dependencies, params.id, body, person),
  );
}
