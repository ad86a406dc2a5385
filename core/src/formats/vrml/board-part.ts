/**
 * Libraries of parts for circuit boards write VRML in tenths of an inch, the pitch of through-hole parts (2.54 mm, IEC 60097 grid),
 * whatever the format has for a convention. Common practice, no source.
 */
export const BOARD_UNIT = { id: '0.1 in', metres: 0.00254 };

/** The suite whose libraries are written so, in comments at the head and in WorldInfo. General CAD writes other units. */
const BY_EXPORTER = /\bkicad\b/i;

/** Folders such libraries keep their shapes in. */
const BY_FOLDER = /\.3dshapes\//i;

/**
 * A file called after a package, or by its pitch or sides to a tenth of a millimetre, as JEDEC and IPC-7351 name them:
 * `DIP-8_W7.62mm`, `Choke_L18.0mm_P5mm`, `TO-220-3`. In capitals and at its beginning: “how_to-2” is none.
 */
const BY_NAME =
  /(?:^|\/)(?:DIP|SOIC|SOP|SSOP|TSSOP|QFP|LQFP|TQFP|QFN|DFN|BGA|SOT|TO|DO|SOD)-\d+[^/]*$|(?:^|\/)[^/]*_(?:P\d+(?:\.\d+)?|[LWHD]\d+\.\d+)mm[^/]*$/;

/** @returns true for a part of a circuit board, by what its head says, where it lies or what it is called */
export const isBoardPart = (path: string, heads: readonly string[]): boolean =>
  heads.some((text) => BY_EXPORTER.test(text)) || BY_FOLDER.test(path) || BY_NAME.test(path);
