import { getInbox, listColleagues, listRemarks } from '@haveld/contract/api/remarks';
import { listActs } from '@haveld/contract/api/changes';
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { getArrival, listArrivals } from '@haveld/contract/api/arrivals';
import { getEarlier, getSheet, listBench, listLenders, listStandIns } from '@haveld/contract/api/bench';
import { CARDS_A_PAGE, getAsset, listSizes, searchCatalogue, type Question } from '@haveld/contract/api/catalogue';
import { listDuplicates } from '@haveld/contract/api/duplicates';
import { listGifts, listGivingLinks, lookAtGift, lookAtGiving } from '@haveld/contract/api/giving';
import { listHabits } from '@haveld/contract/api/habits';
import { getHouseTrial, listHouseTreatments } from '@haveld/contract/api/house-treatments';
import { getHouseRules } from '@haveld/contract/api/house';
import { getLineUp } from '@haveld/contract/api/line-up';
import { listHouseMaterials } from '@haveld/contract/api/house-materials';
import { getKit, getKitBench } from '@haveld/contract/api/kits';
import { getMe, listPeople, listSessions, listTokens } from '@haveld/contract/api/people';
import { getKeptPage, getPageOfAsset } from '@haveld/contract/api/pages';
import { getHealth, getProgress } from '@haveld/contract/api/progress';
import { getProject, getProjectRights, listProjects } from '@haveld/contract/api/projects';
import {
  getAssetRights,
  getLedger,
  getLicence,
  getLicenceMix,
  getRights,
  LEDGER_PAGE,
  listLicences,
  type LedgerQuestion,
} from '@haveld/contract/api/rights';
import {
  getSource,
  listFetchings,
  listSources,
  lookAtAddress,
  searchSources,
  type Fetching,
  type SourceQuery,
} from '@haveld/contract/api/sources';
import { listWatchedFolders } from '@haveld/contract/api/watching';
import { bytesUrl, call } from './client';

/** Everything the server tells, under `library`; a new revision makes all of it stale at once. */
export const LIBRARY = 'library';

export const meQuery = queryOptions({
  queryKey: ['me'],
  queryFn: ({ signal }) => call(getMe, { signal }),
  retry: false,
  staleTime: Infinity,
});

/** How often what is being worked on is asked for. */
export const BUSY_MS = 300;
const IDLE_MS = 3000;

/** What runs and waits: asked often while something runs. */
export const progressQuery = queryOptions({
  queryKey: ['work'],
  queryFn: ({ signal }) => call(getProgress, { signal }),
  refetchInterval: ({ state }) => (state.data && state.data.running.length === 0 ? IDLE_MS : BUSY_MS),
});

export const sourcesQuery = queryOptions({
  queryKey: [LIBRARY, 'sources'],
  queryFn: ({ signal }) => call(listSources, { signal }),
});
export const sourceQuery = (kind: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'source', kind],
    queryFn: ({ signal }) => call(getSource, { params: { kind }, signal }),
  });

/** What sources say stays a while: the library changing does not ask them again. */
const SAID_MS = 5 * 60_000;
export const SOURCE_SEARCH = 'source-search';
export const sourceSearchQuery = (question: SourceQuery) =>
  infiniteQueryOptions({
    queryKey: [SOURCE_SEARCH, question],
    queryFn: ({ pageParam, signal }) => call(searchSources, { query: { ...question, from: pageParam }, signal }),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    staleTime: SAID_MS,
    retry: false,
  });
export const addressQuery = (address: string, project: string) =>
  queryOptions({
    queryKey: [SOURCE_SEARCH, 'address', address, project],
    queryFn: ({ signal }) => call(lookAtAddress, { body: { address, project }, signal }),
    staleTime: SAID_MS,
    retry: false,
  });

export const watchedFoldersQuery = queryOptions({
  queryKey: [LIBRARY, 'watched-folders'],
  queryFn: ({ signal }) => call(listWatchedFolders, { signal }),
});

const SOON_MS = 60_000;
const comesSoon = ({ state, trouble }: Fetching): boolean =>
  state === 'fetching' ||
  (state === 'waiting' && (!trouble?.retryAt || Date.parse(trouble.retryAt) - Date.now() < SOON_MS));

/** What comes in: looked at often while something does. */
export const fetchingsQuery = queryOptions({
  queryKey: [LIBRARY, 'fetchings'],
  queryFn: ({ signal }) => call(listFetchings, { signal }),
  refetchInterval: ({ state }) => (state.data?.some(comesSoon) ? BUSY_MS * 2 : false),
});

export const arrivalsQuery = queryOptions({
  queryKey: [LIBRARY, 'arrivals'],
  queryFn: ({ signal }) => call(listArrivals, { signal }),
});
export const arrivalQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'arrival', id],
    queryFn: ({ signal }) => call(getArrival, { params: { id }, signal }),
  });
export const lineUpQuery = queryOptions({
  queryKey: [LIBRARY, 'line-up'],
  queryFn: ({ signal }) => call(getLineUp, { signal }),
});
export const benchQuery = queryOptions({
  queryKey: [LIBRARY, 'bench'],
  queryFn: ({ signal }) => call(listBench, { signal }),
});
export const sheetQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'sheet', id],
    queryFn: ({ signal }) => call(getSheet, { params: { id }, signal }),
  });
export const standInsQuery = (id: string, words: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'stand-ins', id, words],
    queryFn: ({ signal }) => call(listStandIns, { params: { id }, query: { words }, signal }),
  });
export const lendersQuery = (id: string, words: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'lenders', id, words],
    queryFn: ({ signal }) => call(listLenders, { params: { id }, query: { words }, signal }),
  });
export const catalogueQuery = (question: Question) =>
  queryOptions({
    queryKey: [LIBRARY, 'catalogue', question],
    queryFn: ({ signal }) => call(searchCatalogue, { query: question, signal }),
    placeholderData: (before) => before,
  });
/** A further page of what fits, without counts. @param page from 0 */
export const cardsQuery = (question: Question, page: number) =>
  queryOptions({
    queryKey: [LIBRARY, 'catalogue', question, page],
    queryFn: ({ signal }) =>
      call(searchCatalogue, { query: { ...question, offset: page * CARDS_A_PAGE, counted: 'none' }, signal }),
  });
/** The bytes of a model of the store, which never change. */
export const modelQuery = (sha256: string | null) =>
  queryOptions({
    queryKey: ['bytes', sha256],
    queryFn: async ({ signal }) => {
      const answer = await fetch(bytesUrl(sha256!, 'glb'), { signal });
      if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
      return answer.arrayBuffer();
    },
    enabled: sha256 !== null,
    staleTime: Infinity,
  });
/** What people say of an asset. */
export const remarksQuery = (assetId: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'remarks', assetId],
    queryFn: ({ signal }) => call(listRemarks, { params: { id: assetId }, signal }),
  });
export const colleaguesQuery = queryOptions({
  queryKey: [LIBRARY, 'colleagues'],
  queryFn: ({ signal }) => call(listColleagues, { signal }),
});
/** What one was told. */
export const inboxQuery = queryOptions({
  queryKey: [LIBRARY, 'inbox'],
  queryFn: ({ signal }) => call(getInbox, { signal }),
});
/** What was done to several assets at once lately. */
export const actsQuery = queryOptions({
  queryKey: [LIBRARY, 'acts'],
  queryFn: ({ signal }) => call(listActs, { signal }),
});
/** Everything a question can be narrowed by, without cards. */
export const facetsQuery = (question: Question) =>
  queryOptions({
    queryKey: [LIBRARY, 'facets', question],
    queryFn: ({ signal }) => call(searchCatalogue, { query: { ...question, length: 1, counted: 'all' }, signal }),
  });
export const sizesQuery = (question: Question) =>
  queryOptions({
    queryKey: [LIBRARY, 'sizes', question],
    queryFn: ({ signal }) => call(listSizes, { query: question, signal }),
  });
export const assetQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'asset', id],
    queryFn: ({ signal }) => call(getAsset, { params: { id }, signal }),
  });
export const projectsQuery = queryOptions({
  queryKey: [LIBRARY, 'projects'],
  queryFn: ({ signal }) => call(listProjects, { signal }),
});
export const projectQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'project', id],
    queryFn: ({ signal }) => call(getProject, { params: { id }, signal }),
  });
export const rightsQuery = queryOptions({
  queryKey: [LIBRARY, 'rights'],
  queryFn: ({ signal }) => call(getRights, { signal }),
});
export const assetRightsQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'asset-rights', id],
    queryFn: ({ signal }) => call(getAssetRights, { params: { id }, signal }),
  });
export const pageOfAssetQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'page-of-asset', id],
    queryFn: ({ signal }) => call(getPageOfAsset, { params: { id }, signal }),
  });
export const keptPageQuery = (sha256: string) =>
  queryOptions({
    queryKey: ['kept-page', sha256],
    queryFn: ({ signal }) => call(getKeptPage, { params: { sha256 }, signal }),
    staleTime: Infinity,
  });
export const ledgerQuery = (question: LedgerQuestion) =>
  infiniteQueryOptions({
    queryKey: [LIBRARY, 'ledger', question],
    queryFn: ({ signal, pageParam }) => call(getLedger, { query: { ...question, page: pageParam }, signal }),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => (pages.length * LEDGER_PAGE < last.total ? pages.length : undefined),
    placeholderData: (before) => before,
  });
export const licenceMixQuery = queryOptions({
  queryKey: [LIBRARY, 'licence-mix'],
  queryFn: ({ signal }) => call(getLicenceMix, { signal }),
});
export const licencesQuery = queryOptions({
  queryKey: [LIBRARY, 'licences'],
  queryFn: ({ signal }) => call(listLicences, { signal }),
});
export const licenceQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'licence', id],
    queryFn: ({ signal }) => call(getLicence, { params: { id }, signal }),
  });
export const houseRulesQuery = queryOptions({
  queryKey: [LIBRARY, 'house-rules'],
  queryFn: ({ signal }) => call(getHouseRules, { signal }),
});
export const projectRightsQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'project-rights', id],
    queryFn: ({ signal }) => call(getProjectRights, { params: { id }, signal }),
  });
export const healthQuery = queryOptions({
  queryKey: [LIBRARY, 'health'],
  queryFn: ({ signal }) => call(getHealth, { signal }),
});
export const earlierQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'earlier', id],
    queryFn: ({ signal }) => call(getEarlier, { params: { id }, signal }),
  });
export const duplicatesQuery = (findId: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'duplicates', findId],
    queryFn: ({ signal }) => call(listDuplicates, { params: { id: findId }, signal }),
  });
export const kitQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'kit', id],
    queryFn: ({ signal }) => call(getKit, { params: { id }, signal }),
    refetchInterval: ({ state }) => (state.data?.progress ? BUSY_MS : false),
  });
export const kitBenchQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'kit-bench', id],
    queryFn: ({ signal }) => call(getKitBench, { params: { id }, signal }),
  });
export const habitsQuery = queryOptions({
  queryKey: [LIBRARY, 'habits'],
  queryFn: ({ signal }) => call(listHabits, { signal }),
});

export const houseTreatmentsQuery = queryOptions({
  queryKey: [LIBRARY, 'house-treatments'],
  queryFn: ({ signal }) => call(listHouseTreatments, { signal }),
});
export const houseTrialQuery = (id: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'house-trial', id],
    queryFn: ({ signal }) => call(getHouseTrial, { params: { id }, signal }),
  });

export const houseMaterialsQuery = queryOptions({
  queryKey: [LIBRARY, 'house-materials'],
  queryFn: ({ signal }) => call(listHouseMaterials, { signal }),
});

export const peopleQuery = queryOptions({
  queryKey: [LIBRARY, 'people'],
  queryFn: ({ signal }) => call(listPeople, { signal }),
});
export const sessionsQuery = queryOptions({
  queryKey: [LIBRARY, 'sessions'],
  queryFn: ({ signal }) => call(listSessions, { signal }),
});
export const tokensQuery = queryOptions({
  queryKey: [LIBRARY, 'tokens'],
  queryFn: ({ signal }) => call(listTokens, { signal }),
});

export const givingLinksQuery = queryOptions({
  queryKey: [LIBRARY, 'giving-links'],
  queryFn: ({ signal }) => call(listGivingLinks, { signal }),
});
export const giftsQuery = (linkId: string) =>
  queryOptions({
    queryKey: [LIBRARY, 'gifts', linkId],
    queryFn: ({ signal }) => call(listGifts, { params: { id: linkId }, signal }),
  });

/** What a link asks for; for who has no account. */
export const givingQuery = (token: string) =>
  queryOptions({
    queryKey: ['giving', token],
    queryFn: ({ signal }) => call(lookAtGiving, { body: { token }, signal }),
    retry: false,
  });

/** A gift for its giver. @param others secrets of their other gifts */
export const receiptQuery = (secret: string, others: string[]) =>
  queryOptions({
    queryKey: ['receipt', secret],
    queryFn: ({ signal }) => call(lookAtGift, { body: { secret, others }, signal }),
    retry: false,
    refetchInterval: ({ state }) => (state.data?.state === 'coming' ? IDLE_MS : false),
  });
