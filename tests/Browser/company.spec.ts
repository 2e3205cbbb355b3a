import { expect, test } from './test'
import { expectAccessible, openFish, openSystem, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('every two are held against each other, and it is said and drawn why not', async ({ page }) => {
    await page.getByRole('link', { name: 'Company', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        /^\d+ of 300 pairs can share for two years/,
    )
    await page.getByRole('button', { name: 'Tarn and Sedge: apart until' }).click()
    await expect(page.getByRole('heading', { name: /^Tarn can swallow Sedge until about/ })).toBeVisible()
    await expect(page.getByRole('img', { name: /^Tarn, .* and Sedge, .* to one scale$/ })).toBeVisible()
    await expect(page.getByText('Tarn is hard on company, temper 4 of 5')).toBeVisible()
    await expectAccessible(page)
    await page.getByLabel('Those in').selectOption('Lock pond')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/of 3 pairs can share for two years/)
})

test('an open case comes from Today, is acted upon, judged and settled', async ({ page }) => {
    await page.getByRole('button', { name: 'Open Burr' }).first().click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Burr came to harm by Thistle')
    await expect(page.getByRole('img', { name: /Rating of Thistle/ })).toBeVisible()
    const outcomes = page.getByLabel('Did it help?')
    await expect(outcomes).toHaveCount(2)
    await page.getByRole('button', { name: 'I did it' }).click()
    await expect(outcomes).toHaveCount(3)
    await outcomes.first().selectOption({ label: 'it lasted' })
    await expect(outcomes.first()).toHaveValue('lasted')
    await page.getByRole('button', { name: 'Settled Burr' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Thistle rules here')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Burr came to harm by Thistle')
})

test('the clock of a watch starts and stops, and minutes can be typed', async ({ page }) => {
    await openSystem(page, 'Gauge tank')
    await page.getByRole('link', { name: 'Rank, hours and what to do' }).click()
    await page.getByRole('button', { name: 'Watch', exact: true }).click()
    await expect(page.getByText(/Watching since/)).toBeVisible()
    await page.getByRole('button', { name: 'Stop watching' }).click()
    await expect(page.getByRole('status')).toContainText('The watched time is written down.')
    await page.getByLabel('Or minutes just watched').fill('0')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('Give whole minutes, from 1 to 480.')).toBeVisible()
})

test('a mix says until when it works, who comes in when and what the home says', async ({ page }) => {
    await page.goto('/company')
    await page.getByText('A mix thought of').click()
    const species = page.getByRole('combobox', { name: 'Species' })
    await species.nth(0).fill('Spotted gar')
    await species.nth(1).fill('Tinfoil barb')
    await page.keyboard.press('Escape')
    await page.getByLabel('Number', { exact: true }).nth(1).fill('12')
    await page.getByLabel('Length').nth(0).fill('30 cm')
    await page.getByLabel('Length').nth(1).fill('5 cm')
    await page.getByLabel('Where').selectOption({ label: 'Long tank' })
    await expect(page.getByRole('heading', { level: 1 })).toContainText(
        'Does not work: Spotted gar can swallow Tinfoil barb now.',
    )
    await expect(page.getByText('until then it fits in the mouth of Spotted gar')).toBeVisible()
    await expect(page.getByRole('region', { name: 'With all of them in it' })).toContainText('Floor used')
    await page.getByLabel('Length').nth(1).fill('as long as a boat')
    await expect(page.getByRole('alert').first()).toBeVisible()
})

test("the keeper's word on two is shown as his and withdrawn", async ({ page }) => {
    await page.goto('/company')
    await page.getByRole('button', { name: /Thistle and Pip|Pip and Thistle/ }).click()
    await page.getByRole('button', { name: 'Say otherwise' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Your verdict').selectOption({ label: 'apart' })
    await slip.getByLabel('Why').fill('They fought in spring.')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('You say: apart.')).toBeVisible()
    await page.getByRole('button', { name: 'Withdraw it' }).click()
    await expect(page.getByText('You say: apart.')).toHaveCount(0)
})

test('a brood is written down, its steps ticked, and its young kept', async ({ page }) => {
    await openSystem(page, 'Gauge tank')
    await page.getByRole('link', { name: 'Rank, hours and what to do' }).click()
    await page.getByRole('button', { name: 'Write down a brood' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Mother').selectOption({ label: 'Burr' })
    await slip.getByLabel('Father').selectOption({ label: 'Thistle' })
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('Burr and Thistle: spawned on')).toBeVisible()
    await page.getByRole('button', { name: 'Seen: They hatch' }).click()
    await expect(page.getByRole('button', { name: 'Not yet: They hatch' })).toBeVisible()
    await page.getByRole('button', { name: 'Keep the young' }).click()
    await expect(slip.getByText('What they need there')).toBeVisible()
    await slip.getByLabel('Name of the shoal').fill('Small ones')
    await slip.getByLabel('Length now').fill('1 cm')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('status')).toContainText('Saved: Small ones, 20 of them.')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('Burr and Thistle: spawned on')).toBeVisible()
})

test('a shoal tells how many are missing and who may have eaten them', async ({ page }) => {
    await openFish(page, 'Barbs (12)')
    const counts = page.getByRole('region', { name: 'How many are there' })
    await expect(counts).toContainText('4 fewer since')
    await expect(counts).toContainText('Who may have eaten them')
    await counts.getByRole('button', { name: 'Show as a table' }).click()
    await expect(counts.getByRole('cell', { name: 'at least so many seen' })).toBeVisible()
})
