import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type * as Axe from 'axe-core';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** Rules that look at colours; what else there is to find is the same in dark ones. */
const COLOUR_RULES = ['color-contrast', 'link-in-text-block'];

/** Every fault axe finds by WCAG 2.2 A and AA, in light colours and in dark ones, a line each. */
export async function listFaults(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  const faults: string[] = [];
  for (const colours of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: colours });
    await page.evaluate(waitForColours);
    faults.push(
      ...(await page.evaluate(runAxe, colours === 'dark' ? COLOUR_RULES : null)).map((fault) => `${colours}: ${fault}`),
    );
  }
  return faults;
}

/** Colours that fade into one another are half of each for a while. */
async function waitForColours(): Promise<void> {
  await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
  const fading = document.getAnimations().filter((animation) => animation instanceof CSSTransition);
  await Promise.allSettled(fading.map((animation) => animation.finished));
}

/** @param rules those to look by alone; null for all */
async function runAxe(rules: string[] | null): Promise<string[]> {
  const { axe } = window as unknown as { axe: typeof Axe };
  const { violations } = await axe.run({
    resultTypes: ['violations'],
    preload: false,
    runOnly: rules
      ? { type: 'rule', values: rules }
      : ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
  });
  return violations.flatMap((violation) =>
    violation.nodes.map(
      (node) => `${violation.id}: ${node.target.join(' ')} ${node.failureSummary?.split('\n')[1]?.trim() ?? ''}`,
    ),
  );
}
