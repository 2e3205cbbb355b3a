import { expect, test } from './test'
import { expectAccessible, expectNoSidewaysScrolling, openFish, signIn } from './keeper'
import { openPage } from './pages'

for (const [size, viewport] of [
    ['desk', { width: 1280, height: 800 }],
    ['phone', { width: 390, height: 844 }],
    ['small phone', { width: 360, height: 640 }],
] as const) {
    for (const sheet of ['light', 'dark'] as const) {
        test(`every sheet is sound on a ${size}, ${sheet}`, async ({ page }) => {
            // A dozen pages, each looked through for accessibility.
            test.slow()
            const problems: string[] = []
            page.on('console', (message) => message.type() === 'error' && problems.push(message.text()))
            page.on('pageerror', (error) => problems.push(error.message))
            await page.setViewportSize(viewport)
            await page.addInitScript((colour) => localStorage.setItem('sheet', colour), sheet)
            await signIn(page)
            await expect(page.getByText('Upgrades ahead').first()).toBeVisible()
            await expectAccessible(page)
            await expectNoSidewaysScrolling(page)
            await openFish(page, 'Bramble')
            await expect(page.getByRole('img', { name: /Fish sheet: Bramble/ })).toBeVisible()
            await expectAccessible(page)
            await expectNoSidewaysScrolling(page)
            await page.getByRole('link', { name: 'Systems' }).click()
            await expect(page.getByRole('img', { name: 'Porch tank from above' })).toBeVisible()
            await expectAccessible(page)
            await expectNoSidewaysScrolling(page)
            for (const [place, shown] of [
                ['/weigh-up?species=Redtail%20catfish', /only if a heated pond/],
                ['/species', /species are described here/],
                ['/rulebook', 'How big a home?'],
                ['/moves', 'Begin a quarantine'],
                ['/moves/1', 'Have at hand'],
                ['/systems/6?sheet=sums', 'Water calculators'],
                ['/systems/5/edit', 'Dim or blue from'],
                ['/systems/new', 'It comes to'],
                ['/systems/9/card', 'Back to the system'],
            ] as const) {
                await page.goto(place)
                await expect(page.getByText(shown).first()).toBeVisible()
                await expectAccessible(page)
                await expectNoSidewaysScrolling(page)
            }
            await page.goto('/species')
            await page.getByRole('link', { name: 'Alligator gar' }).click()
            await expect(page.getByText('Who says how long it becomes')).toBeVisible()
            await expectAccessible(page)
            await expectNoSidewaysScrolling(page)
            expect(problems).toEqual([])
        })
    }
}

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
    await signIn(page)
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
