/** The first of the ports of the servers under test; each worker takes two. */
export const FIRST_PORT = Number(process.env.BROWSER_TEST_PORT ?? 8187)

/** What the servers start with, made once before all tests. */
export const TEMPLATES = {
    demo: '.state/browser-template-demo.sqlite',
    empty: '.state/browser-template-empty.sqlite',
} as const
