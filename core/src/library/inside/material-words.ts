import { foldWord, splitText } from '../words/fold-words';
import { singularOf } from '../words/meanings';

/**
 * What things are made of, in one word each, with what else it is called in names of materials; of woods and metals the kind too. From memory;
 * common practice in names of materials.
 */
const MATERIALS: Readonly<Record<string, string>> = {
  wood: 'wood wooden timber plywood holz bois madera legno madeira planks parquet',
  oak: 'oak eiche chene roble quercia carvalho',
  pine: 'pine kiefer pino',
  walnut: 'walnut nussbaum noyer nogal noce nogueira',
  beech: 'beech buche hetre haya faggio',
  birch: 'birch birke bouleau abedul betulla',
  cherry: 'cherrywood kirschbaum merisier cerezo ciliegio',
  mahogany: 'mahogany mahagoni acajou caoba mogano',
  bamboo: 'bamboo bambus bambou bambu',
  wicker: 'wicker rattan korbgeflecht osier mimbre vimini',
  metal: 'metal metallic metall metallo',
  steel: 'steel stahl acier acero acciaio inox stainless',
  iron: 'iron eisen fer hierro ferro wroughtiron castiron',
  aluminium: 'aluminium aluminum alu alluminio',
  brass: 'brass messing laiton laton ottone latao',
  copper: 'copper kupfer cuivre cobre',
  bronze: 'bronze bronce bronzo',
  gold: 'gold golden dore dorado oro ouro',
  silver: 'silver silber argento prata',
  chrome: 'chrome chromium chrom chromed cromo',
  rust: 'rust rusty rusted rost rouille',
  glass: 'glass glas verre vidrio vetro vidro',
  mirror: 'mirror spiegel miroir espejo specchio',
  plastic: 'plastic plastik kunststoff plastique plastico plastica pvc acrylic vinyl',
  rubber: 'rubber gummi caoutchouc goma gomma borracha',
  leather: 'leather leder cuir cuero pelle couro',
  fabric: 'fabric cloth textile stoff tissu tessuto tecido upholstery cushion',
  cotton: 'cotton baumwolle coton algodon cotone',
  wool: 'wool wolle laine lana',
  linen: 'linen leinen lino linho',
  velvet: 'velvet samt velours terciopelo velluto',
  stone: 'stone stein pierre piedra pietra pedra rock',
  marble: 'marble marmor marbre marmol marmo marmore',
  granite: 'granite granit granito',
  slate: 'slate schiefer ardoise pizarra ardesia',
  concrete: 'concrete beton hormigon cemento cement',
  brick: 'brick ziegel brique ladrillo mattone tijolo',
  plaster: 'plaster stucco gips platre yeso gesso',
  ceramic: 'ceramic keramik ceramique ceramica porcelain porzellan porcelaine terracotta clay',
  tile: 'tile fliese carrelage azulejo piastrella',
  paper: 'paper papier papel cardboard karton carton',
  rope: 'rope hemp jute corde cuerda corda sisal',
  straw: 'straw thatch stroh paille paja paglia palha',
  grass: 'grass lawn gras gazon cesped erba grama',
  bark: 'bark rinde ecorce corteza corteccia',
  leaf: 'leaf foliage blatt feuille hoja foglia folha',
  fur: 'fur pelz fourrure pelliccia',
  skin: 'skin peau piel',
  water: 'water wasser eau agua acqua',
  wax: 'wax wachs cire',
};

const BY_WORD = new Map(
  Object.entries(MATERIALS).flatMap(([material, words]) => words.split(' ').map((word) => [word, material] as const)),
);

/** @param names of materials; a part’s name says what it is for: a water bottle is not of water
 * @returns what they are of, each once, in the order it is met */
export function listMaterialWords(names: readonly string[]): string[] {
  const found = new Set<string>();
  for (const word of names.flatMap(splitText)) {
    const folded = foldWord(word);
    const material = BY_WORD.get(folded) ?? BY_WORD.get(singularOf(folded));
    if (material !== undefined) found.add(material);
  }
  return [...found];
}
