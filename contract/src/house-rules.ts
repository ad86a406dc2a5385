/** The house rules as they ship (ours, no outside source); editable ones come with a later screen. */
export const HOUSE_RULES = {
  /** A proposal is sure from here on, with two independent evidences. */
  sureFrom: 0.9,
  handedOverMapSide: 2048,
  /** Names of maps that are handed over; joined as the house writes names. */
  mapName: '{asset} {material} {role}',
  cardMemoryBudgetBytes: 96 * 1024 * 1024,
} as const;
