declare module 'draco3dgltf' {
  const draco3d: { createDecoderModule(): Promise<unknown>; createEncoderModule(): Promise<unknown> };
  export default draco3d;
}

declare module 'gltf-validator' {
  interface Issue {
    code: string;
    message: string;
    /** 0 error, 1 warning, 2 information, 3 hint. */
    severity: number;
    pointer?: string;
  }
  interface Report {
    issues: { numErrors: number; numWarnings: number; messages: Issue[] };
    info: unknown;
  }
  interface Options {
    maxIssues?: number;
    ignoredIssues?: string[];
  }
  export function validateBytes(
    bytes: Uint8Array,
    options?: Options & {
      format?: 'glb' | 'gltf';
      externalResourceFunction?: (uri: string) => Promise<Uint8Array>;
    },
  ): Promise<Report>;
  export function validateString(json: string, options?: Options): Promise<Report>;
}

declare module 'microdata-node' {
  export function toJson(html: string, options: { base: string }): unknown;
}
