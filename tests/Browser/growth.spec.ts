import { expect, test } from './test'
import { expectAccessible, openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a what-if answers beside the present curve and is cleared without a trace', async ({ page }) => {
    await openFish(page, 'Pip')
    const sentence = (await page.getByRole('heading', { level: 1 }).textContent()) ?? ''
    await page.getByLabel('Fed', { exact: true }).selectOption('several')
    await expect(page.getByText(/Then Pip outgrows Gauge tank between/)).toBeVisible()
    await page.getByLabel('Living in').selectOption({ label: 'Long tank' })
    await expect(page.getByText(/Then Pip (outgrows|may outgrow|fits) Long tank/)).toBeVisible()
    await page.getByLabel('Water from now on').fill('78')
    await expect(page.getByText('Give a temperature between 0 and 40')).toBeVisible()
    await page.getByLabel('Water from now on').fill('28')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Clear' }).click()
    await expect(page.getByText(/Then Pip/)).toHaveCount(0)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(sentence)
})

test('a what-if is kept, told of in the history, and taken back', async ({ page }) => {
    await openFish(page, 'Yarrow')
    const sentence = (await page.getByRole('heading', { level: 1 }).textContent()) ?? ''
    await page.getByLabel('Fed', { exact: true }).selectOption('sparse')
    await page.getByLabel('If its adult size is really').fill('2 cm')
    await page.getByRole('button', { name: 'Save the change' }).click()
    await expect(page.getByText(/it measured more than this already/)).toBeVisible()
    await page.getByLabel('If its adult size is really').fill('52 cm')
    await page.getByRole('button', { name: 'Save the change' }).click()
    await expect(page.getByRole('status')).toContainText('Saved: how Yarrow is fed')
    await expect(page.getByText('as you stated')).toBeVisible()
    await expect(page.getByText('Yarrow is fed sparsely')).toBeVisible()
    await expect(page.getByText('adult size stated, 52')).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('as you stated')).toHaveCount(0)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(sentence)
})

test('a home that was asked about becomes a move to write down', async ({ page }) => {
    await openFish(page, 'Pip')
    await page.getByLabel('Living in').selectOption({ label: 'Long tank' })
    await page.getByRole('button', { name: 'Record the move' }).click()
    const slip = page.getByRole('dialog')
    await expect(slip.getByLabel('Fish')).toHaveValue(/\d+/)
    await expect(slip.getByLabel('To').locator('option:checked')).toHaveText('Long tank')
    await slip.getByRole('button', { name: 'Cancel' }).click()
})

test('a fish is taken for another species, perhaps, and taken back', async ({ page }) => {
    await openFish(page, 'Thistle')
    await page.getByRole('button', { name: 'Change what it is' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('But it may be').selectOption({ label: 'Giant gourami' })
    await slip.getByLabel('Belief').fill('120')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(slip.getByText('Give a share between 0 and 100 %')).toBeVisible()
    await slip.getByLabel('Belief').fill('40')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('status')).toContainText('Saved: what Thistle is.')
    await expect(
        page.getByText(/oscar \d+ %, giant gourami \d+ %|giant gourami \d+ %, oscar \d+ %/),
    ).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.locator('dl').getByText(/giant gourami \d+ %/)).toHaveCount(0)
})

test('a stalled fish is reported, and its lengths are not called wrong', async ({ page }) => {
    await openFish(page, 'Burr')
    await expect(page.getByText('Burr has grown less than half of what was to be expected')).toBeVisible()
    await expect(page.getByText('does not fit the others')).toHaveCount(0)
})

test('a slip of the unit is offered for correction', async ({ page }) => {
    await openFish(page, 'Pip')
    await page.getByLabel('Length', { exact: true }).fill('15 cm')
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByText(/Did you mean 3[78]\.\d cm/)).toBeVisible()
})
