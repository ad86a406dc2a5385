import type { Layout } from './layout';

/** One thing, or a few that have nothing to do with one another. */
export const PLAIN_LAYOUTS: Layout[] = [
  {
    name: 'one GLB alone',
    files: 'bell_buoy.glb',
    finds: 'model bell_buoy.glb',
  },
  {
    name: 'OBJ with material file and maps beside it',
    files: `lamp.obj > lamp.mtl
      lamp.mtl > lamp_dif.png
      lamp_dif.png
      lamp_n.png
      readme.txt`,
    finds: 'model lamp.obj | material lamp.mtl | map lamp_dif.png, lamp_n.png | text readme.txt',
  },
  {
    name: 'maps in a folder beside the model folder',
    files: `Mooring Post/source/post.fbx > ..\\textures\\post_albedo.jpeg
      Mooring Post/textures/post_albedo.jpeg
      Mooring Post/textures/post_normal.jpeg
      Mooring Post/textures/post_roughness.jpeg
      Mooring Post/license.txt`,
    finds: 'model Mooring Post/source/post.fbx | map Mooring Post/textures/* | text Mooring Post/license.txt',
  },
  {
    name: 'glTF with its buffer and pictures',
    files: `scene.gltf > scene.bin, textures/Material_baseColor.png, textures/Material_normal.png
      scene.bin
      textures/Material_baseColor.png
      textures/Material_normal.png
      license.txt`,
    finds: 'model scene.gltf | buffer scene.bin | map textures/* | text license.txt',
  },
  {
    name: 'two downloads unpacked side by side, both called scene',
    files: `barograph/scene.gltf > scene.bin, textures/case.png
      barograph/scene.bin
      barograph/textures/case.png
      barograph/license.txt
      gull/scene.gltf > scene.bin, textures/plumage.png
      gull/scene.bin
      gull/textures/plumage.png
      gull/license.txt`,
    finds: `model barograph/scene.gltf | buffer barograph/scene.bin | map barograph/textures/case.png | text barograph/license.txt
      model gull/scene.gltf | buffer gull/scene.bin | map gull/textures/plumage.png | text gull/license.txt`,
  },
  {
    name: 'a program and a script beside the model',
    files: `windlass.obj
      windlass.mtl
      install_helper.exe
      run_me.bat`,
    finds: 'model windlass.obj | material windlass.mtl',
  },
  {
    name: 'previews and renders are no maps',
    files: `anchor/anchor.fbx
      anchor/anchor_BaseColor.png
      anchor/anchor_Normal.png
      anchor/preview.jpg
      anchor/renders/anchor_render_01.jpg
      anchor/renders/anchor_render_02.jpg
      anchor/wireframe.png`,
    finds: `model anchor/anchor.fbx | map anchor/anchor_BaseColor.png, anchor/anchor_Normal.png
      | preview anchor/preview.jpg, anchor/renders/*, anchor/wireframe.png`,
  },
  {
    name: 'what a Mac leaves in archives',
    files: `__MACOSX/._capstan.obj
      __MACOSX/capstan/._capstan_d.png
      capstan/.DS_Store
      capstan/capstan.obj > capstan.mtl
      capstan/capstan.mtl > capstan_d.png
      capstan/capstan_d.png
      capstan/Thumbs.db`,
    finds: 'model capstan/capstan.obj | material capstan/capstan.mtl | map capstan/capstan_d.png',
  },
  {
    name: 'a working file beside the model',
    files: `crane/crane.max
      crane/crane.fbx
      crane/maps/crane_col.tga`,
    finds: 'model crane/crane.fbx | map crane/maps/crane_col.tga',
  },
  {
    name: 'a material file of another name',
    files: `Rowing Boat.obj > boat_export.mtl
      boat_export.mtl > planks.jpg
      planks.jpg`,
    finds: 'model Rowing Boat.obj | material boat_export.mtl | map planks.jpg',
  },
  {
    name: 'everything in one flat folder, two models told apart by names',
    files: `lantern.fbx > lantern_basecolor.png, lantern_normal.png
      lantern_basecolor.png
      lantern_normal.png
      bollard.fbx > bollard_basecolor.png, bollard_normal.png
      bollard_basecolor.png
      bollard_normal.png
      readme.txt`,
    finds: `model lantern.fbx | map lantern_basecolor.png, lantern_normal.png | text readme.txt
      model bollard.fbx | map bollard_basecolor.png, bollard_normal.png | text readme.txt`,
  },
  {
    name: 'two models told apart by the names of their maps alone',
    files: `lantern.obj
      lantern_basecolor.png
      lantern_normal.png
      bollard.obj
      bollard_basecolor.png
      bollard_normal.png`,
    finds: `model lantern.obj | map lantern_basecolor.png, lantern_normal.png
      model bollard.obj | map bollard_basecolor.png, bollard_normal.png`,
  },
  {
    name: 'maps of no model’s name beside two models',
    files: `lantern.stl
      bollard.stl
      wood_basecolor.png
      wood_normal.png`,
    finds: `model lantern.stl | map wood_basecolor.png, wood_normal.png
      model bollard.stl | map wood_basecolor.png, wood_normal.png`,
    asks: true,
  },
  {
    name: 'only pictures and a text: no model',
    files: `brass_basecolor.png
      brass_normal.png
      readme.txt`,
    finds: '',
  },
  {
    name: 'printed parts: STL files with instructions',
    files: `files/base.stl
      files/lid.stl
      files/hinge.stl
      images/photo1.jpg
      images/photo2.jpg
      LICENSE.txt
      README.txt`,
    finds: `model files/base.stl | preview images/photo1.jpg, images/photo2.jpg | text LICENSE.txt, README.txt
      model files/lid.stl | preview images/photo1.jpg, images/photo2.jpg | text LICENSE.txt, README.txt
      model files/hinge.stl | preview images/photo1.jpg, images/photo2.jpg | text LICENSE.txt, README.txt`,
    isKit: true,
  },
  {
    name: 'a copy of the same model under another name',
    files: `tide_gauge.glb = one
      tide_gauge (1).glb = one`,
    finds: 'model tide_gauge.glb',
  },
  {
    name: 'archive in the archive',
    files: `rope_coil.zip/rope_coil.obj > rope_coil.mtl
      rope_coil.zip/rope_coil.mtl > textures/rope.png
      rope_coil.zip/textures.zip/rope.png
      rope_coil.zip/licence.html`,
    finds: `model rope_coil.zip/rope_coil.obj | material rope_coil.zip/rope_coil.mtl | map rope_coil.zip/textures.zip/rope.png
      | text rope_coil.zip/licence.html`,
  },
  {
    name: 'model and maps in two archives of one arrival',
    files: `buoy_model.zip/buoy.fbx > buoy_col.png
      buoy_textures.zip/buoy_col.png
      buoy_textures.zip/buoy_nrm.png`,
    finds: 'model buoy_model.zip/buoy.fbx | map buoy_textures.zip/*',
  },
  {
    name: 'an environment picture is no map of the model',
    files: `wheelhouse.glb
      studio_small_2k.hdr
      overcast_dome.exr`,
    finds: 'model wheelhouse.glb',
  },
  {
    name: 'a model in a language of its own',
    files: `Стол/стол.obj > стол.mtl
      Стол/стол.mtl > дерево.png
      Стол/дерево.png
      Стол/лицензия.txt`,
    finds: 'model Стол/стол.obj | material Стол/стол.mtl | map Стол/дерево.png | text Стол/лицензия.txt',
  },
  {
    name: 'absolute paths of the author’s machine',
    files: `whistle.fbx > C:\\work\\whistle\\tex\\WH_Brass_D.tga, C:\\work\\whistle\\tex\\WH_Brass_N.tga
      tex/WH_Brass_D.tga
      tex/WH_Brass_N.tga
      tex/WH_Brass_S.tga`,
    finds: 'model whistle.fbx | map tex/*',
  },
];
