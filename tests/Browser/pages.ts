import { readFileSync } from 'node:fs'
import { expect } from '@playwright/test'
import type { Page, Request } from '@playwright/test'

/** Every page of the application, of the demo. */
export const PAGES = [
    '/',
    '/fish',
    '/fish/1',
    '/fish/2',
    '/fish/9',
    '/fish/add',
    '/fish/former',
    '/systems',
    '/systems/1',
    '/systems/8',
    '/systems/8?sheet=water',
    '/systems/8?sheet=load',
    '/systems/8?sheet=feeding',
    '/systems/8?sheet=preparation',
    '/systems/8?sheet=sums',
    '/systems/8?sheet=diary',
    '/systems/8/suitable-species',
    '/systems/8/edit',
    '/systems/1/card',
    '/systems/3/company',
    '/systems/new',
    '/plan',
    '/moves',
    '/moves/1',
    '/company',
    '/food',
    '/food/costs',
    '/log',
    '/fish/5/diary',
    '/weigh-up?species=Redtail%20catfish',
    '/species',
    '/species/1',
    '/rulebook',
    '/words',
    '/settings',
    '/settings/account',
    '/settings/place',
    '/settings/people',
    '/settings/sitter',
    '/settings/letters',
    '/settings/files',
    '/settings/backups',
    '/settings/secrets',
] as const

/** Opens a page and waits until it is drawn, by what is there in any language. */
export const openPage = (page: Page, address: string): Promise<void> =>
    drawnAfter(page, async () => {
        await page.goto(address)
        await expect(page.locator('h1')).not.toBeEmpty()
    })

/** The same from a page of the application, as by a link: nothing is loaded again. */
export const goToPage = (page: Page, address: string): Promise<void> =>
    drawnAfter(page, async () => {
        await page.evaluate((to) => history.pushState({}, '', to), address)
        await expect(page.locator('h1')).not.toBeEmpty()
    })

/** Without a question in so long a page that has nothing else to do will not ask another. */
const QUIET_MS = 100

/**
 * Does something to a page and waits until all is drawn that it brings with it: nothing that was asked for is under
 * way, and the page has time. The browser's own "networkidle" takes half a second of each page.
 */
export async function drawnAfter(page: Page, act: () => Promise<void>): Promise<void> {
    const underWay = new Set<Request>()
    let last = performance.now()
    const asked = (request: Request): unknown => underWay.add(request)
    const answered = (request: Request): void => {
        underWay.delete(request)
        last = performance.now()
    }
    page.on('request', asked).on('requestfinished', answered).on('requestfailed', answered)
    await act()
    await expect
        .poll(
            async () => {
                await page.evaluate(() => new Promise((hasTime) => setTimeout(hasTime)))
                return underWay.size === 0 && performance.now() - last > QUIET_MS
            },
            { intervals: [QUIET_MS / 2], timeout: 30_000 },
        )
        .toBe(true)
    page.off('request', asked).off('requestfinished', answered).off('requestfailed', answered)
}

/** Signs in by the kinds of the fields, whatever they are called. */
export async function signInByFields(
    page: Page,
    url: string,
    email: string,
    password: string,
): Promise<void> {
    await page.goto(`${url}/`)
    await page.locator('input[type=email]').fill(email)
    await page.locator('input[type=password]').fill(password)
    await page.locator('button[type=submit]').click()
    // The door has a heading, too.
    await expect(page.locator('input[type=password]')).toHaveCount(0)
    await expect(page.locator('h1')).not.toBeEmpty()
}

/** All that a page says, to the eye and to a screen reader. */
export const saidOn = (page: Page): Promise<string[]> =>
    page.evaluate(() => {
        const said: string[] = []
        const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
        while (walker.nextNode() !== null) {
            const parent = walker.currentNode.parentElement
            if (parent !== null && !['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(parent.tagName)) {
                said.push(walker.currentNode.textContent ?? '')
            }
        }
        for (const element of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
            for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
                said.push(element.getAttribute(name) ?? '')
            }
        }
        return said.filter((text) => text.trim() !== '')
    })

/** Texts of the demo and of the species that ship: what keepers and books have written. */
export const writtenTexts = (dump: string): string[] =>
    readFileSync(dump, 'utf8')
        .split('\n')
        .filter((text) => text.length > 1)
        .sort((a, b) => b.length - a.length)
