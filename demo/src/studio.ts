import { SALTMARSH_TOKEN } from './sites/saltmarsh';
import { TIDEWRACK_KEY } from './sites/tidewrack';

/** The made-up workshop: its people, and the productions it works for. */
export const DEMO_PEOPLE = [
  { signIn: 'maja', name: 'Maja Lindqvist', role: 'owner' as const },
  { signIn: 'oskar', name: 'Oskar Behn', role: 'curator' as const },
  { signIn: 'runa', name: 'Runa Vestergaard', role: 'artist' as const },
  { signIn: 'tjark', name: 'Tjark Sundholm', role: 'guest' as const },
];

/** Named under letters. */
export const DEMO_HOUSE = 'The exhibition workshop on the quay';

/** What became of rights after the hand-over: an answer that changes everything, and maps by another hand. */
export const DEMO_RIGHTS = {
  answered: {
    asset: 'Chart table oak',
    licenceId: 'CC-BY-NC-4.0',
    why: 'her answer: the licence on the page was a slip',
    mail: 'Dear Maja,\nthe page says CC BY by mistake. The table may be shown where no tickets are sold: CC BY-NC 4.0.\nInes Falkenrot\n',
  },
  maps: { asset: 'Bell buoy, red', title: 'Weathered paint set', author: 'Runa Vestermoor', licenceId: 'CC-BY-SA-4.0' },
};

/** Printed at the first start; the demo holds nothing to protect. */
export const DEMO_PASSWORD = 'harbour-weather';

export const DEMO_PROJECTS = [
  {
    name: 'School visit sheets',
    purpose: 'Printed sheets for visiting classes, given away',
    use: {
      uses: ['print'] as const,
      commercial: false,
      releaseLicence: '',
      arrangement: 'side-by-side' as const,
      locks: false,
      territory: '',
      seats: null,
      until: '',
    },
    uses: 0,
  },
  {
    name: 'Tide House, tour 2',
    purpose: 'Touring show about a harbour weather station, tickets are sold',
    use: {
      uses: ['rendered', 'build'] as const,
      commercial: true,
      releaseLicence: '',
      arrangement: 'side-by-side' as const,
      locks: false,
      territory: '',
      seats: 4,
      until: '2027-09-30',
    },
    uses: 3,
  },
];

/** What lets the studio in at the made-up sites; the exchange's terms it has not read yet. */
export const DEMO_TOKENS = { tidewrack: TIDEWRACK_KEY, saltmarsh: SALTMARSH_TOKEN };

/** What the studio does to everything from workshops that model every screw. */
export const DEMO_TREATMENTS = [
  {
    name: 'Tidy fittings',
    rules: [
      { do: 'mend' as const, what: 'doubled' as const },
      { do: 'mend' as const, what: 'cracks' as const },
      { do: 'mend' as const, what: 'turned' as const },
      { do: 'mend' as const, what: 'names' as const },
      { do: 'join' as const, where: { material: 'brass', belowM: 0.03 }, name: 'fittings' },
    ],
  },
];
