import type { Layout } from './layout';

/** The same maps in several resolutions, and levels of detail. */
export const RESOLUTION_LAYOUTS: Layout[] = [
  {
    name: 'folders 1K to 4K',
    files: `quay_wall.fbx
      Textures/1K/quay_BaseColor.png @1024
      Textures/1K/quay_Normal.png @1024
      Textures/2K/quay_BaseColor.png @2048
      Textures/2K/quay_Normal.png @2048
      Textures/4K/quay_BaseColor.png @4096
      Textures/4K/quay_Normal.png @4096`,
    finds: 'model quay_wall.fbx | map Textures/2K/* | other-resolution Textures/1K/*, Textures/4K/*',
  },
  {
    name: 'resolution in the file name',
    files: `crate.obj > crate.mtl
      crate.mtl > crate_diff_4k.jpg
      crate_diff_1k.jpg @1024
      crate_nor_gl_1k.jpg @1024
      crate_diff_4k.jpg @4096
      crate_nor_gl_4k.jpg @4096`,
    finds: `model crate.obj | material crate.mtl | map crate_diff_4k.jpg, crate_nor_gl_4k.jpg
      | other-resolution crate_diff_1k.jpg, crate_nor_gl_1k.jpg`,
  },
  {
    name: 'an archive a resolution, the model in each',
    files: `oar_1k.zip/oar_1k.gltf > oar.bin, textures/oar_diff_1k.jpg
      oar_1k.zip/oar.bin = buffer
      oar_1k.zip/textures/oar_diff_1k.jpg @1024
      oar_2k.zip/oar_2k.gltf > oar.bin, textures/oar_diff_2k.jpg
      oar_2k.zip/oar.bin = buffer
      oar_2k.zip/textures/oar_diff_2k.jpg @2048
      oar_4k.zip/oar_4k.gltf > oar.bin, textures/oar_diff_4k.jpg
      oar_4k.zip/oar.bin = buffer
      oar_4k.zip/textures/oar_diff_4k.jpg @4096`,
    finds: `model oar_2k.zip/oar_2k.gltf | buffer oar_2k.zip/oar.bin | map oar_2k.zip/textures/* 
      | other-resolution oar_1k.zip/**, oar_4k.zip/**`,
  },
  {
    name: 'folders named by pixels',
    files: `lifebelt.glb
      tex_2048/lifebelt_basecolor.png @2048
      tex_4096/lifebelt_basecolor.png @4096`,
    finds: 'model lifebelt.glb | map tex_2048/* | other-resolution tex_4096/*',
  },
  {
    name: 'a set without a mark and a larger one with',
    files: `net.fbx
      maps/net_albedo.png @2048
      maps/net_normal.png @2048
      maps_4k/net_albedo.png @4096
      maps_4k/net_normal.png @4096`,
    finds: 'model net.fbx | map maps/* | other-resolution maps_4k/*',
  },
  {
    name: 'only 8K came',
    files: `figurehead.fbx
      8K/figurehead_col.tif @8192
      8K/figurehead_nrm.tif @8192`,
    finds: 'model figurehead.fbx | map 8K/*',
  },
  {
    name: 'a name that looks like a resolution and is none',
    files: `Buoy_2K_Edition/buoy.obj
      Buoy_2K_Edition/buoy_mask_512.png @512
      Buoy_2K_Edition/buoy_col.png @2048`,
    finds: 'model Buoy_2K_Edition/buoy.obj | map Buoy_2K_Edition/*.png',
  },
  {
    name: 'levels of detail in the name',
    files: `rock_LOD0.fbx
      rock_LOD1.fbx
      rock_LOD2.fbx
      rock_albedo.png`,
    finds: 'model rock_LOD0.fbx | lod rock_LOD1.fbx, rock_LOD2.fbx | map rock_albedo.png',
  },
  {
    name: 'levels of detail in folders',
    files: `Bush/LOD_0/bush.obj
      Bush/LOD_1/bush.obj
      Bush/LOD_2/bush.obj
      Bush/tex/bush_leaf.png`,
    finds: 'model Bush/LOD_0/bush.obj | lod Bush/LOD_1/bush.obj, Bush/LOD_2/bush.obj | map Bush/tex/bush_leaf.png',
  },
  {
    name: 'high and low',
    files: `statue_high.obj
      statue_low.obj
      statue_low_normal.png
      statue_low_ao.png`,
    finds: 'model statue_high.obj | lod statue_low.obj | map statue_low_normal.png, statue_low_ao.png',
  },
  {
    name: 'highpoly and lowpoly in folders of two formats',
    files: `Highpoly/helm.obj
      Lowpoly/helm.fbx
      Lowpoly/helm.obj
      Lowpoly/Textures/helm_d.png`,
    finds: 'model Highpoly/helm.obj | lod Lowpoly/helm.fbx, Lowpoly/helm.obj | map Lowpoly/Textures/helm_d.png',
    asks: true,
  },
  {
    name: 'levels of detail in two formats',
    files: `fbx/gate_LOD0.fbx
      fbx/gate_LOD1.fbx
      obj/gate_LOD0.obj
      obj/gate_LOD1.obj
      gate_col.png`,
    finds: `model fbx/gate_LOD0.fbx | lod fbx/gate_LOD1.fbx, obj/gate_LOD1.obj | other-format obj/gate_LOD0.obj | map gate_col.png`,
  },
  {
    name: 'levels of detail counted from the coarse end, with their triangles',
    files: `cleat_500tris.fbx
      cleat_2000tris.fbx
      cleat_8000tris.fbx`,
    finds: 'model cleat_8000tris.fbx | lod cleat_2000tris.fbx, cleat_500tris.fbx',
  },
  {
    name: 'resolutions and formats crossed',
    files: `FBX/float.fbx
      GLB/float_1k.glb
      GLB/float_2k.glb
      PNG-2K/float_col.png @2048
      PNG-2K/float_nrm.png @2048
      JPG-1K/float_col.jpg @1024
      JPG-1K/float_nrm.jpg @1024`,
    finds: `model GLB/float_2k.glb | other-format FBX/float.fbx | map PNG-2K/* | other-resolution GLB/float_1k.glb, JPG-1K/*`,
  },
  {
    name: 'maps in two picture formats of one size',
    files: `hatch.fbx
      png/hatch_col.png @2048
      png/hatch_nrm.png @2048
      jpg/hatch_col.jpg @2048
      jpg/hatch_nrm.jpg @2048`,
    finds: 'model hatch.fbx | map png/* | other-resolution jpg/*',
  },
  {
    name: 'a collision shape beside the model',
    files: `pier.fbx
      pier_collision.fbx
      UCX_pier.fbx
      pier_col.png`,
    finds: 'model pier.fbx | variant pier_collision.fbx, UCX_pier.fbx | map pier_col.png',
  },
];
