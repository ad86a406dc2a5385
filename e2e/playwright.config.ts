import { defineConfig } from '@playwright/test';

const PORT = 4391;

/** One server with the demo studio, the real browser, one test after the other: they share a library. */
export default defineConfig({
  testDir: './src',
  outputDir: '../test-results/e2e',
  workers: 1,
  fullyParallel: false,
  // a busy machine may starve the browser once; twice is a fault
  retries: process.env.CI ? 1 : 0,
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'demo', testMatch: /demo-ready\.setup\.ts/ },
    { name: 'browser', testMatch: /\.spec\.ts/, dependencies: ['demo'] },
  ],
  webServer: {
    command: `node e2e/serve.mjs ${PORT}`,
    cwd: '..',
    url: `http://127.0.0.1:${PORT}/icon.svg`,
    timeout: 60_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
  },
});
