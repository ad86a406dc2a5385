import * as contract from '@haveld/contract/api/projects';
import { composeCredits } from '@haveld/core/rights/credits';
import { toCard } from '../assets/card';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as rights from './project-rights';
import * as service from './service';

/** Projects, their uses and their rights sheets. */
export function addProjectRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listProjects, () => service.listProjects(pool));
  serveEndpoint(app, contract.createProject, ({ body }) => service.createProject(dependencies, body));
  serveEndpoint(app, contract.changeProject, ({ params, body, person }) =>
    service.changeProject(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.getProject, ({ params }) => service.getProject(pool, params.id));
  serveEndpoint(app, contract.judgeForProject, async ({ params, body }) => {
    const { book } = await loadBook(pool);
    return (await service.judgeForProject(pool, params.id, body.assetIds)).map(({ row, verdict, credits }) => ({
      card: toCard(book, row),
      verdict,
      credit: composeCredits(credits),
    }));
  });
  serveEndpoint(app, contract.handOver, ({ params, body, person }) =>
    service.handOver(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.leaveNewer, ({ params, body }) =>
    service.leaveNewer(dependencies, params.id, params.assetId, body.number),
  );
  serveEndpoint(app, contract.getProjectRights, ({ params }) => rights.getProjectRights(pool, params.id));
  serveEndpoint(app, contract.tickDuties, ({ params, body, person }) =>
    rights.tickDuties(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.settleReopening, ({ params, body, person }) =>
    rights.settleReopening(dependencies, params.id, params.reopeningId, body.note, person),
  );
  serveEndpoint(app, contract.getProjectCredits, ({ params, query }) =>
    rights.getProjectCredits(pool, params.id, query),
  );
}
