/**
 * Libraries of parts for circuit boards write VRML in tenths of an inch, the pitch of through-hole parts (2.54 mm, IEC 60097 grid),
 * whatever the format has for a convention. Common practice, no source.
 */
export const BOARD_UNIT = { id: '0.1 in', metres: 0.00254 };

/** Exporters and tools of that trade, in comments at the head and in WorldInfo. */
const BY_EXPORTER = /\b(?:kicad|eagle|altium|freecad|stepup|eeschema|pcb)\b/i;

/** Folders such libraries keep their shapes in. */
const BY_FOLDER = /\.3dshapes(?:\/|$)/i;

/** Names of packages, their pitch and sides: `DIP-8_W7.62mm`, `Choke_L18.0mm_P5mm`, `TO-220-3`. JEDEC and IPC-7351 name them so. */
const BY_NAME =
  /(?:^|[/_-])(?:DIP|SOIC|SOP|SSOP|TSSOP|QFP|LQFP|TQFP|QFN|DFN|BGA|SOT|TO|DO|SOD|PinHeader|PinSocket|TerminalBlock|Crystal|CP_Radial|R_Axial)[-_]?\d|_[PLWHD]\d+(?:\.\d+)?mm/i;

/** @returns true for a part of a circuit board, by what its head says, where it lies or what it is called */
export const isBoardPart = (path: string, heads: readonly string[]): boolean =>
  heads.some((text) => BY_EXPORTER.test(text)) || BY_FOLDER.test(path) || BY_NAME.test(path);
