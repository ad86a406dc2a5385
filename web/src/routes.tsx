import { lazy } from 'react';
import type { RouteObject } from 'react-router';
import { Failure } from './parts/notice';
import { ArrivalsScreen } from './screens/arrivals/arrivals-screen';
import { DuplicatesScreen } from './screens/arrivals/duplicates-screen';
import { SortScreen } from './screens/arrivals/sort-screen';
import { BenchScreen } from './screens/bench/bench-screen';
import { KitBenchScreen } from './screens/bench/kit/kit-bench-screen';
import { CatalogueScreen } from './screens/catalogue/catalogue-screen';
import { GiveScreen } from './screens/giving/give-screen';
import { GivingLinksScreen } from './screens/giving/giving-links-screen';
import { ReceiptScreen } from './screens/giving/receipt-screen';
import { HabitsScreen } from './screens/habits/habits-screen';
import { HealthScreen } from './screens/health/health-screen';
import { LineUpScreen } from './screens/line-up/line-up-screen';
import { KitScreen } from './screens/kit/kit-screen';
import { ProjectRightsScreen } from './screens/projects/project-rights-screen';
import { ProjectScreen } from './screens/projects/project-screen';
import { ProjectsScreen } from './screens/projects/projects-screen';
import { FromPageScreen } from './screens/pages/from-page-screen';
import { KeptPageScreen } from './screens/pages/kept-page-screen';
import { SourceScreen } from './screens/sources/source-screen';
import { SourcesScreen } from './screens/sources/sources-screen';
import { FoldersScreen } from './screens/sources/folders-screen';
import { OwnScreen } from './screens/people/own-screen';
import { PeopleScreen } from './screens/people/people-screen';
import { LinkScreen } from './screens/sign-in/link-screen';
import { Home } from './shell/home';
import { HouseTreatmentsScreen } from './screens/treatments/house-treatments-screen';
import { HouseTrialScreen } from './screens/treatments/house-trial-screen';
import { Shell } from './shell/shell';

// the viewer and the charts are large and come when they are needed
const SheetScreen = lazy(() =>
  import('./screens/bench/sheet-screen').then((module) => ({ default: module.SheetScreen })),
);
const MapSheetScreen = lazy(() =>
  import('./screens/maps/map-sheet-screen').then((module) => ({ default: module.MapSheetScreen })),
);
const PartSheetScreen = lazy(() =>
  import('./screens/parts/part-sheet-screen').then((module) => ({ default: module.PartSheetScreen })),
);
const AssetScreen = lazy(() =>
  import('./screens/asset/asset-screen').then((module) => ({ default: module.AssetScreen })),
);
const InboxScreen = lazy(() =>
  import('./screens/remarks/inbox-screen').then((module) => ({ default: module.InboxScreen })),
);
const VersionsScreen = lazy(() =>
  import('./screens/asset/versions-screen').then((module) => ({ default: module.VersionsScreen })),
);
const RightsScreen = lazy(() =>
  import('./screens/rights/rights-screen').then((module) => ({ default: module.RightsScreen })),
);
const LedgerScreen = lazy(() =>
  import('./screens/rights/ledger-screen').then((module) => ({ default: module.LedgerScreen })),
);
const LicencesScreen = lazy(() =>
  import('./screens/rights/licences-screen').then((module) => ({ default: module.LicencesScreen })),
);
const LicenceScreen = lazy(() =>
  import('./screens/rights/licence-screen').then((module) => ({ default: module.LicenceScreen })),
);
const RulesScreen = lazy(() =>
  import('./screens/rights/rules/rules-screen').then((module) => ({ default: module.RulesScreen })),
);

/** Every page: those under the strip, and those a link leads to. */
export const ROUTES: RouteObject[] = [
  { path: 'join', element: <LinkScreen /> },
  { path: 'give', element: <GiveScreen /> },
  { path: 'give/receipt', element: <ReceiptScreen /> },
  {
    element: <Shell />,
    errorElement: <Failure error={new Error('This screen broke. Nothing is lost; load the page again.')} />,
    children: [
      { index: true, element: <Home /> },
      { path: 'arrivals', element: <ArrivalsScreen /> },
      { path: 'arrivals/sources', element: <SourcesScreen /> },
      { path: 'arrivals/sources/:kind', element: <SourceScreen /> },
      { path: 'arrivals/folders', element: <FoldersScreen /> },
      { path: 'arrivals/from-page', element: <FromPageScreen /> },
      { path: 'arrivals/giving', element: <GivingLinksScreen /> },
      { path: 'arrivals/habits', element: <HabitsScreen /> },
      { path: 'arrivals/duplicates/:id', element: <DuplicatesScreen /> },
      { path: 'arrivals/:id', element: <SortScreen /> },
      { path: 'line-up', element: <LineUpScreen /> },
      { path: 'kits/:id', element: <KitScreen /> },
      { path: 'bench', element: <BenchScreen /> },
      { path: 'bench/kits/:id', element: <KitBenchScreen /> },
      { path: 'bench/treatments', element: <HouseTreatmentsScreen /> },
      { path: 'bench/trials/:id', element: <HouseTrialScreen /> },
      { path: 'bench/:id', element: <SheetScreen /> },
      { path: 'bench/:id/maps', element: <MapSheetScreen /> },
      { path: 'bench/:id/parts', element: <PartSheetScreen /> },
      { path: 'catalogue', element: <CatalogueScreen /> },
      { path: 'catalogue/:id', element: <AssetScreen /> },
      { path: 'inbox', element: <InboxScreen /> },
      { path: 'catalogue/:id/versions', element: <VersionsScreen /> },
      { path: 'projects', element: <ProjectsScreen /> },
      { path: 'projects/:id', element: <ProjectScreen /> },
      { path: 'projects/:id/rights', element: <ProjectRightsScreen /> },
      { path: 'rights', element: <RightsScreen /> },
      { path: 'rights/ledger', element: <LedgerScreen /> },
      { path: 'rights/licences', element: <LicencesScreen /> },
      { path: 'rights/licences/:id', element: <LicenceScreen /> },
      { path: 'rights/rules', element: <RulesScreen /> },
      { path: 'kept-pages/:sha256', element: <KeptPageScreen /> },
      { path: 'health', element: <HealthScreen /> },
      { path: 'people', element: <PeopleScreen /> },
      { path: 'me', element: <OwnScreen /> },
      { path: '*', element: <Failure error={new Error('There is no such page.')} /> },
    ],
  },
];
