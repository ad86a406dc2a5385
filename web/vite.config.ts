import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/**
 * glTF Transform's texture resizing builds functions from strings when it is loaded, which our content security policy forbids.
 * Haveld resizes nothing in the browser; these three packages are left out of what is sent to it.
 */
const withoutPixelMaths: Plugin = {
  name: 'without-pixel-maths',
  enforce: 'pre',
  resolveId: (id) => (/^ndarray-(ops|lanczos|pixels)$/.test(id) ? `\0left-out:${id}` : null),
  load: (id) =>
    id.startsWith('\0left-out:')
      ? "const leftOut = () => { throw new Error('Pictures are not resized in the browser.'); }; export default leftOut; export { leftOut as getPixels, leftOut as savePixels, leftOut as lanczos2, leftOut as lanczos3 };"
      : null,
};

export default defineConfig({
  plugins: [withoutPixelMaths, react()],
  worker: { format: 'es', plugins: () => [withoutPixelMaths] },
  build: { target: 'es2022', chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/api': 'http://127.0.0.1:4280' } },
});
