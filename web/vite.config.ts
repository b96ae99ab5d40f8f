import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { offlinePages } from './offlinePages.ts';
import { pageFiles } from './pageFiles/pageFiles.ts';

// How long plugins take varies with the machine; nobody acts on it.
const rolldownOptions = { checks: { pluginTimings: false } };

export default defineConfig(({ command }) => {
  // A shell that says otherwise would leave out what opens the app without a network.
  if (command === 'build') process.env.NODE_ENV = 'production';
  return {
    // Scripts, styles and pages travel compressed, and are compressed once, here.
    plugins: [
      vue(),
      compression({ algorithms: ['brotliCompress', 'gzip'], include: /\.(js|css|html|svg)$/, threshold: 1000 }),
      pageFiles(),
      offlinePages(),
    ],
    worker: { format: 'es', rolldownOptions },
    build: { target: 'es2022', chunkSizeWarningLimit: 900, rolldownOptions },
    server: { proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 4173}` } },
  };
});
