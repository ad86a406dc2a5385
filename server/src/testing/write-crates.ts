/** An OBJ of crates in a row, centimetres, each an object of its own; the last is a hundred times smaller. */
export function writeCrates(count: number): string {
  const lines = ['mtllib kit.mtl'];
  for (let i = 0; i < count; i++) {
    const s = i === count - 1 ? 0.4 : 40;
    lines.push(`o crate_${i}`);
    for (const [x, y, z] of [
      [0, 0, 0],
      [1, 0, 0],
      [1, 1, 0],
      [0, 1, 0],
      [0, 0, 1],
      [1, 0, 1],
      [1, 1, 1],
      [0, 1, 1],
    ])
      lines.push(`v ${i * 100 + x * s} ${y * s} ${z * s}`);
    lines.push('usemtl wood');
    for (const f of [
      [1, 4, 3, 2],
      [5, 6, 7, 8],
      [1, 2, 6, 5],
      [3, 4, 8, 7],
      [2, 3, 7, 6],
      [1, 5, 8, 4],
    ])
      lines.push(`f ${f.map((k) => k + i * 8).join(' ')}`);
  }
  return `${lines.join('\n')}\n`;
}
