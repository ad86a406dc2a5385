/** @returns rows by a key they share, each group in the order the rows came */
export function groupRows<R, K>(rows: readonly R[], keyOf: (row: R) => K): Map<K, R[]> {
  const groups = new Map<K, R[]>();
  for (const row of rows) {
    const group = groups.get(keyOf(row));
    if (group) group.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return groups;
}
