export function replacementOf(name: string, importer?: string): string | null;
