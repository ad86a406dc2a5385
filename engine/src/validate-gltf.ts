import { validateBytes } from 'gltf-validator';
import type { CheckLine } from '@haveld/contract/report';

export interface Validation {
  errors: number;
  warnings: number;
  /** The first messages of each severity, for a person. */
  messages: string[];
}

const IGNORED = ['UNSUPPORTED_EXTENSION', 'UNRESERVED_EXTENSION_PREFIX'];

/** Asks the reference validator about a GLB. */
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
  const report = await validateBytes(bytes, {
    ...options,
    maxIssues: 100,
    ignoredIssues: IGNORED,
  });
  const { numErrors, numWarnings, messages } = report.issues;
  return {
    errors: numErrors,
    warnings: numWarnings,
    messages: messages
      .filter(({ severity }) => severity <= 1)
      .slice(0, 10)
      .map(({ code, message, pointer }) => `${code} ${pointer ?? ''}: ${message}`),
  };
}
