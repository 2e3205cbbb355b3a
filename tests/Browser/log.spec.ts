import { expect, test } from './test'
import { expectAccessible, openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a note is written, found by a slip of the finger, corrected, put back and taken out', async ({
    page,
}) => {
    await page.keyboard.press('l')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Last,')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Write a note' }).click()
    await page.getByLabel('In your words').fill('The skimmer gurgled all night')
    await page.getByLabel('Of', { exact: true }).selectOption('Sluice tank')
    await page.getByRole('button', { name: 'Write it down' }).click()
    const entry = page.getByRole('button', { name: /Sluice tank: The skimmer gurgled/ })
    await expect(entry).toBeVisible()

    await page.getByLabel('Words').fill('gurlged')
    await expect(page.getByText(/Nothing begins with gurlged: looked for gurgled/)).toBeVisible()
    await entry.click()
    await page.getByRole('button', { name: 'Correct it' }).click()
    await page.getByLabel('In your words').fill('')
    await page.getByRole('button', { name: 'Save the correction' }).click()
    await expect(page.getByRole('alert').first()).toContainText('Write a few words')
    await page.getByLabel('In your words').fill('The skimmer gurgled until two')
    await page.getByRole('button', { name: 'Save the correction' }).click()
    const corrected = page.getByRole('button', { name: /gurgled until two/ })
    await corrected.click()
    const past = page.getByRole('region', { name: 'How it stood before' })
    await expect(past).toContainText('corrected')
    await expectAccessible(page)
    await past.getByRole('button', { name: 'As it was here' }).click()
    await entry.click()
    await page.getByRole('button', { name: 'Take it out' }).click()
    await expect(entry).toBeHidden()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.keyboard.press('u')
    await expect(entry).toBeVisible()
})

test('a loss taken back brings the fish back, now and later', async ({ page }) => {
    await openFish(page, 'Moss')
    await page.getByRole('button', { name: 'Loss' }).click()
    await page.getByRole('dialog').getByLabel('How').selectOption('jumped out')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.goto('/log?group=lives')
    await page.getByRole('button', { name: /^Moss jumped out/ }).click()
    await expect(
        page.getByText('Moss is there again, with everything that was written about it.'),
    ).toBeVisible()
    await page.getByRole('button', { name: 'Take it out' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.goto('/fish')
    await expect(page.getByRole('link', { name: 'Moss', exact: true })).toBeVisible()

    await page.goto('/log?removed=yes')
    await page.getByRole('button', { name: /^Moss jumped out/ }).click()
    await page.getByRole('button', { name: 'Put it back' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.goto('/fish')
    await expect(page.getByRole('link', { name: 'Bramble', exact: true })).toBeVisible()
    await expect(page.getByRole('link', { name: 'Moss', exact: true })).toHaveCount(0)
})

test('one key finds fish, homes, species and entries', async ({ page }) => {
    await page.keyboard.press('/')
    const slip = page.getByRole('dialog')
    await slip.getByRole('searchbox').fill('brambel')
    await expect(slip.getByRole('link', { name: /^Bramble/ })).toBeVisible()
    await expect(slip.getByRole('region', { name: 'In the log' })).toContainText('Bramble measured')
    await expectAccessible(page)
    await slip.getByRole('link', { name: /^Bramble/ }).click()
    await expect(page).toHaveURL(/\/fish\/\d+$/)
    await page.keyboard.press('/')
    await page.getByRole('dialog').getByRole('searchbox').fill('xylophone')
    await expect(page.getByText('Nothing found.')).toBeVisible()
})

test('a look with a sign raises a task until a look finds it well', async ({ page }) => {
    await openFish(page, 'Tarn')
    await page.getByRole('button', { name: 'A look' }).click()
    await page.getByLabel(/sign/i).fill('White spots')
    await page.getByRole('dialog').getByRole('button', { name: 'A look' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.goto('/')
    await expect(page.getByText(/White spots/).first()).toBeVisible()
})
