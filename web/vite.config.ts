import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { replacementOf } from '../scripts/steps/left-out.mjs';

const MARK = '\0left-out:';

const leftOut: Plugin = {
  name: 'left-out',
  enforce: 'pre',
  resolveId: (id, importer) =>
    replacementOf(id, importer) === null ? null : `${MARK}${JSON.stringify([id, importer])}`,
  load: (id) => (id.startsWith(MARK) ? replacementOf(...(JSON.parse(id.slice(MARK.length)) as [string])) : null),
};

export default defineConfig({
  plugins: [leftOut, react()],
  worker: { format: 'es', plugins: () => [leftOut] },
  build: { target: 'es2022', chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/api': 'http://127.0.0.1:4280' } },
});
