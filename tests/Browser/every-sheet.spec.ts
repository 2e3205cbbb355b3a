import { expect, test } from './test'
import type { Page } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScrolling, PHONE, signIn } from './keeper'
import { drawnAfter, goToPage, openPage, PAGES } from './pages'

const SMALL_PHONE = { width: 360, height: 640 }

/** Those of the list, and one whose form has all its parts filled in. */
const SHEETS = [...PAGES, '/systems/5/edit']

/** What lists all there is, and forms with all their parts. */
const LONG = ['/systems', '/systems/5/edit', '/systems/8/edit', '/company', '/log', '/species', '/words']

/** Of a phone, before anything is unfolded: three, and what some days have to say more. */
const MOST_SCREENS = 3.5

/** Each size looks through them in so many tests, so that none takes minutes. */
const PARTS = 3

for (const [size, viewport] of [
    ['desk', { width: 1280, height: 800 }],
    ['phone', PHONE],
] as const) {
    for (let part = 0; part < PARTS; part++) {
        test(`every sheet is sound on a ${size} by day and by night, part ${part + 1}`, async ({ page }) => {
            test.slow()
            const problems: string[] = []
            page.on('console', (message) => message.type() === 'error' && problems.push(message.text()))
            page.on('pageerror', (error) => problems.push(error.message))
            await page.setViewportSize(viewport)
            await signIn(page)
            for (const address of SHEETS.filter((_, i) => i % PARTS === part)) {
                // Each is loaded once, and once gone to.
                await (size === 'desk' ? openPage : goToPage)(page, address)
                if (size === 'phone' && !LONG.includes(address)) {
                    const height = await page.evaluate(() => document.documentElement.scrollHeight)
                    expect.soft(height / viewport.height, address).toBeLessThanOrEqual(MOST_SCREENS)
                }
                await openFolds(page)
                await test.step(address, async () => {
                    await expectAccessible(page)
                    await expectNoSidewaysScrolling(page)
                    await page.evaluate(() => (document.documentElement.className = 'dark'))
                    await expectAccessible(page, 'colours')
                    await page.evaluate(() => (document.documentElement.className = 'light'))
                    if (size === 'phone') {
                        expect(await tooSmallForThumbs(page)).toEqual([])
                        await page.setViewportSize(SMALL_PHONE)
                        await expectNoSidewaysScrolling(page)
                        await page.setViewportSize(viewport)
                    }
                })
            }
            expect(problems).toEqual([])
        })
    }
}

/** What is folded on a phone is looked through, too. */
async function openFolds(page: Page): Promise<void> {
    const folded = page.locator('main section > div:first-child button[aria-expanded=false]')
    const left = await folded.count()
    if (left > 0) {
        await drawnAfter(page, async () => {
            for (let opened = 0; opened < left; opened++) {
                await folded.first().click()
            }
        })
    }
}

/** What can be touched, but not a thumb's breadth above and below its middle; a link in the middle of a sentence may be. */
const tooSmallForThumbs = (page: Page): Promise<string[]> =>
    page.evaluate(() => {
        const REACH = 20
        const isInSentence = (one: Element): boolean =>
            getComputedStyle(one).display === 'inline' &&
            [...(one.parentElement?.childNodes ?? [])].some(
                (beside) =>
                    beside.nodeType === Node.TEXT_NODE && (beside.textContent ?? '').trim().length > 1,
            )
        const isHit = (one: Element, x: number, y: number): boolean => {
            const hit = document.elementFromPoint(x, y)
            return hit !== null && one.contains(hit)
        }
        return [...document.querySelectorAll('main a[href], main button, main select, main input')]
            .map((one) =>
                one.matches('[type=checkbox], [type=radio], [type=file]')
                    ? (one.closest('label') ?? one)
                    : one,
            )
            .filter(
                (one) => one.closest('svg') === null && one.getClientRects().length > 0 && !isInSentence(one),
            )
            .filter((one) => {
                one.scrollIntoView({ block: 'center' })
                const { width, height, left, top } = one.getBoundingClientRect()
                const [x, y] = [left + width / 2, top + height / 2]
                return (
                    width > 2 && height < 2 * REACH && !(isHit(one, x, y - REACH) && isHit(one, x, y + REACH))
                )
            })
            .map((one) => one.getAttribute('aria-label') ?? one.textContent)
    })

test('where the system chooses the colours, sheets are sound', async ({ page }) => {
    await page.emulateMedia({ forcedColors: 'active' })
    await signIn(page)
    for (const address of ['/', '/fish/1', '/systems/1', '/plan', '/company']) {
        await openPage(page, address)
        await expectAccessible(page, 'all but contrast')
    }
})

test('between the phone and the desk, and at twice the size, no page is scrolled sideways', async ({
    page,
}) => {
    test.slow()
    await signIn(page)
    for (const address of [
        '/',
        '/fish',
        '/fish/1',
        '/systems/1',
        '/plan',
        '/company',
        '/weigh-up',
        '/food',
        '/log',
    ]) {
        await openPage(page, address)
        for (const width of [600, 640, 900, 1100]) {
            await page.setViewportSize({ width, height: 800 })
            await expectNoSidewaysScrolling(page)
        }
    }
})

test('on a phone the round leads to the board in one tap, and targets are large', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    await signIn(page, '/')
    await page.getByRole('button', { name: 'Measure Bramble' }).click()
    await expect(page.getByLabel('Length', { exact: true })).toBeFocused()
    await page.getByLabel('Length', { exact: true }).fill('35.0')
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByRole('status')).toContainText('Recorded: Bramble, 35.0 cm.')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('status')).toContainText('Taken back')
    for (const target of await page.getByRole('button').all()) {
        const box = await target.boundingBox()
        expect(box?.height ?? 44).toBeGreaterThanOrEqual(43.9)
    }
})
