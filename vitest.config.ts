import { defineConfig } from 'vitest/config'

/** The logic of the front end on its own: no browser, no server. */
export default defineConfig({
    esbuild: { jsx: 'automatic' },
    test: { include: ['tests/Front/**/*.test.ts'], setupFiles: ['tests/Front/page.ts'] },
})
