import { expect, test } from './test'
import { expectAccessible, openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a fast catfish is taken only if a pond is ready by a day', async ({ page }) => {
    await page.getByRole('link', { name: 'Weigh up' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Which fish are you thinking of?')
    await page.getByLabel('Species').fill('Nobody knows it')
    await expect(page.getByText('No species here is called that')).toBeVisible()
    await page.getByLabel('Species').fill('redtail catfish')
    await page.getByLabel('Days of quarantine served').fill('28')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        /^Take it only if a heated pond of [\d.]+ by [\d.]+ m inside is ready by \d+ \w+ 20\d\d, you know where it goes if that fails/,
    )
    await page.getByLabel('Where it could go if it cannot stay').fill('The pond house upriver')
    await expect(page.getByRole('heading', { level: 1 })).not.toContainText('if that fails')
    await page.getByLabel('How long now').fill('2.5 m')
    await expect(page.getByText('is that long. Check the unit')).toBeVisible()
    await page.getByLabel('How long now').fill('3 1/2 in')
    await page.getByLabel('Price of one').fill('45')
    await expect(page.getByText(/in its life: 45 to buy/)).toBeVisible()
    await expect(
        page.getByRole('img', { name: 'The homes that Redtail catfish needs, from above and to one scale' }),
    ).toBeVisible()
    await page.getByLabel('As you saw it').selectOption('sick')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Do not: it shows signs of disease')
})

test('two candidates stand side by side', async ({ page }) => {
    await page.goto('/weigh-up?species=Oscar')
    await page.getByRole('button', { name: 'Weigh another beside it' }).click()
    await page.getByLabel('Species').nth(1).fill('Green terror')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Oscar or green terror?')
    await expect(page.getByRole('heading', { level: 2, name: /^Oscar\. Take it/ })).toBeVisible()
    await expect(page.getByRole('heading', { level: 2, name: /^Green terror\. Take it/ })).toBeVisible()
    await page.getByLabel('They come together').check()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Oscar and green terror together?')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Put the second away' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Take it')
})

test('it is added to my fish with its plan, and is taken back', async ({ page }) => {
    await page.goto('/weigh-up?species=Shark%20catfish')
    await page.getByRole('button', { name: 'Add to my fish' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Name').fill('Bramble')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(slip.getByText('Somebody here has this name already')).toBeVisible()
    await slip.getByLabel('Name').fill('Comfrey')
    await slip.getByLabel('How long now').fill('7 cm')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('status').filter({ hasText: 'Comfrey' })).toContainText('Comfrey lives in')
    await page.getByRole('link', { name: 'Comfrey' }).click()
    await expect(page.getByRole('region', { name: 'The homes ahead' })).toContainText('to build')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('status')).toContainText('Taken back')
    await page.goto('/fish')
    await expect(page.getByRole('link', { name: 'Bramble' })).toBeVisible()
    await expect(page.getByRole('link', { name: 'Comfrey' })).toHaveCount(0)
})

test('what could live in a system, filtered', async ({ page }) => {
    await page.getByRole('link', { name: 'Systems' }).click()
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Lock pond' })
        .getByRole('link', { name: 'What could live here?' })
        .click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Lock pond for life')
    await expect(page.getByRole('row', { name: /Koi/ })).toContainText('for life, 3 to')
    await page.getByLabel('Role').selectOption('shoal')
    await expect(page.getByRole('row', { name: /Koi/ })).toHaveCount(0)
    await expect(page.getByRole('row', { name: /Orfe/ })).toBeVisible()
    await page.getByRole('button', { name: /Show the \d+ that do not fit/ }).click()
    await expect(page.getByRole('row', { name: /Neon tetra/ })).toContainText('falls to 4 °C in winter')
    await expectAccessible(page)
})

test('what could live with a fish starts from its home', async ({ page }) => {
    await openFish(page, 'Thistle')
    await page.getByRole('link', { name: 'What could live with it?' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Gauge tank with Thistle')
})

test('a place to go to is written down and the reminder goes', async ({ page }) => {
    await expect(page.getByRole('region', { name: 'Where would they go?' })).toContainText('Burr')
    await openFish(page, 'Burr')
    await page.getByRole('button', { name: 'Change where it comes from and would go' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Where from').selectOption('tank-raised')
    await slip.getByLabel('Where it could go if it cannot stay').fill('Back to the breeder')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('status')).toContainText('where Burr comes from')
    await page.getByRole('link', { name: 'Today' }).click()
    await expect(page.getByRole('region', { name: 'Where would they go?' })).not.toContainText('Burr')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('region', { name: 'Where would they go?' })).toContainText('Burr')
})

test('on a phone the desk opens as a slip', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByRole('dialog').getByRole('link', { name: 'Weigh up' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Which fish are you thinking of?')
})
