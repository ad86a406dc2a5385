import type { Layout } from './layout';

/** The same model in several formats, and editions for several programs. */
export const FORMAT_LAYOUTS: Layout[] = [
  {
    name: 'FBX and OBJ side by side',
    files: `signal_mast.fbx
      signal_mast.obj > signal_mast.mtl
      signal_mast.mtl
      textures/mast_diffuse.png`,
    finds: `model signal_mast.fbx | other-format signal_mast.obj | material signal_mast.mtl | map textures/mast_diffuse.png`,
  },
  {
    name: 'a folder a format',
    files: `Buoy/FBX/buoy.fbx
      Buoy/OBJ/buoy.obj > buoy.mtl
      Buoy/OBJ/buoy.mtl
      Buoy/GLTF/buoy.gltf > buoy.bin
      Buoy/GLTF/buoy.bin
      Buoy/Textures/buoy_albedo.png
      Buoy/Textures/buoy_normal.png
      Buoy/readme.txt`,
    finds: `model Buoy/GLTF/buoy.gltf | other-format Buoy/FBX/buoy.fbx, Buoy/OBJ/buoy.obj | material Buoy/OBJ/buoy.mtl
      | buffer Buoy/GLTF/buoy.bin | map Buoy/Textures/* | text Buoy/readme.txt`,
  },
  {
    name: 'an archive a format',
    files: `gull_fbx.zip/gull.fbx > gull_d.png
      gull_fbx.zip/gull_d.png
      gull_gltf.zip/gull.gltf > gull.bin, gull_d.png
      gull_gltf.zip/gull.bin
      gull_gltf.zip/gull_d.png
      gull_obj.zip/gull.obj > gull.mtl
      gull_obj.zip/gull.mtl > gull_d.png
      gull_obj.zip/gull_d.png`,
    finds: `model gull_gltf.zip/gull.gltf | other-format gull_fbx.zip/gull.fbx, gull_obj.zip/gull.obj | buffer gull_gltf.zip/gull.bin
      | material gull_obj.zip/gull.mtl | map gull_gltf.zip/gull_d.png, gull_fbx.zip/gull_d.png, gull_obj.zip/gull_d.png`,
  },
  {
    name: 'format named in the file name',
    files: `chart_table_fbx.fbx
      chart_table_obj.obj
      chart_table_obj.mtl
      chart_table_3ds.3ds
      chart_table_col.jpg`,
    finds: `model chart_table_fbx.fbx | other-format chart_table_obj.obj, chart_table_3ds.3ds | material chart_table_obj.mtl
      | map chart_table_col.jpg`,
  },
  {
    name: 'source and converted, of two generic names',
    files: `source/Harbour_Crane_final.fbx
      glTF/scene.gltf > scene.bin, textures/crane_baseColor.png
      glTF/scene.bin
      glTF/textures/crane_baseColor.png
      textures/crane_baseColor.png`,
    finds: `model glTF/scene.gltf | other-format source/Harbour_Crane_final.fbx | buffer glTF/scene.bin
      | map glTF/textures/crane_baseColor.png, textures/crane_baseColor.png`,
  },
  {
    name: 'ASCII and binary of the same format',
    files: `pennant_ascii.fbx
      pennant_binary.fbx
      pennant.png`,
    finds: 'model pennant_binary.fbx | other-format pennant_ascii.fbx | map pennant.png',
  },
  {
    name: 'editions for renderers in folders',
    files: `Lamp Room/Corona/lamp_room.fbx
      Lamp Room/Corona/lamp_room.max
      Lamp Room/VRay/lamp_room.fbx
      Lamp Room/VRay/lamp_room.max
      Lamp Room/maps/glass_refl.jpg
      Lamp Room/maps/brass_diff.jpg`,
    finds: `model Lamp Room/Corona/lamp_room.fbx | edition Lamp Room/VRay/lamp_room.fbx | map Lamp Room/maps/*`,
    asks: true,
  },
  {
    name: 'editions for engines, each with its own maps',
    files: `Unity/Models/bench.fbx
      Unity/Textures/bench_AlbedoTransparency.png
      Unity/Textures/bench_MetallicSmoothness.png
      Unity/Textures/bench_Normal.png
      Unreal/bench.fbx
      Unreal/bench_BaseColor.png
      Unreal/bench_Normal.png
      Unreal/bench_OcclusionRoughnessMetallic.png
      glTF/bench.glb`,
    finds: `model glTF/bench.glb | edition Unity/Models/bench.fbx, Unreal/bench.fbx | map Unity/Textures/*, Unreal/*.png`,
  },
  {
    name: 'editions in archives named by renderer',
    files: `windvane_blender.zip/windvane.fbx
      windvane_blender.zip/tex/vane_col.png
      windvane_c4d.zip/windvane.fbx
      windvane_c4d.zip/tex/vane_col.png`,
    finds: `model windvane_blender.zip/windvane.fbx | edition windvane_c4d.zip/windvane.fbx
      | map windvane_blender.zip/tex/vane_col.png, windvane_c4d.zip/tex/vane_col.png`,
    asks: true,
  },
  {
    name: 'scale copies of a file for two units',
    files: `bitt_cm.fbx
      bitt_m.fbx
      bitt_col.png`,
    finds: 'model bitt_cm.fbx | edition bitt_m.fbx | map bitt_col.png',
    asks: true,
  },
  {
    name: 'triangulated and with quads',
    files: `seagull_quads.obj
      seagull_tris.obj
      seagull_d.png`,
    finds: 'model seagull_quads.obj | edition seagull_tris.obj | map seagull_d.png',
    asks: true,
  },
  {
    name: 'Y up and Z up',
    files: `stand_Yup.obj > stand.mtl
      stand_Zup.obj > stand.mtl
      stand.mtl > stand.jpg
      stand.jpg`,
    finds: 'model stand_Yup.obj | edition stand_Zup.obj | material stand.mtl | map stand.jpg',
    asks: true,
  },
  {
    name: 'USDZ and GLB for the phone, FBX for work',
    files: `AR/barometer.usdz
      AR/barometer.glb
      Source/barometer.fbx
      Source/barometer_low.png`,
    finds:
      'model AR/barometer.glb | other-format AR/barometer.usdz, Source/barometer.fbx | map Source/barometer_low.png',
  },
  {
    name: 'a scene file and a rigged one',
    files: `gull_rigged.fbx
      gull_static.fbx
      gull_d.png
      gull_n.png`,
    finds: 'model gull_rigged.fbx | variant gull_static.fbx | map gull_d.png, gull_n.png',
  },
];
