import { validateBytes } from 'gltf-validator';

export interface Validation {
  errors: number;
  warnings: number;
  /** The first messages of each severity, for a person. */
  messages: string[];
}

/** Asks the reference validator about a GLB. */
export async function validateGlb(bytes: Uint8Array): Promise<Validation> {
  const report = await validateBytes(bytes, {
    maxIssues: 100,
    ignoredIssues: ['UNSUPPORTED_EXTENSION', 'UNRESERVED_EXTENSION_PREFIX'],
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
