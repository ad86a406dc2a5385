import { fileStem } from '../../textures/judging/read-map-name';

/** `lamp_v2_FINAL(1).obj` → `Lamp v2 FINAL(1)`, `coil_L18.5mm.wrl` → `Coil L18.5mm`: a name to start from, not to keep. */
export function readableName(path: string): string {
  const words = fileStem(path)
    .replace(/[_-]+|\.+(?!\d)|(?<!\d)\.+/g, ' ')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/\s+/g, ' ')
    .trim();
  return words === '' ? 'Unnamed' : words[0].toUpperCase() + words.slice(1);
}
