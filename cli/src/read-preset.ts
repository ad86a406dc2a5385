import { readFile } from 'node:fs/promises';
import { z } from 'zod';
import { DomainError } from '@haveld/contract/error';
import { PRESETS, PresetSchema, type Preset } from '@haveld/contract/prepared';

/**
 * @param given the name of a preset, or the path of a JSON file of the same shape
 * @throws {DomainError} `bad-request` where it is neither
 */
export async function readPreset(given: string): Promise<Preset> {
  if (Object.hasOwn(PRESETS, given)) return PresetSchema.parse(PRESETS[given as keyof typeof PRESETS]);
  let text: string;
  try {
    text = await readFile(given, 'utf8');
  } catch (error) {
    throw new DomainError(
      'bad-request',
      `There is no preset “${given}”. Named ones are ${Object.keys(PRESETS).join(', ')}; a path of a JSON file works too.`,
      { cause: error },
    );
  }
  try {
    return PresetSchema.parse(JSON.parse(text));
  } catch (error) {
    const why = error instanceof z.ZodError ? z.prettifyError(error) : (error as Error).message;
    throw new DomainError('bad-request', `“${given}” is no preset: ${why}`, { cause: error });
  }
}
