import { expect, test } from './test'
import { expectAccessible, openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a species is found, changed, marked as changed and taken back', async ({ page }) => {
    await page.getByRole('link', { name: 'Species' }).click()
    await page.getByLabel('Find a name').fill('tinfoil')
    await page.getByRole('link', { name: 'Tinfoil barb' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        /^Tinfoil barb becomes \d+ to \d+ cm, likely \d+\.$/,
    )
    await page.getByRole('button', { name: 'Change values' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Adult length, mm, low').fill('900')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(
        slip.getByText(/low, typical and high must be above zero and in this order/).first(),
    ).toBeVisible()
    await slip.getByLabel('Adult length, mm, low').fill('300')
    await slip.getByLabel('Adult length, mm, usual').fill('340')
    await slip.getByLabel('Adult length, mm, high').fill('400')
    await expectAccessible(page)
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('status')).toContainText('the values of Tinfoil barb')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('likely 34')
    await expect(page.getByText('your own').first()).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('likely 29')
    await expect(page.getByText('your own')).toHaveCount(0)
})

test('a single value goes back to how it came', async ({ page }) => {
    await page.goto('/species')
    await page.getByLabel('Find a name').fill('uaru')
    await page.getByRole('link', { name: 'Uaru' }).click()
    await page.getByRole('button', { name: 'Change values' }).click()
    await page.getByRole('dialog').getByLabel('Least group').fill('3')
    await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click()
    await page.getByRole('button', { name: 'Back to how it came: Least group' }).click()
    await expect(page.getByText('your own')).toHaveCount(0)
})

test('a species of its own is added, found and taken out', async ({ page }) => {
    await page.goto('/species')
    await page.getByRole('button', { name: 'Add a species' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Name', { exact: true }).fill('Oscar')
    await slip.getByLabel('Scientific name').fill('Cobitis inventa')
    for (const [label, value] of [
        ['Adult length, mm, low', '90'],
        ['Adult length, mm, usual', '110'],
        ['Adult length, mm, high', '140'],
        ['Growth coefficient per year, low', '0.6'],
        ['Growth coefficient per year, usual', '0.9'],
        ['Growth coefficient per year, high', '1.4'],
    ] as const) {
        await slip.getByLabel(label).fill(value)
    }
    await slip.getByLabel('Swims').selectOption('slow')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(slip.getByText('There is a species of this name already').first()).toBeVisible()
    await slip.getByLabel('Name', { exact: true }).fill('Millrace loach')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Millrace loach becomes')
    await page.getByRole('button', { name: 'Delete this species' }).click()
    await expect(page.getByRole('status')).toContainText('Taken out: Millrace loach')
    await page.getByLabel('Find a name').fill('millrace')
    await expect(page.getByText('No species here is called that')).toBeVisible()
})

test('another school changes verdicts, says whom it moves, and is taken back', async ({ page }) => {
    await openFish(page, 'Thistle')
    const rules = page.getByRole('region', { name: 'Its home by the rules' })
    await expect(rules).not.toContainText('litres')
    await page.getByRole('link', { name: 'Rulebook' }).click()
    const generous = page.getByRole('radio', { name: /by volume, generous/ })
    await expect(page.locator('label').filter({ has: generous })).toContainText('would lose their homes')
    await generous.check()
    await expect(page.getByRole('status')).toContainText('Saved in the rulebook')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('One rule is your own')
    await openFish(page, 'Thistle')
    await expect(rules).toContainText('Too few litres')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(rules).not.toContainText('litres')
})

test('a number is changed by hand, refused when it cannot be, and set back', async ({ page }) => {
    await page.goto('/rulebook')
    const share = page.getByLabel('Moved on at this share of the limit')
    await share.fill('3')
    await share.press('Enter')
    await expect(page.getByText('Give a number from 0.3 to 1.')).toBeVisible()
    await share.fill('0.8')
    await share.press('Enter')
    await page.getByRole('button', { name: 'Back to 0.85' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every rule stands as it came.')
})

test('an exception has a reason', async ({ page }) => {
    await page.goto('/rulebook')
    await page.getByRole('button', { name: 'Add an exception' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Which').selectOption({ label: 'Rush' })
    await slip.getByLabel('Rule').selectOption('fittings')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(slip.getByText('Give the reason in a few words')).toBeVisible()
    await slip.getByLabel('Why').fill('The lid is weighed down.')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('The lid is weighed down.')).toBeVisible()
    await page.getByRole('button', { name: 'Delete' }).click()
    await expect(page.getByText('No fish and no system has a rule of its own.')).toBeVisible()
})
