import { getAsset, listSizes, searchCatalogue, type Question } from '@haveld/contract/api/catalogue';
import { changeMany, listActs, undoChange } from '@haveld/contract/api/changes';
import type { Person } from '@haveld/contract/api/people';
import { mayAs } from '@haveld/contract/role';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { listUsesOf } from '../projects/service';
import { askCatalogue, listSizes as listSizesOf } from './ask-catalogue';
import * as changes from './change-many';
import * as service from './service';

/** Asking the catalogue, and the page of an asset. */
export function addCatalogueRoutes(app: App, dependencies: Dependencies): void {
  const { pool, library } = dependencies;
  serveEndpoint(app, searchCatalogue, ({ query, person }) =>
    askCatalogue(library, asMayAsk(query, person), { isGuest: isGuest(person), today: new Date() }),
  );
  serveEndpoint(app, listSizes, ({ query, person }) => listSizesOf(library, asMayAsk(query, person), new Date()));
  serveEndpoint(app, changeMany, ({ body, person }) => changes.changeMany(dependencies, body, person));
  serveEndpoint(app, listActs, ({ person }) => changes.listActs(pool, person));
  serveEndpoint(app, undoChange, ({ params, person }) => changes.undoChange(dependencies, params.id, person));
  serveEndpoint(app, getAsset, async ({ params, person }) => {
    const page = await service.getAssetPage(pool, params.id, await listUsesOf(pool, params.id));
    return mayAs(person.role, 'artist') ? page : service.asGuestsSee(page);
  });
}

const isGuest = ({ role }: Person): boolean => !mayAs(role, 'artist');

/** What waits on the bench, colleagues and projects are none of a guest's questions. */
const asMayAsk = <Q extends Question>(question: Q, person: Person): Q =>
  isGuest(person) ? { ...question, state: 'catalogued', by: '', used: '' } : question;
