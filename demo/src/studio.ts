/** The made-up workshop: its people, and the productions it works for. */
export const DEMO_PEOPLE = [
  { signIn: 'maja', name: 'Maja Lindqvist' },
  { signIn: 'oskar', name: 'Oskar Behn' },
  { signIn: 'runa', name: 'Runa Vestergaard' },
];

/** Printed at the first start; the demo holds nothing to protect. */
export const DEMO_PASSWORD = 'harbour-weather';

export const DEMO_PROJECTS = [
  {
    name: 'School visit sheets',
    purpose: 'Printed sheets for visiting classes, given away',
    commercial: false,
    uses: 0,
  },
  {
    name: 'Tide House, tour 2',
    purpose: 'Touring show about a harbour weather station, tickets are sold',
    commercial: true,
    uses: 3,
  },
];
