import type { Layout } from './layout';

/** Written after the rules and measured once before any rule was changed for them; the score of that first run stands in docs/sorting.md. */
export const HELD_OUT_LAYOUTS: Layout[] = [
  {
    name: 'marketplace download with numbers in every name',
    files: `84213_foghorn_brass/84213_foghorn_brass.max
      84213_foghorn_brass/84213_foghorn_brass.fbx
      84213_foghorn_brass/84213_foghorn_brass.obj > 84213_foghorn_brass.mtl
      84213_foghorn_brass/84213_foghorn_brass.mtl > maps/brass_scratched.jpg
      84213_foghorn_brass/maps/brass_scratched.jpg
      84213_foghorn_brass/84213_foghorn_brass_01.jpg
      84213_foghorn_brass/renders/01.jpg`,
    finds: `model 84213_foghorn_brass/84213_foghorn_brass.fbx | other-format 84213_foghorn_brass/84213_foghorn_brass.obj
      | material 84213_foghorn_brass/84213_foghorn_brass.mtl | map 84213_foghorn_brass/maps/brass_scratched.jpg, 84213_foghorn_brass/84213_foghorn_brass_01.jpg
      | preview 84213_foghorn_brass/renders/01.jpg`,
  },
  {
    name: 'camel case names',
    files: `BellTower/BellTowerHigh.fbx
      BellTower/BellTowerLow.fbx
      BellTower/Textures/BellTower_BaseColor.png
      BellTower/Textures/BellTower_Normal.png`,
    finds: `model BellTower/BellTowerHigh.fbx | lod BellTower/BellTowerLow.fbx | map BellTower/Textures/*`,
  },
  {
    name: 'scan with a raw and a cleaned mesh',
    files: `scan_anchor_raw.ply
      scan_anchor_cleaned.obj > scan_anchor_cleaned.mtl
      scan_anchor_cleaned.mtl > scan_anchor_u1_v1.jpg
      scan_anchor_u1_v1.jpg @8192
      notes.txt`,
    finds: `model scan_anchor_cleaned.obj | variant scan_anchor_raw.ply | material scan_anchor_cleaned.mtl | map scan_anchor_u1_v1.jpg | text notes.txt`,
  },
  {
    name: 'UDIM tiles',
    files: `figurehead.fbx
      tex/figurehead_Color.1001.png @4096
      tex/figurehead_Color.1002.png @4096
      tex/figurehead_Normal.1001.png @4096
      tex/figurehead_Normal.1002.png @4096`,
    finds: 'model figurehead.fbx | map tex/*',
  },
  {
    name: 'a folder a material',
    files: `ferry.obj > ferry.mtl
      ferry.mtl > hull/color.png, deck/color.png
      hull/color.png
      hull/normal.png
      deck/color.png
      deck/normal.png`,
    finds: 'model ferry.obj | material ferry.mtl | map hull/*, deck/*',
  },
  {
    name: 'German folder names',
    files: `Leuchtturm/Modell/leuchtturm.fbx
      Leuchtturm/Texturen/leuchtturm_farbe.png
      Leuchtturm/Texturen/leuchtturm_normale.png
      Leuchtturm/Vorschau/bild.jpg
      Leuchtturm/Lizenz.txt`,
    finds:
      'model Leuchtturm/Modell/leuchtturm.fbx | map Leuchtturm/Texturen/* | preview Leuchtturm/Vorschau/bild.jpg | text Leuchtturm/Lizenz.txt',
  },
  {
    name: 'resolutions as archives of maps alone',
    files: `buoy.zip/buoy.gltf > buoy.bin
      buoy.zip/buoy.bin
      buoy_textures_1k.zip/buoy_diff.jpg @1024
      buoy_textures_4k.zip/buoy_diff.jpg @4096`,
    finds:
      'model buoy.zip/buoy.gltf | buffer buoy.zip/buoy.bin | map buoy_textures_4k.zip/buoy_diff.jpg | other-resolution buoy_textures_1k.zip/buoy_diff.jpg',
  },
  {
    name: 'kit with its own sheet of previews and a palette',
    files: `Harbour Kit/OBJ/shed.obj > shed.mtl
      Harbour Kit/OBJ/shed.mtl > palette.png
      Harbour Kit/OBJ/ramp.obj > ramp.mtl
      Harbour Kit/OBJ/ramp.mtl > palette.png
      Harbour Kit/OBJ/pole.obj > pole.mtl
      Harbour Kit/OBJ/pole.mtl > palette.png
      Harbour Kit/OBJ/palette.png
      Harbour Kit/Previews/shed.png
      Harbour Kit/Previews/ramp.png
      Harbour Kit/Previews/pole.png
      Harbour Kit/License.txt`,
    finds: `model Harbour Kit/OBJ/shed.obj | material Harbour Kit/OBJ/shed.mtl | map Harbour Kit/OBJ/palette.png | preview Harbour Kit/Previews/shed.png | text Harbour Kit/License.txt
      model Harbour Kit/OBJ/ramp.obj | material Harbour Kit/OBJ/ramp.mtl | map Harbour Kit/OBJ/palette.png | preview Harbour Kit/Previews/ramp.png | text Harbour Kit/License.txt
      model Harbour Kit/OBJ/pole.obj | material Harbour Kit/OBJ/pole.mtl | map Harbour Kit/OBJ/palette.png | preview Harbour Kit/Previews/pole.png | text Harbour Kit/License.txt`,
    isKit: true,
  },
  {
    name: 'map names that share nothing with the model',
    files: `diorama.fbx > Tex_0023_1.png, Tex_0024_1.png
      textures/Tex_0023_1.png
      textures/Tex_0024_1.png
      textures/Tex_0025_1.png`,
    finds: 'model diorama.fbx | map textures/*',
  },
  {
    name: 'one model, LODs and collision in one folder',
    files: `SM_Quay_LOD0.fbx
      SM_Quay_LOD1.fbx
      SM_Quay_LOD2.fbx
      SM_Quay_Collision.fbx
      T_Quay_BC.png
      T_Quay_N.png
      T_Quay_ORM.png`,
    finds:
      'model SM_Quay_LOD0.fbx | lod SM_Quay_LOD1.fbx, SM_Quay_LOD2.fbx | variant SM_Quay_Collision.fbx | map T_Quay_*',
  },
  {
    name: 'prefixed meshes and textures of two things',
    files: `SM_Crate.fbx
      SM_Barrel.fbx
      T_Crate_D.png
      T_Crate_N.png
      T_Barrel_D.png
      T_Barrel_N.png`,
    finds: `model SM_Crate.fbx | map T_Crate_D.png, T_Crate_N.png
      model SM_Barrel.fbx | map T_Barrel_D.png, T_Barrel_N.png`,
  },
  {
    name: 'a printed model: STL, 3MF and photos',
    files: `whistle.stl
      whistle.3mf
      photos/IMG_2031.jpg
      photos/IMG_2032.jpg`,
    finds: 'model whistle.3mf | other-format whistle.stl | preview photos/*',
  },
  {
    name: 'USD with its own folder of maps',
    files: `capstan/capstan.usda
      capstan/0/capstan_base.png
      capstan/0/capstan_rough.png`,
    finds: 'model capstan/capstan.usda | map capstan/0/*',
  },
  {
    name: 'male and female figures',
    files: `fisher_male.fbx
      fisher_female.fbx
      fisher_male_col.png
      fisher_female_col.png`,
    finds: `model fisher_male.fbx | map fisher_male_col.png
      model fisher_female.fbx | map fisher_female_col.png`,
  },
  {
    name: 'left and right',
    files: `door_left.obj
      door_right.obj
      door_col.jpg`,
    finds: `model door_left.obj | map door_col.jpg
      model door_right.obj | map door_col.jpg`,
  },
  {
    name: 'modular walls by measure',
    files: `walls/wall_1m.fbx
      walls/wall_2m.fbx
      walls/wall_4m.fbx
      walls/wall_col.png`,
    finds: `model walls/wall_1m.fbx | map walls/wall_col.png
      model walls/wall_2m.fbx | map walls/wall_col.png
      model walls/wall_4m.fbx | map walls/wall_col.png`,
    isKit: true,
  },
  {
    name: 'damaged and whole walls',
    files: `wall_a.fbx
      wall_a_damaged.fbx
      wall_b.fbx
      wall_b_damaged.fbx
      walls_col.png`,
    finds: `model wall_a.fbx | variant wall_a_damaged.fbx | map walls_col.png
      model wall_b.fbx | variant wall_b_damaged.fbx | map walls_col.png`,
    asks: true,
  },
  {
    name: 'glTF in three packings',
    files: `glTF/lamp.gltf > lamp.bin, lamp_d.png
      glTF/lamp.bin
      glTF/lamp_d.png
      glTF-Binary/lamp.glb
      glTF-Draco/lamp.gltf > lamp.bin, lamp_d.png
      glTF-Draco/lamp.bin
      glTF-Draco/lamp_d.png`,
    finds: `model glTF-Binary/lamp.glb | other-format glTF/lamp.gltf | edition glTF-Draco/lamp.gltf | buffer glTF/lamp.bin, glTF-Draco/lamp.bin | map glTF/lamp_d.png, glTF-Draco/lamp_d.png`,
  },
  {
    name: 'blend file only',
    files: `wherry.blend
      textures/wood.png`,
    finds: '',
  },
  {
    name: 'obj sequence of an animation',
    files: `flag_000001.obj
      flag_000002.obj
      flag_000003.obj
      flag_000004.obj
      flag_col.png`,
    finds: `model flag_000001.obj | map flag_col.png
      model flag_000002.obj | map flag_col.png
      model flag_000003.obj | map flag_col.png
      model flag_000004.obj | map flag_col.png`,
    isKit: true,
  },
  {
    name: 'the same download twice, once unpacked',
    files: `pulley.zip/pulley.obj = one > pulley.mtl
      pulley.zip/pulley.mtl = two > pulley.png
      pulley.zip/pulley.png = three
      pulley/pulley.obj = one > pulley.mtl
      pulley/pulley.mtl = two > pulley.png
      pulley/pulley.png = three`,
    finds: 'model pulley.zip/pulley.obj | material pulley.zip/pulley.mtl | map pulley.zip/pulley.png',
  },
  {
    name: 'lightmap and decals beside the base maps',
    files: `kiosk.fbx
      kiosk_albedo.tga
      kiosk_lightmap.exr
      kiosk_decal_alpha.tga`,
    finds: 'model kiosk.fbx | map kiosk_albedo.tga, kiosk_lightmap.exr, kiosk_decal_alpha.tga',
  },
  {
    name: 'readme in several languages and a saved page',
    files: `LIESMICH.txt
      README.txt
      LISEZMOI.txt
      Barometer - free model.html
      barometer.dae
      barometer.png`,
    finds:
      'model barometer.dae | map barometer.png | text LIESMICH.txt, README.txt, LISEZMOI.txt, Barometer - free model.html',
  },
  {
    name: 'spaces, brackets and versions',
    files: `[FREE] Signal Lamp (v1.2)/Signal Lamp v1.2.fbx
      [FREE] Signal Lamp (v1.2)/Signal Lamp v1.2.obj
      [FREE] Signal Lamp (v1.2)/Textures/Lamp Glass.png`,
    finds: `model [FREE] Signal Lamp (v1.2)/Signal Lamp v1.2.fbx | other-format [FREE] Signal Lamp (v1.2)/Signal Lamp v1.2.obj | map [FREE] Signal Lamp (v1.2)/Textures/Lamp Glass.png`,
  },
];
