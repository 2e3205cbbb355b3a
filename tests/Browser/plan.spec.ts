import { expect, test } from './test'
import { expectAccessible, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a plan is asked for, read, followed and left', async ({ page }) => {
    await page.keyboard.press('p')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Bramble moves to Kiln vat')
    await expect(page.getByRole('img', { name: /Porch tank: Bramble until/ })).toBeVisible()

    await page.getByLabel('What matters most').selectOption('fewest moves')
    await page.getByRole('button', { name: 'Look for a plan' }).click()
    await expect(page.getByRole('button', { name: 'Follow this plan' })).toBeVisible({ timeout: 30_000 })
    await expect(page.getByText(/Rules are broken on|Every rule is kept/)).toBeVisible()
    await expectAccessible(page)
    const moves = page.getByRole('region', { name: 'The moves' })
    await expect(moves.getByRole('listitem').first()).toBeVisible()
    await expect(page.getByRole('region', { name: 'Plans side by side' })).toContainText('fewest moves')

    const day = page.getByRole('slider')
    await day.focus()
    for (let i = 0; i < 3; i++) {
        await page.keyboard.press('ArrowRight')
    }
    await expect(day).toHaveValue('3')
    await page.getByRole('button', { name: 'weeks' }).click()
    await expect(page.getByRole('button', { name: 'weeks' })).toHaveAttribute('aria-pressed', 'true')

    await page.getByLabel('Stays where it is').selectOption({ label: 'Sedge, Sluice tank' })
    await expect(page.getByText('Sedge stays in Sluice tank')).toBeVisible()
    await page.getByRole('button', { name: 'Look for a better plan' }).click()
    await expect(page.getByRole('region', { name: 'Plans side by side' }).getByRole('row')).toHaveCount(3)
    await expect(page.getByRole('button', { name: 'Follow this plan' })).toBeVisible({ timeout: 30_000 })
    await expect(moves.getByRole('link', { name: 'Sedge' })).toHaveCount(0)
    await page.getByRole('button', { name: 'Let go: Sedge' }).click()

    await page.getByRole('button', { name: 'Follow this plan' }).click()
    await expect(page.getByText('The plan is followed: its moves stand on Today')).toBeVisible()
    await page.goto('/')
    await expect(page.getByText(/by the plan to/).first()).toBeVisible()
    await page.goto('/plan')
    await page.getByRole('button', { name: 'Follow it no more' }).click()
    await expect(page.getByText('The plan is not followed any more.')).toBeVisible()
})

test('a drawing is saved as a file that stands by itself', async ({ page }) => {
    await page.goto('/plan')
    const saved = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save the drawing (SVG)' }).click()
    const file = await (await saved).createReadStream()
    const text = Buffer.concat(await file.toArray()).toString()
    expect(text).toMatch(/^<svg .*xmlns="http:\/\/www\.w3\.org\/2000\/svg"/s)
    expect(text).not.toContain('var(')
})
