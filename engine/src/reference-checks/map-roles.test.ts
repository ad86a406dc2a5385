import { judgeMapRole, DECIDED_FROM } from '@haveld/core/textures/judging/judge-map-role';
import { measurePicture } from '@haveld/core/textures/judging/picture-measures';
import { sharpCodec } from '../pictures/sharp-codec';
import { readFurniturePictures } from '../testing/open-furniture';

// 79 models of open-furniture bind pictures, all as base colour (its README): each bound there should be taken for that, by whatever
// name; none should be taken for something else
test('the maps of the open furniture are base colour where they are bound as that', async () => {
  const pictures = await readFurniturePictures();
  let [right, asked] = [0, 0];
  const wrong: string[] = [];
  let alone = 0;
  for (const { name, bytes } of pictures) {
    const measures = measurePicture(await sharpCodec.decode(bytes));
    const bound = judgeMapRole({ path: name, measures, slot: 'baseColor' });
    if (bound.confidence < DECIDED_FROM) asked++;
    else if (bound.role === 'base-colour') right++;
    else wrong.push(`${name}: ${bound.role}`);
    const unbound = judgeMapRole({ path: name, measures, slot: null });
    if (unbound.role === 'base-colour' && unbound.confidence >= DECIDED_FROM) alone++;
  }
  console.log(
    `furniture maps: ${pictures.length} pictures; bound as colour ${right} decided right, ${asked} asked, ${wrong.length} wrong; without their slot ${alone} decided right`,
  );
  expect(wrong).toEqual([]);
  expect(right / pictures.length).toBeGreaterThan(0.75);
});
