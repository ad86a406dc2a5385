/**
 * Names that say nothing of a part: what programs give by themselves, alone or with a number. Common practice, no source: gathered from
 * files such programs write.
 */
const DEFAULT_NAME =
  /^(mesh|object|obj|node|geometry|geo|shape|part|piece|component|solid|default( material| object)?|unnamed|untitled|none|null|empty|group|grp|root|element|entity|primitive|(poly|detached|lofted|revolved|planar|extruded|trimmed) ?surface|p ?(plane|cube|cylinder|sphere|torus|cone|pipe|prism|disc)|nurbs ?(surface|sphere|cube|cylinder|cone|plane|torus)|cube|box|cylinder|sphere|plane|circle|torus|cone|line|curve|nurbs ?(path|curve)|bezier ?(curve|circle)|poly|tris?|faces?|surface|extru(de|sion)|lathe|loft|sweep|sub ?d(ivision)?|instance|copy|mesh ?instance|static ?mesh|submesh|defaultmaterial|material|mat|lambert|phong|blinn|initialshadinggroup|standard)( ?(mesh|object|obj|shape|node|geo|copy|instance))*$/i;

/** A name that is a number, a letter with a number, or a hash. */
const CODE = /^([a-z]|[a-z]?[\d ]+|[0-9a-f]{8}[0-9a-f -]*|id ?\d+)$/i;

/** @returns the words of a name without the numbers at its end, lower case; an empty text where it says nothing */
export function meaningOf(name: string): string {
  const words = name
    .replace(/\.(fbx|obj|dae|gltf|glb|3ds|stl|ply|max|mb|ma|c4d|blend)$/i, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/([\p{L}])(\d)/gu, '$1 $2')
    .replace(/[_\-.:|/\\()[\]]+/g, ' ')
    .replace(/(\s+\d+)+\s*$/, '')
    .trim();
  return words === '' || DEFAULT_NAME.test(words) || CODE.test(words) ? '' : words.toLowerCase();
}
