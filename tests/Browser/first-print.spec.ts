import { expect, test } from './test'
import { PHONE, expectAccessible, signIn } from './keeper'

test.use({ viewport: PHONE })

test('what is due can be read before any script has come, in both colours', async ({ page, browser }) => {
    await signIn(page, '/')
    const sentence = (await page.getByRole('heading', { level: 1 }).textContent()) ?? ''
    const cookies = await page.context().cookies()
    for (const colorScheme of ['light', 'dark'] as const) {
        const context = await browser.newContext({ viewport: PHONE, colorScheme })
        await context.addCookies(cookies)
        const bare = await context.newPage()
        await bare.route('**/*.js', (route) => route.abort())
        await bare.goto(page.url())
        await expect(bare.getByRole('heading', { level: 1 })).toHaveText(sentence)
        await expect(bare.getByRole('listitem').first()).toBeVisible()
        await expectAccessible(bare)
        await context.close()
    }
})

test('the page brings its answers along, and what is printed stands until it is drawn over', async ({
    page,
}) => {
    await signIn(page)
    const asked: string[] = []
    page.on('request', (request) => asked.push(new URL(request.url()).pathname))
    await page.addInitScript(() => {
        const seen = ((window as unknown as { seen: string[] }).seen = [] as string[])
        const look = (): void => {
            const shown =
                document.querySelector('.first-print, main ol li') === null ? 'nothing' : 'the round'
            if (seen.at(-1) !== shown) {
                seen.push(shown)
            }
            requestAnimationFrame(look)
        }
        look()
    })
    await page.goto('/')
    await expect(page.getByRole('region', { name: /^due today/ })).toBeVisible()
    expect(asked).not.toContain('/api/v1/session')
    expect(asked).not.toContain('/api/v1/today')
    const seen = await page.evaluate(() => (window as unknown as { seen: string[] }).seen)
    expect(seen.join(), 'once there, the round is never away').toMatch(/^(nothing,)?the round$/)
})
