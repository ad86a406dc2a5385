import { z } from 'zod';

/** What a thing is, by its id in the tree of the house: it stays when the category is renamed or moved. */
export const CategorySchema = z
  .string()
  .max(40)
  .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/, 'small letters, figures and hyphens');
export type Category = z.infer<typeof CategorySchema>;

export const CategoryNodeSchema = z.object({
  id: CategorySchema,
  name: z.string().trim().min(1).max(60),
  /** The wider category it belongs to; null for one at the top. */
  under: CategorySchema.nullable(),
  /** What belongs here, and everything that is a kind of it; with a figure behind it the word in its so-manyth meaning (WordNet: `plant2` is no factory). */
  words: z.array(z.string().trim().toLowerCase().min(1).max(60)).max(100).default([]),
});
export type CategoryNode = z.infer<typeof CategoryNodeSchema>;

/** A category, and the word that says it; null where none does and it is what nothing more is known of. */
export const ProposedCategorySchema = z.object({ id: CategorySchema, word: z.string().nullable() });
export type ProposedCategory = z.infer<typeof ProposedCategorySchema>;

/** What nothing more is known of; it cannot be removed. */
export const OTHER_THINGS: Category = 'prop';

/** As many as a person looks through. */
export const MOST_CATEGORIES = 300;

/** `id | name | wider category | what belongs there`. Ours; words by WordNet 3.1. */
const SHIPPED = `
furniture | furniture | | furniture furnishing2 rug curtain plumbing_fixture
seating | seats | furniture | seat3 stool
table | tables | furniture | table2 table3
storage | cupboards and shelves | furniture | cabinet shelf wardrobe bookcase chest_of_drawers buffet rack
bed | beds | furniture | bed bedroom_furniture
lighting | lamps | furniture | source_of_illumination lamp2 lighting_fixture
building | architecture | | obstruction bridge establishment4 area5 defensive_structure fountain memorial3 partition arch4 colonnade stadium facility well road masonry
house | buildings | building | building building_complex tower housing shelter
building-part | parts of buildings | building | wall window door doorway roof stairway column6 column7 chimney balcony balcony2 porch floor ceiling
barrier | fences and barriers | building | barrier
vehicle | vehicles | | vehicle conveyance3
road-vehicle | cars and trucks | vehicle | motor_vehicle wheeled_vehicle
watercraft | boats and ships | vehicle | vessel2
aircraft | aircraft | vehicle | aircraft spacecraft
rail-vehicle | trains | vehicle | train locomotive railcar streetcar
creature | animals | | animal imaginary_being
person | people | | person
foliage | plants | | plant2 fungus plant_part
tree | trees | foliage | tree
flower | flowers | foliage | flower flower2
food | food | | food food2
clothes | clothes | | clothing footwear2 jewelry armor
sign | signs | | signboard buoy
terrain | terrain | | geological_formation rock land4 body_of_water
prop | props | |
container | containers | prop | container
kitchenware | kitchenware | prop | tableware kitchen_utensil cookware cup bowl
tool | tools | prop | tool cleaning_implement brush2 oar
weapon | weapons | prop | weapon ammunition explosive_device
device | devices | prop | machine electronic_device electronic_equipment electrical_device instrument appliance2 optical_device acoustic_device detector lifting_device heater keyboard
instrument | musical instruments | prop | musical_instrument
leisure | sports and toys | prop | sports_equipment game_equipment plaything ski skateboard
paper | books and paper | prop | book2 writing_implement
art | art and decoration | prop | sculpture picture picture2 photograph decoration
`;

/** The tree as it ships. */
export const CATEGORY_TREE: readonly CategoryNode[] = SHIPPED.trim()
  .split('\n')
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([id, name, under, words]) => ({
    id,
    name,
    under: under || null,
    words: words.split(' ').filter((word) => word !== ''),
  }));

/** Triangles an asset may have, by category; one that is not named has what the wider one has. */
export const TRIANGLE_BUDGETS: Readonly<Record<Category, number>> = {
  furniture: 20_000,
  building: 100_000,
  vehicle: 100_000,
  creature: 100_000,
  person: 100_000,
  foliage: 30_000,
  terrain: 100_000,
  prop: 20_000,
};

/** @returns what is wrong with a tree, in a sentence; null for a good one */
export function findTreeFault(nodes: readonly CategoryNode[]): string | null {
  const byId = new Map(nodes.map((node) => [node.id, node]));
  if (byId.size < nodes.length) return 'Two categories have the same id.';
  if (!byId.has(OTHER_THINGS)) return 'The category for what nothing more is known of cannot be removed.';
  for (const node of nodes) {
    const above = new Set([node.id]);
    for (let under = node.under; under !== null; under = byId.get(under)!.under) {
      if (!byId.has(under)) return `“${node.name}” belongs to a category that is not there.`;
      if (above.has(under)) return `“${node.name}” would belong to itself.`;
      above.add(under);
    }
  }
  const names = new Set(nodes.map(({ under, name }) => `${under} ${name.toLowerCase()}`));
  return names.size < nodes.length ? 'Two categories beside one another have the same name.' : null;
}
