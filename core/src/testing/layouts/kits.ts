import type { Layout } from './layout';

/** Many pieces that came together. */
export const KIT_LAYOUTS: Layout[] = [
  {
    name: 'numbered pieces with one set of maps',
    files: `rocks/rock_01.fbx
      rocks/rock_02.fbx
      rocks/rock_03.fbx
      rocks/rock_04.fbx
      rocks/rock_05.fbx
      rocks/textures/rocks_albedo.png
      rocks/textures/rocks_normal.png
      rocks/readme.txt`,
    finds: `model rocks/rock_01.fbx | map rocks/textures/* | text rocks/readme.txt
      model rocks/rock_02.fbx | map rocks/textures/* | text rocks/readme.txt
      model rocks/rock_03.fbx | map rocks/textures/* | text rocks/readme.txt
      model rocks/rock_04.fbx | map rocks/textures/* | text rocks/readme.txt
      model rocks/rock_05.fbx | map rocks/textures/* | text rocks/readme.txt`,
    isKit: true,
  },
  {
    name: 'named pieces that refer to one atlas',
    files: `Quay/barrel.fbx > atlas.png
      Quay/crate.fbx > atlas.png
      Quay/rope.fbx > atlas.png
      Quay/atlas.png
      Quay/preview.png
      LICENSE.txt`,
    finds: `model Quay/barrel.fbx | map Quay/atlas.png | preview Quay/preview.png | text LICENSE.txt
      model Quay/crate.fbx | map Quay/atlas.png | preview Quay/preview.png | text LICENSE.txt
      model Quay/rope.fbx | map Quay/atlas.png | preview Quay/preview.png | text LICENSE.txt`,
    isKit: true,
  },
  {
    name: 'a kit in three formats, a folder each',
    files: `Models/FBX format/pier-corner.fbx
      Models/FBX format/pier-end.fbx
      Models/FBX format/pier-straight.fbx
      Models/GLB format/pier-corner.glb
      Models/GLB format/pier-end.glb
      Models/GLB format/pier-straight.glb
      Models/OBJ format/pier-corner.obj > pier-corner.mtl
      Models/OBJ format/pier-corner.mtl
      Models/OBJ format/pier-end.obj > pier-end.mtl
      Models/OBJ format/pier-end.mtl
      Models/OBJ format/pier-straight.obj > pier-straight.mtl
      Models/OBJ format/pier-straight.mtl
      Models/Textures/colormap.png
      Preview.png
      License.txt`,
    finds: `model Models/GLB format/pier-corner.glb | other-format Models/FBX format/pier-corner.fbx, Models/OBJ format/pier-corner.obj | material Models/OBJ format/pier-corner.mtl | map Models/Textures/colormap.png | preview Preview.png | text License.txt
      model Models/GLB format/pier-end.glb | other-format Models/FBX format/pier-end.fbx, Models/OBJ format/pier-end.obj | material Models/OBJ format/pier-end.mtl | map Models/Textures/colormap.png | preview Preview.png | text License.txt
      model Models/GLB format/pier-straight.glb | other-format Models/FBX format/pier-straight.fbx, Models/OBJ format/pier-straight.obj | material Models/OBJ format/pier-straight.mtl | map Models/Textures/colormap.png | preview Preview.png | text License.txt`,
    isKit: true,
  },
  {
    name: 'a preview a piece',
    files: `bench.glb
      bench_preview.png
      table.glb
      table_preview.png
      stool.glb
      stool_preview.png`,
    finds: `model bench.glb | preview bench_preview.png
      model table.glb | preview table_preview.png
      model stool.glb | preview stool_preview.png`,
    isKit: true,
  },
  {
    name: 'a preview folder named by the pieces',
    files: `models/buoy.glb
      models/post.glb
      models/chain.glb
      isometric/buoy.png
      isometric/post.png
      isometric/chain.png
      side/buoy.png
      side/post.png
      side/chain.png`,
    finds: `model models/buoy.glb | preview isometric/buoy.png, side/buoy.png
      model models/post.glb | preview isometric/post.png, side/post.png
      model models/chain.glb | preview isometric/chain.png, side/chain.png`,
    isKit: true,
  },
  {
    name: 'a folder a piece, each with its maps',
    files: `Instruments/barograph/barograph.obj
      Instruments/barograph/barograph_d.png
      Instruments/sextant/sextant.obj
      Instruments/sextant/sextant_d.png
      Instruments/compass/compass.obj
      Instruments/compass/compass_d.png
      Instruments/license.txt`,
    finds: `model Instruments/barograph/barograph.obj | map Instruments/barograph/barograph_d.png | text Instruments/license.txt
      model Instruments/sextant/sextant.obj | map Instruments/sextant/sextant_d.png | text Instruments/license.txt
      model Instruments/compass/compass.obj | map Instruments/compass/compass_d.png | text Instruments/license.txt`,
    isKit: true,
  },
  {
    name: 'pieces with levels of detail',
    files: `fern_a_LOD0.fbx
      fern_a_LOD1.fbx
      fern_b_LOD0.fbx
      fern_b_LOD1.fbx
      fern_c_LOD0.fbx
      fern_c_LOD1.fbx
      fern_atlas_col.png
      fern_atlas_opacity.png`,
    finds: `model fern_a_LOD0.fbx | lod fern_a_LOD1.fbx | map fern_atlas_*
      model fern_b_LOD0.fbx | lod fern_b_LOD1.fbx | map fern_atlas_*
      model fern_c_LOD0.fbx | lod fern_c_LOD1.fbx | map fern_atlas_*`,
    isKit: true,
  },
  {
    name: 'numbered pieces of two series',
    files: `bollard_01.obj
      bollard_02.obj
      bollard_03.obj
      cleat_01.obj
      cleat_02.obj
      cleat_03.obj
      shared/iron_col.jpg
      shared/iron_rough.jpg`,
    finds: `model bollard_01.obj | map shared/*
      model bollard_02.obj | map shared/*
      model bollard_03.obj | map shared/*
      model cleat_01.obj | map shared/*
      model cleat_02.obj | map shared/*
      model cleat_03.obj | map shared/*`,
    isKit: true,
  },
  {
    name: 'own maps a piece and a shared trim sheet',
    files: `door/door.fbx > ../shared/trim_d.png, door_sign.png
      door/door_sign.png
      hatch/hatch.fbx > ../shared/trim_d.png
      rail/rail.fbx > ../shared/trim_d.png
      shared/trim_d.png
      shared/trim_n.png`,
    finds: `model door/door.fbx | map door/door_sign.png, shared/*
      model hatch/hatch.fbx | map shared/*
      model rail/rail.fbx | map shared/*`,
    isKit: true,
  },
  {
    name: 'the whole set in one file beside its pieces',
    files: `all_pieces.fbx
      separate/ladder.fbx
      separate/railing.fbx
      separate/step.fbx
      textures/metal_col.png`,
    finds: `model all_pieces.fbx | map textures/metal_col.png
      model separate/ladder.fbx | map textures/metal_col.png
      model separate/railing.fbx | map textures/metal_col.png
      model separate/step.fbx | map textures/metal_col.png`,
    isKit: true,
    asks: true,
  },
  {
    name: 'a download folder: five downloads that have nothing in common',
    files: `Downloads/anchor_obj.zip/anchor.obj > anchor.mtl
      Downloads/anchor_obj.zip/anchor.mtl > anchor.jpg
      Downloads/anchor_obj.zip/anchor.jpg
      Downloads/anchor_obj.zip/readme.txt
      Downloads/gull.glb
      Downloads/tower/tower.fbx
      Downloads/tower/tex/tower_d.png
      Downloads/bell.zip/bell.dae
      Downloads/bell.zip/bell.png
      Downloads/holiday.jpg`,
    finds: `model Downloads/anchor_obj.zip/anchor.obj | material Downloads/anchor_obj.zip/anchor.mtl | map Downloads/anchor_obj.zip/anchor.jpg | text Downloads/anchor_obj.zip/readme.txt
      model Downloads/gull.glb
      model Downloads/tower/tower.fbx | map Downloads/tower/tex/tower_d.png
      model Downloads/bell.zip/bell.dae | map Downloads/bell.zip/bell.png`,
  },
  {
    name: 'a text a piece and one for all',
    files: `set/oar.obj
      set/oar_licence.txt
      set/paddle.obj
      set/paddle_licence.txt
      set/punt.obj
      set/punt_licence.txt
      set/README.md`,
    finds: `model set/oar.obj | text set/oar_licence.txt, set/README.md
      model set/paddle.obj | text set/paddle_licence.txt, set/README.md
      model set/punt.obj | text set/punt_licence.txt, set/README.md`,
    isKit: true,
  },
];
