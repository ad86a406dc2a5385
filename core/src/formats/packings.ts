/** Ways of packing geometry on its way: the canonical document holds it unpacked. */
export const PACKINGS = ['KHR_draco_mesh_compression', 'EXT_meshopt_compression'];
