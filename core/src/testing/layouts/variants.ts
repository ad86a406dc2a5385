import type { Layout } from './layout';

/** Colour and season variants, poses, versions of the same thing. */
export const VARIANT_LAYOUTS: Layout[] = [
  {
    name: 'colour sets of maps for one model',
    files: `buoy.fbx
      red/buoy_basecolor.png
      red/buoy_normal.png
      green/buoy_basecolor.png
      green/buoy_normal.png`,
    finds: 'model buoy.fbx | map red/* | variant-map green/*',
    asks: true,
  },
  {
    name: 'a model a colour',
    files: `flag_red.glb
      flag_blue.glb
      flag_yellow.glb`,
    finds: 'model flag_red.glb | variant flag_blue.glb, flag_yellow.glb',
    asks: true,
  },
  {
    name: 'a tree through the year',
    files: `willow_spring.fbx
      willow_summer.fbx
      willow_autumn.fbx
      willow_winter.fbx
      tex/bark_col.png
      tex/leaf_spring.png
      tex/leaf_summer.png
      tex/leaf_autumn.png`,
    finds: 'model willow_summer.fbx | variant willow_spring.fbx, willow_autumn.fbx, willow_winter.fbx | map tex/*',
    asks: true,
  },
  {
    name: 'open and closed',
    files: `chest_closed.obj > chest.mtl
      chest_open.obj > chest.mtl
      chest.mtl > chest.png
      chest.png`,
    finds: 'model chest_closed.obj | variant chest_open.obj | material chest.mtl | map chest.png',
    asks: true,
  },
  {
    name: 'new and worn sets of maps in the names',
    files: `tin.fbx
      tin_clean_col.png
      tin_clean_rough.png
      tin_rusty_col.png
      tin_rusty_rough.png`,
    finds:
      'model tin.fbx | map tin_clean_col.png, tin_clean_rough.png | variant-map tin_rusty_col.png, tin_rusty_rough.png',
    asks: true,
  },
  {
    name: 'earlier and later version of a file',
    files: `mast_v1.fbx
      mast_v2.fbx
      mast_v3.fbx
      mast_d.png`,
    finds: 'model mast_v3.fbx | edition mast_v1.fbx, mast_v2.fbx | map mast_d.png',
    asks: true,
  },
  {
    name: 'version, FINAL and a browser’s counter in the name, one model',
    files: `lamp_v2_FINAL(1).obj > lamp_v2_FINAL.mtl
      lamp_v2_FINAL.mtl > lamp_dif.png
      lamp_dif.png`,
    finds: 'model lamp_v2_FINAL(1).obj | material lamp_v2_FINAL.mtl | map lamp_dif.png',
  },
  {
    name: 'normal maps of both conventions',
    files: `plank.glb
      plank_normal_gl.png
      plank_normal_dx.png
      plank_col.png`,
    finds: 'model plank.glb | map plank_normal_gl.png, plank_normal_dx.png, plank_col.png',
  },
  {
    name: 'animation clips in files of their own',
    files: `gull/gull.fbx
      gull/gull@glide.fbx
      gull/gull@land.fbx
      gull/gull_d.png`,
    finds: 'model gull/gull.fbx | variant gull/gull@glide.fbx, gull/gull@land.fbx | map gull/gull_d.png',
  },
];
