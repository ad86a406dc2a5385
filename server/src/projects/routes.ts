import * as contract from '@haveld/contract/projects';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

export function addProjectRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.listProjects, () => service.listProjects(pool));
  serveEndpoint(app, contract.createProject, ({ body }) => service.createProject(dependencies, body));
  serveEndpoint(app, contract.getProject, ({ params }) => service.getProject(pool, params.id));
  serveEndpoint(app, contract.judgeForProject, async ({ params, body }) =>
    (await service.judgeForProject(pool, params.id, body.assetIds)).map(({ card, verdict, credit }) => ({
      card,
      verdict,
      credit,
    })),
  );
  serveEndpoint(app, contract.handOver, ({ params, body, person }) =>
    service.handOver(dependencies, params.id, body, person),
  );
}
