import { z } from 'zod';

/** What a picture means to a material, wherever it is bound. `none`: a picture that is no map at all. */
export const TEXTURE_ROLES = [
  'base-colour',
  'normal',
  'height',
  'roughness',
  'glossiness',
  'metallic',
  'specular',
  'occlusion',
  'emissive',
  'opacity',
  'packed',
  'sheen',
  'clear-coat',
  'transmission',
  'thickness',
  'mask',
  'lookup',
  'preview',
  'none',
] as const;
export const TextureRoleSchema = z.enum(TEXTURE_ROLES);
export type TextureRole = z.infer<typeof TextureRoleSchema>;

/** What each channel of a packed map holds; null where it holds nothing anybody needs. */
export const PackingSchema = z.object({
  r: TextureRoleSchema.nullable(),
  g: TextureRoleSchema.nullable(),
  b: TextureRoleSchema.nullable(),
  a: TextureRoleSchema.nullable(),
});
export type Packing = z.infer<typeof PackingSchema>;
export type Channel = keyof Packing;

/** Whether the green of a normal map points up the picture (as glTF 2.0, 3.9.3 has it) or down. */
export const GreenSchema = z.enum(['up', 'down']);
export type Green = z.infer<typeof GreenSchema>;
