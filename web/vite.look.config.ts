import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': 'http://127.0.0.1:8123' } },
  // the machine may be noisy: a slow first render is no failure
  test: { environment: 'jsdom', testTimeout: 30_000 },
});
