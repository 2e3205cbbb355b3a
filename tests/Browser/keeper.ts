import { readFileSync } from 'node:fs'
import { expect } from '@playwright/test'
import type { Browser, Page } from '@playwright/test'

export const EMAIL = 'keeper@heron-lock.example'
export const PASSWORD = 'heron-lock'

export const PHONE = { width: 390, height: 844 }

export async function fillSignIn(page: Page, password = PASSWORD): Promise<void> {
    await page.getByLabel('E-mail').fill(EMAIL)
    await page.getByLabel('Password').fill(password)
    await page.getByRole('button', { name: 'Sign in' }).click()
}

/** It asks little of the browser: Today takes three times as long, and few tests begin there. */
const LIGHTEST_PAGE = '/words'

/** Comes in as the keeper; the door itself is tried where signing in is. */
export async function signIn(page: Page, at = LIGHTEST_PAGE): Promise<void> {
    const door = await page.request.get('/sanctum/csrf-cookie')
    const token = (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? ''
    const answer = await page.request.post('/api/v1/session', {
        headers: {
            Accept: 'application/json',
            Referer: new URL('/', door.url()).href,
            'X-XSRF-TOKEN': decodeURIComponent(token),
        },
        data: { email: EMAIL, password: PASSWORD },
    })
    expect(answer.status()).toBe(200)
    await page.goto(at)
    // What is printed into the page has no places yet.
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
}

/** The address that was just made and is shown this once. */
export const linkIn = (page: Page): Promise<string> => page.getByRole('dialog').locator('code').innerText()

/** Somebody else opens an address on a phone of their own. */
export async function somebody(browser: Browser, address: string, viewport = PHONE): Promise<Page> {
    const page = await (await browser.newContext({ viewport })).newPage()
    await page.goto(address)
    return page
}

/** Opens the sheet of a fish from the list. */
export async function openFish(page: Page, name: string): Promise<void> {
    await page.getByRole('link', { name: 'Fish', exact: true }).click()
    await page.getByRole('link', { name, exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(name.replace(/ \(.*/, ''))
}

interface AxeResult {
    violations: { id: string; impact: string; nodes: { html: string }[] }[]
}

/** Opens the page of a system. */
export async function openSystem(page: Page, name: string): Promise<void> {
    await page.getByRole('link', { name: 'Systems', exact: true }).click()
    await page.getByRole('link', { name, exact: true }).first().click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(name)
}

/** Opens one of the sheets of the system whose page is open. */
export const openSheet = (page: Page, name: string): Promise<void> =>
    page
        .getByRole('navigation', { name: /^Sheets of/ })
        .getByRole('link', { name, exact: true })
        .click()

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

/** What axe looks at. */
const LOOKS = {
    all: { runOnly: TAGS },
    /** Where the colours are the system's, contrast is its matter. */
    'all but contrast': { runOnly: TAGS, rules: { 'color-contrast': { enabled: false } } },
    /** Of a page that was looked at in other colours: the rules that look at colours. */
    colours: { runOnly: { type: 'rule', values: ['color-contrast', 'link-in-text-block'] } },
}

/**
 * No violation of WCAG 2.2 A and AA that a machine can find. It looks at the whole page at once, also where more of it
 * comes meanwhile: what the foot happens to cover of a page that is scrolled would count as too small a target.
 */
export async function expectAccessible(page: Page, looks: keyof typeof LOOKS = 'all'): Promise<void> {
    const seen = page.viewportSize() ?? { width: 1280, height: 800 }
    const height = (): Promise<number> => page.evaluate(() => document.documentElement.scrollHeight)
    let shown: number
    let found: string[]
    do {
        shown = Math.max(seen.height, await height())
        await page.setViewportSize({ ...seen, height: shown })
        found = await violations(page, looks)
        // More of it has come meanwhile.
    } while ((await height()) > shown)
    await page.setViewportSize(seen)
    expect(found).toEqual([])
}

async function violations(page: Page, looks: keyof typeof LOOKS): Promise<string[]> {
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(readFileSync('node_modules/axe-core/axe.min.js', 'utf8'))
    }
    return page.evaluate(async (look) => {
        const { axe } = window as unknown as { axe: { run: (options: object) => Promise<AxeResult> } }
        // What holds is not told one by one.
        const result = await axe.run({ ...look, resultTypes: ['violations'] })
        return result.violations.map(
            (one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`,
        )
    }, LOOKS[looks])
}

/** Drawings follow the width of the page a moment later. */
export async function expectNoSidewaysScrolling(page: Page): Promise<void> {
    const overflow = () =>
        page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    await expect.poll(overflow).toBeLessThanOrEqual(0)
}
