import { defineConfig } from 'vite';

/** The code of a tab in one script that can be run over and over, and what runs it. */
export default defineConfig(({ mode }) => ({
  define: { __CONTRACT__: JSON.stringify('faults'), 'process.env.NODE_ENV': '"production"' },
  publicDir: false,
  build: {
    target: 'es2022',
    outDir: 'target/faults',
    emptyOutDir: false,
    minify: false,
    ...(mode === 'tab'
      ? {
          lib: {
            entry: 'faults/tab.ts',
            name: 'elsko',
            formats: ['iife'],
            fileName: () => 'tab.js',
          },
        }
      : { ssr: 'faults/run.ts' }),
  },
}));
