/**
 * Names that converters and start-up scenes leave behind. Common practice, no source: gathered from files such programs write.
 * A node counts as clutter only where such a name fits, nothing refers to it and it carries no data of its own.
 */
export const CLUTTER_HABITS = {
  camera:
    /^(camera|cam|persp|top|front|side|left|right|bottom|default camera|view camera)([ _.-]?\d+)?([ _.-]?(orientation|shape|node))?$/i,
  light:
    /^(light|lamp|sun|sunlight|key ?light|fill ?light|back ?light|rim ?light|hemi|point ?light|spot ?light|directional ?light|default light)([ _.-]?\d+)?([ _.-]?(orientation|shape|node))?$/i,
  empty: /^(empty|null|locator|dummy|group|node|target|camera ?target|light ?target|origin)([ _.-]?\d+)?$/i,
  wrapper:
    /^(root ?node|gltf_scenerootnode|scene ?root|scene|world|root|visual ?scene|default|node|group|transform|null|empty|object|.+\.(fbx|obj|dae|gltf|glb|3ds|stl)([ _.-]?(cleaner|gles|materialmerger))*)([ _.-]?\d+)?$/i,
} as const;

/** Names of things that stand beside a model and are not it. Common practice, no source. */
export const STRANGER_HABITS = {
  floor: /\b(floor|ground|backdrop|stage|studio|plane|cyclorama|base ?plate|shadow ?catcher|display)\b/i,
  figure: /\b(human|man|woman|person|people|figure|scale ?(ref|reference|guide|figure)|mannequin|dummy ?man|bob)\b/i,
  wall: /\b(wall|back ?wall|background|back ?drop|cyclorama|screen)\b/i,
  turntable: /\b(turn ?table|pedestal|podium|platform|rotating ?base|disc|disk)\b/i,
  plate: /\b(name ?plate|label|caption|title|signature|credit|watermark|logo|text)\b/i,
  startUp: /^(cube|box|default ?cube|defaultmesh)([ _.-]?\d+)?$/i,
} as const;

/** Splits a node's name for the patterns above: `Studio_Floor01` → `Studio Floor 01`. */
export const wordsOf = (name: string): string =>
  name
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/([A-Za-z])(\d)/g, '$1 $2')
    .replace(/[_\-.]+/g, ' ')
    .trim();
