import { z } from 'zod';

/** What a model may hold that somebody looks for. */
export const MODEL_TRAITS = [
  'maps',
  'clips',
  'joints',
  'levels',
  'collision',
  'vertex-colours',
  'second-layout',
  'quads',
] as const;
export const ModelTraitSchema = z.enum(MODEL_TRAITS);
export type ModelTrait = z.infer<typeof ModelTraitSchema>;

/** Words people have for colours: the eleven basic ones of English (Berlin and Kay, Basic Color Terms, 1969). */
export const COLOURS = [
  'black',
  'white',
  'grey',
  'red',
  'orange',
  'yellow',
  'green',
  'blue',
  'purple',
  'pink',
  'brown',
] as const;
export const ColourSchema = z.enum(COLOURS);
export type Colour = z.infer<typeof ColourSchema>;

/** What a model is found by beside its name; belongs to the bytes of a model. */
export const ModelInsideSchema = z.object({
  /** Names that say something, as they are written. */
  materials: z.array(z.string()),
  parts: z.array(z.string()),
  /** Seen from the front, the largest first; empty where no picture was at hand. */
  colours: z.array(ColourSchema),
  traits: z.array(ModelTraitSchema),
});
export type ModelInside = z.infer<typeof ModelInsideSchema>;
