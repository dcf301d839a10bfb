import { defineConfig } from 'vitest/config'

/** The front end's logic, without a browser; what only a browser can show is tested in `e2e/`. */
export default defineConfig({
  // The examples of the document format stand in docs/.
  server: { fs: { allow: ['..'] } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.{ts,tsx}'],
    restoreMocks: true,
    // Long enough for a machine that does other things besides; no test is about speed.
    testTimeout: 120_000,
    coverage: { provider: 'v8', include: ['src/**/*.ts'], exclude: ['src/**/*.d.ts'], reporter: ['text-summary'] },
  },
})
