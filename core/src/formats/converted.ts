/**
 * Formats that are read through a converter in a process of its own, by extension. Polygons become triangles on that way, and
 * units and up axes are lost where the format has any.
 */
export const CONVERTED_EXTENSIONS: readonly string[] =
  'x lwo ac acc ac3d ms3d md2 md3 md5mesh mdl b3d ase ask off nff iqm smd cob scn q3o q3s irrmesh irr ogex xgl zgl amf 3mf x3d wrl lws raw dxf m3d hmp'.split(
    ' ',
  );
