import * as contract from '@haveld/contract/api/remarks';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { listColleagues } from './queries';
import * as service from './service';

/** Remarks on assets, and what one was told. */
export function addRemarkRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listRemarks, ({ params }) => service.listRemarks(pool, params.id));
  serveEndpoint(app, contract.addRemark, ({ params, body, person }) =>
    service.addRemark(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.answerRemark, ({ params, body, person }) =>
    service.answerRemark(dependencies, params.id, body.text, person),
  );
  serveEndpoint(app, contract.resolveRemark, ({ params, body, person }) =>
    service.resolveRemark(dependencies, params.id, body.isResolved, person),
  );
  serveEndpoint(app, contract.listColleagues, () => listColleagues(pool));
  serveEndpoint(app, contract.getInbox, ({ person }) => service.getInbox(pool, person));
  serveEndpoint(app, contract.readInbox, async ({ body, person }) => {
    await service.readInbox(dependencies, body.ids, person);
    return {};
  });
}
