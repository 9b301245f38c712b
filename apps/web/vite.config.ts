import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwind()],
  // the core's sources, so that a change in it shows at once
  resolve: { conditions: ['@zindle/source', ...defaultClientConditions] },
  build: { target: 'es2022', chunkSizeWarningLimit: 1000 },
  server: { proxy: { '/api': { target: 'http://127.0.0.1:4620', changeOrigin: false } } },
});
