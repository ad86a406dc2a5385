import { OTHER_THINGS, TRIANGLE_BUDGETS, type Category, type CategoryNode } from '@haveld/contract/category';

/** A category with how deep it stands; 0 at the top. */
export interface PlacedCategory {
  node: CategoryNode;
  depth: number;
}

/** The categories of a house, by the order they are written in. Ids that are in no tree any more are taken as they are. */
export class CategoryTree {
  private readonly byId: ReadonlyMap<Category, CategoryNode>;
  private readonly below = new Map<Category | null, CategoryNode[]>();

  /** @param nodes without a fault (`findTreeFault`) */
  constructor(readonly nodes: readonly CategoryNode[]) {
    this.byId = new Map(nodes.map((node) => [node.id, node]));
    for (const node of nodes) this.below.set(node.under, [...(this.below.get(node.under) ?? []), node]);
  }

  has(id: Category): boolean {
    return this.byId.has(id);
  }

  nameOf(id: Category): string {
    return this.byId.get(id)?.name ?? id;
  }

  /** Names from the top down: `furniture, seats`. */
  pathOf(id: Category): string {
    return this.listAbove(id)
      .reverse()
      .map((one) => this.nameOf(one))
      .join(', ');
  }

  /** A category and all that are wider, the nearest first. */
  listAbove(id: Category): Category[] {
    const above: Category[] = [];
    for (let at: Category | null = id; at !== null; at = this.byId.get(at)?.under ?? null) above.push(at);
    return above;
  }

  /** True for the category itself and for what is narrower. */
  isWithin(id: Category, wider: Category): boolean {
    return this.listAbove(id).includes(wider);
  }

  /** A category and all that are narrower. */
  listWithin(id: Category): Category[] {
    return [id, ...(this.below.get(id) ?? []).flatMap((node) => this.listWithin(node.id))];
  }

  /** All, each followed by what is narrower. */
  listAll(under: Category | null = null, depth = 0): PlacedCategory[] {
    return (this.below.get(under) ?? []).flatMap((node) => [{ node, depth }, ...this.listAll(node.id, depth + 1)]);
  }

  /** How many triangles an asset may have. @param budgets by category; one that is not named has what the wider one has */
  budgetOf(id: Category, budgets: Readonly<Record<Category, number>>): number {
    // rules that are older than a category that ships say nothing of it
    for (const known of [budgets, TRIANGLE_BUDGETS])
      for (const one of this.listAbove(id)) if (known[one] !== undefined) return known[one];
    return budgets[OTHER_THINGS] ?? TRIANGLE_BUDGETS[OTHER_THINGS];
  }
}
