import * as arrivals from './arrivals';
import * as bench from './bench';
import * as catalogue from './catalogue';
import type { AnyEndpoint } from './endpoint';
import * as people from './people';
import * as projects from './projects';
import * as rights from './rights';
import * as work from './work';

/** Every endpoint of the API, by feature. */
export const API: Record<string, AnyEndpoint[]> = {
  people: [people.signIn, people.signOut, people.getMe, people.changePassword],
  work: [work.getWork, work.cancelJob, work.retryJob, work.getHealth],
  arrivals: [
    arrivals.listArrivals,
    arrivals.createArrival,
    arrivals.cancelArrival,
    arrivals.takeToBench,
    arrivals.setFindAside,
  ],
  bench: [
    bench.listBench,
    bench.getSheet,
    bench.answerFinding,
    bench.takeSure,
    bench.switchStep,
    bench.changeProvenance,
    bench.catalogueAsset,
  ],
  catalogue: [catalogue.searchCatalogue, catalogue.getAsset],
  projects: [
    projects.listProjects,
    projects.createProject,
    projects.getProject,
    projects.judgeForProject,
    projects.handOver,
  ],
  rights: [rights.getRights],
};
