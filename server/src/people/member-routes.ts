import * as contract from '@haveld/contract/api/people';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as members from './members';
import { listMembers } from './person-queries';

/** The people of the house: who may come in, and as what. */
export function addMemberRoutes(app: App, { pool }: Dependencies): void {
  serveEndpoint(app, contract.listPeople, () => listMembers(pool));
  serveEndpoint(app, contract.invitePerson, ({ body, person }) => members.invitePerson(pool, body, person));
  serveEndpoint(app, contract.createLink, ({ params, person }) => members.createLink(pool, params.id, person));
  serveEndpoint(app, contract.changeRole, async ({ params, body }) => {
    await members.changeRole(pool, params.id, body);
    return {};
  });
  serveEndpoint(app, contract.removePerson, async ({ params }) => {
    await members.removePerson(pool, params.id);
    return {};
  });
}
