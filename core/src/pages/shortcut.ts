/**
 * Where a shortcut file of a desktop leads: `.url` (an INI file with `[InternetShortcut]`), `.webloc` (a property list in XML), `.desktop`
 * (Desktop Entry Specification 1.5, `Type=Link`).
 * @returns an address of the web; null for what leads elsewhere, starts a program, or is no shortcut
 */
export function readShortcut(text: string, path: string): string | null {
  const extension = path.slice(path.lastIndexOf('.') + 1).toLowerCase();
  const pattern = PATTERNS[extension];
  const said = pattern?.exec(text)?.[1].trim().replaceAll('&amp;', '&');
  if (said === undefined || !/^https?:\/\//i.test(said) || !URL.canParse(said)) return null;
  // a link starts nothing, whatever else stands beside it
  return extension === 'desktop' && !/^Type=Link\s*$/m.test(text) ? null : said;
}

const PATTERNS: Record<string, RegExp> = {
  url: /^\s*\[InternetShortcut\][^[]*?^URL=(\S+)/im,
  webloc: /<key>\s*URL\s*<\/key>\s*<string>([^<]+)<\/string>/,
  desktop: /^\s*\[Desktop Entry\][^[]*?^URL=(\S+)/m,
};
