import { expect, test } from './test'
import { expectAccessible, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a plan is asked for, read, followed and left', async ({ page }) => {
    await page.keyboard.press('p')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Bramble moves to Kiln vat')
    await expect(page.getByRole('img', { name: /Porch tank: Bramble until/ })).toBeVisible()

    // What is next stands at the head of the sheet, and leads to where it is asked.
    await page.getByRole('button', { name: 'Ask for a plan', exact: true }).click()
    await expect(page.getByLabel('What matters most')).toBeFocused()
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
    await expect(page.getByRole('region', { name: 'Plans side by side' }).getByRole('row')).toHaveCount(3, {
        timeout: 30_000,
    })
    await expect(page.getByRole('button', { name: 'Follow this plan' })).toBeVisible()
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

test('a fish is carried to another lane, seen at once, undone, and kept as a plan', async ({ page }) => {
    await page.goto('/plan')
    const drawing = page.getByRole('img', { name: /Porch tank: Bramble until/ })
    await expect(drawing).toBeVisible()
    const name = drawing.locator('[data-grip]').filter({ hasText: 'Sedge' })
    await name.scrollIntoViewIfNeeded()
    const box = await name.boundingBox()
    const kiln = await page.locator('svg[aria-hidden] text').filter({ hasText: 'Kiln vat' }).boundingBox()
    if (box === null || kiln === null) {
        throw new Error('The fish or the lane is not drawn.')
    }
    await page.mouse.move(box.x + 30, box.y + 10)
    await page.mouse.down()
    await page.mouse.move(box.x + 120, box.y + 60, { steps: 4 })
    await page.mouse.move(box.x + 160, kiln.y + 10, { steps: 4 })
    const tried = page.getByRole('region', { name: 'Tried, not kept' })
    await expect(tried).toContainText('It keeps the rules longer for')
    await page.mouse.up()
    await expect(page.getByRole('region', { name: 'The moves' })).toContainText('Sluice tank to Kiln vat')
    await expectAccessible(page)
    await page.keyboard.press('Control+z')
    await expect(tried).toHaveCount(0)
    await expect(page.getByRole('region', { name: 'The moves' })).not.toContainText('Sluice tank to Kiln vat')

    const why = page.getByRole('region', { name: 'Why not there?' })
    await why.getByLabel('Fish').selectOption('Sedge')
    await why.getByLabel('Home').selectOption('Kiln vat')
    await why.getByRole('button', { name: 'Try it' }).click()
    await expect(tried).toContainText('It keeps the rules longer for')
    await page.getByLabel('Try another day: Sedge to Kiln vat').fill('2027-05-01')
    await expect(page.getByRole('region', { name: 'The moves' })).toContainText('On 1 May')
    await tried.getByRole('button', { name: 'Keep as a plan' }).click()
    await expect(page.getByRole('region', { name: 'Plans side by side' })).toContainText('by hand')
    await page.getByRole('button', { name: 'Leave it out: Sedge to Kiln vat' }).click()
    await expect(tried).toContainText('It puts Sedge out of rule')
    await tried.getByRole('button', { name: 'Throw away' }).click()
    await expect(tried).toHaveCount(0)
})

test('what if: one grows fast, one more is bought, and a system fails tonight', async ({ page }) => {
    await page.goto('/plan')
    const ask = page.getByRole('region', { name: 'What if?' })
    await ask.getByLabel('What', { exact: true }).selectOption('a fish grows fast')
    await ask.getByLabel('Fish').selectOption('Sedge')
    await ask.getByRole('button', { name: 'See what it does' }).click()
    const tried = page.getByRole('region', { name: 'Tried, not kept' })
    await expect(tried).toContainText('Supposed: Sedge grows fast, toward')
    await ask.getByLabel('What', { exact: true }).selectOption('one more is bought')
    await ask.getByLabel('Species').selectOption('Tambaqui')
    await ask.getByLabel('How long').fill('a bit')
    await ask.getByLabel('Home').selectOption('Cabin tank')
    await ask.getByRole('button', { name: 'See what it does' }).click()
    await expect(tried).toContainText('is not a length')
    await ask.getByLabel('How long').fill('20 cm')
    await ask.getByRole('button', { name: 'See what it does' }).click()
    await expect(tried).toContainText('One Tambaqui of 20 cm comes to Cabin tank.')
    await expect(page.getByRole('img', { name: /Cabin tank: .*Tambaqui/ })).toBeVisible()
    await tried.getByRole('button', { name: 'Throw away' }).click()

    await ask.getByLabel('What', { exact: true }).selectOption('a system fails tonight')
    await ask.getByLabel('Home').selectOption('Sluice tank')
    await expect(ask.getByText(/they are in trouble in about/)).toBeVisible()
    await expect(ask.getByRole('listitem')).toHaveCount(4)
    await expect(ask.getByRole('listitem').first()).toContainText('Rill')
    await expectAccessible(page)
})

test('mends, costs and all to build stand under the lanes, and a plan can take a mend', async ({ page }) => {
    await page.goto('/plan')
    const mends = page.getByRole('region', { name: 'Besides moving' })
    await mends.getByText('What homes lack for those who are or will be there').click()
    await mends.getByRole('button', { name: /^Plan with it: Fit Gauge tank/ }).click()
    await expect(page.getByRole('region', { name: 'Tried, not kept' })).toContainText(
        'Supposed: Fit Gauge tank',
    )
    await expect(mends.getByRole('button', { name: /^Plan with it: Fit Gauge tank/ })).toHaveAttribute(
        'aria-pressed',
        'true',
    )
    await expect(page.getByRole('region', { name: 'What it costs' })).toContainText(
        'a year for food, water and power',
    )
    await expect(page.getByRole('img', { name: /^Costs by month/ })).toBeVisible()
    await expect(page.getByRole('region', { name: 'All to build, as far as can be seen' })).toContainText(
        /homes?, |One home/,
    )
    await page.getByRole('button', { name: /Look for a (better )?plan/ }).click()
    await expect(page.getByRole('region', { name: 'Plans side by side' })).toContainText(
        'if: Fit Gauge tank',
        { timeout: 30_000 },
    )
})
