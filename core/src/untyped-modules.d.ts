declare module 'three/examples/jsm/loaders/usd/USDAParser.js' {
  export class USDAParser {
    parseData(text: string): { specsByPath: Record<string, unknown> };
  }
}

declare module 'three/examples/jsm/loaders/usd/USDCParser.js' {
  export class USDCParser {
    parseData(buffer: ArrayBuffer): { specsByPath: Record<string, unknown> };
  }
}
