import { validateBytes, validateString } from 'gltf-validator';
import type { CheckLine } from '@haveld/contract/report';

export interface Validation {
  errors: number;
  warnings: number;
  /** The first messages of each severity, for a person. */
  messages: string[];
}

const OPTIONS = { maxIssues: 100, ignoredIssues: ['UNSUPPORTED_EXTENSION', 'UNRESERVED_EXTENSION_PREFIX'] };

/** Asks the reference validator about a whole GLB, each number of it. */
export const validateGlb = (bytes: Uint8Array): Promise<Validation> => validate(bytes, {});

/** Asks the reference validator about a glTF and what lies beside it. @param files the model first */
export async function validateGltf(files: readonly { path: string; bytes: Uint8Array }[]): Promise<CheckLine> {
  const byPath = new Map(files.map(({ path, bytes }) => [path, bytes]));
  const validation = await validate(files[0].bytes, {
    format: 'gltf',
    externalResourceFunction: (uri) => {
      const bytes = byPath.get(decodeURIComponent(uri));
      return bytes ? Promise.resolve(bytes) : Promise.reject(new Error(`there is no ${uri}`));
    },
  });
  return toCheckLine(validation);
}

/** Asks it about glTF JSON alone. */
export const validateStructure = async (json: string): Promise<Validation> =>
  toValidation(await validateString(json, OPTIONS));

export const toCheckLine = ({ errors, messages }: Validation): CheckLine => ({
  what: 'valid glTF 2.0',
  expected: 'no errors',
  found: errors === 0 ? 'no errors' : messages.join('; '),
  holds: errors === 0,
});

async function validate(
  bytes: Uint8Array,
  options: Pick<NonNullable<Parameters<typeof validateBytes>[1]>, 'format' | 'externalResourceFunction'>,
): Promise<Validation> {
  return toValidation(await validateBytes(bytes, { ...options, ...OPTIONS }));
}

const toValidation = ({ issues }: Awaited<ReturnType<typeof validateBytes>>): Validation => ({
  errors: issues.numErrors,
  warnings: issues.numWarnings,
  messages: sayFaults(issues.messages.filter(({ severity }) => severity <= 1)),
});

/** The first ten, a line each. */
export const sayFaults = (faults: readonly { code: string; pointer?: string; message: string }[]): string[] =>
  faults.slice(0, 10).map(({ code, pointer, message }) => `${code} ${pointer ?? ''}: ${message}`);
