import * as arrivals from './arrivals';
import * as bench from './bench';
import * as catalogue from './catalogue';
import * as doubles from './doubles';
import type { AnyEndpoint } from './endpoint';
import * as habits from './habits';
import * as houseMaterials from './house-materials';
import * as kits from './kits';
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
    arrivals.giveArrivalPassword,
    arrivals.answerFindQuestion,
    arrivals.regroupFile,
    arrivals.joinArrivals,
    arrivals.takeManyToBench,
  ],
  kits: [
    kits.getKit,
    kits.drawKit,
    kits.takePieces,
    kits.getKitBench,
    kits.answerForPieces,
    kits.takeSureForPieces,
    kits.cataloguePieces,
    kits.changeKitProvenance,
  ],
  doubles: [doubles.listDoubles, doubles.decideDouble],
  habits: [habits.listHabits, habits.tryHabit, habits.saveHabit, habits.removeHabit],
  bench: [
    bench.listBench,
    bench.getSheet,
    bench.answerFinding,
    bench.takeSure,
    bench.switchStep,
    bench.setOwnSteps,
    bench.changeProvenance,
    bench.catalogueAsset,
  ],
  'house materials': [
    houseMaterials.listHouseMaterials,
    houseMaterials.saveHouseMaterial,
    houseMaterials.deleteHouseMaterial,
  ],
  catalogue: [catalogue.searchCatalogue, catalogue.getAsset],
  projects: [
    projects.listProjects,
    projects.createProject,
    projects.getProject,
    projects.judgeForProject,
    projects.handOver,
    projects.changeProject,
    projects.getProjectRights,
    projects.tickDuties,
    projects.settleReopening,
    projects.getProjectCredits,
  ],
  rights: [
    rights.getRights,
    rights.getLedger,
    rights.getLicenceMix,
    rights.getAssetRights,
    rights.settleRights,
    rights.addEvidence,
    rights.saveFurtherWork,
    rights.removeFurtherWork,
    rights.takeDown,
    rights.writeLetter,
    rights.listLicences,
    rights.getLicence,
    rights.saveLicence,
    rights.getRightsRules,
    rights.saveRightsRules,
    rights.joinAuthors,
  ],
};
