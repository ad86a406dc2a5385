import { baseName, type HeapFile } from './heap-file';
import { SYSTEM_LITTER } from './names/name-words';

/** Why a file belongs to no model, in words. @param finds how many models came; @param twin the file of the same bytes */
export function describeExcluded(file: HeapFile, finds: number, twin?: string): string {
  if (twin !== undefined) return `the same bytes as “${baseName(twin)}”`;
  if (SYSTEM_LITTER.test(file.path)) return 'left by a system';
  if (file.kind === 'program') return 'program, not part of a model';
  if (file.format === 'working-file')
    return 'a working file only its own program opens; ask the source for glTF, FBX or OBJ made from it';
  if (file.format === 'cad') return 'a CAD file; ask the source for a mesh, glTF or OBJ, and its unit';
  if (file.kind === 'closed') return 'kept; it cannot be opened yet';
  if (file.kind === 'archive') return 'opened; its files are listed on their own';
  if (finds === 0) return 'no model came with it';
  if (file.kind === 'picture') return 'a picture no model names; it fits none by its name or place';
  return 'belongs to no model';
}
