import { expect, test } from './test'
import {
    PHONE,
    expectAccessible,
    expectNoSidewaysScrolling,
    openFish,
    openSheet,
    openSystem,
    signIn,
} from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('one tap feeds a home, a held one asks how it went, and both are taken back', async ({ page }) => {
    await page.setViewportSize(PHONE)
    await page.goto('/')
    const round = page.getByRole('region', { name: 'Feeding', exact: true })
    await round.getByRole('button', { name: /^Feeding/ }).click()
    const porch = round.getByRole('listitem').filter({ hasText: 'Porch tank' })
    await porch.getByRole('button', { name: /^Fed:/ }).click()
    await expect(porch).toContainText('1 of 2')
    await expect(porch).toContainText('fed')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(porch).not.toContainText('1 of 2')

    // A finger that rests.
    await porch.getByRole('button', { name: /^Fed:/ }).click({ delay: 800 })
    const slip = page.getByRole('dialog')
    await expect(slip).toContainText('How it went')
    await slip.getByText('some was left').click()
    await slip.getByLabel('Eaten of it, %').fill('140')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(slip.getByRole('alert').first()).toContainText('Give per cent: from 0 to 100.')
    await slip.getByLabel('Eaten of it, %').fill('40')
    await expect(slip.getByRole('alert'), 'what was refused stands there no longer').toHaveCount(0)
    await slip.getByLabel('What was given').selectOption('Earthworms')
    await slip.getByLabel('How many').fill('5')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await expect(porch).toContainText('some was left')
    await expectNoSidewaysScrolling(page)
    await page.goto('/log?group=feeding')
    await expect(
        page.getByRole('button', { name: /Porch tank: fed 5 Earthworms; some was left/ }),
    ).toBeVisible()
})

test('the store says how long food lasts, and what is bought lasts longer', async ({ page }) => {
    await page.keyboard.press('o')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Buy a pack of Frozen bloodworm now.')
    await expectAccessible(page)
    await page.getByRole('button', { name: /^Bought: Buy a pack of Frozen bloodworm/ }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('How much, g').fill('-5')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(slip.getByRole('alert').first()).toContainText('Give more than nothing.')
    await slip.getByLabel('How much, g').fill('500')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(page.getByRole('heading', { level: 1 })).not.toContainText('bloodworm')
    await page.setViewportSize(PHONE)
    await expectNoSidewaysScrolling(page)
})

test('a food is added, planned for a home and eaten by a fish by itself', async ({ page }) => {
    await page.goto('/food')
    await page.getByRole('button', { name: 'Add a food' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Name').fill('Silversides')
    await slip.getByLabel('Protein, % as it is given').fill('16')
    await slip.getByLabel('What is not water, %').fill('12')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(slip.getByRole('alert').first()).toContainText('no more than is not water')
    await slip.getByLabel('What is not water, %').fill('22')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('Silversides is kept here.')).toBeVisible()

    await openSystem(page, 'Sluice tank')
    await openSheet(page, 'Feeding')
    await page.getByRole('button', { name: /^Plan what is fed: Sedge/ }).click()
    await slip.getByLabel('Food 1').selectOption('Silversides')
    await slip.getByLabel('Share, %').first().fill('50')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(slip.getByRole('alert').first()).toContainText('100 %')
    await slip.getByLabel('Share, %').first().fill('60')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('region', { name: 'Feeding', exact: true })).toContainText('of Silversides')

    await openFish(page, 'Rush')
    const feeding = page.getByRole('region', { name: 'Feeding', exact: true })
    await expect(feeding).toContainText('with Sedge, Rill, Osier, Rush')
    await feeding.getByRole('button', { name: 'Feed it by itself' }).click()
    await slip.getByLabel('Food 1').selectOption('Silversides')
    await slip.getByRole('button', { name: 'Save' }).click()
    await expect(feeding).toContainText('by itself')
    await feeding.getByRole('button', { name: 'It did not eat' }).click()
    await expect(feeding).toContainText('did not eat')
})

test('a culture is counted, and a payment stands in the costs', async ({ page }) => {
    await page.goto('/food')
    await page.getByRole('button', { name: 'Count Worm bin' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('How many').fill('0')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(page.getByText(/The last count found none: it is gone/)).toBeVisible()
    await page.getByRole('link', { name: 'What it all costs' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('of it is power.')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Write down a payment' }).click()
    await slip.getByLabel('For what', { exact: true }).fill('A new pump')
    await slip.getByLabel('How much').fill('nothing')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(slip.getByRole('alert').first()).toContainText('more than 0')
    await slip.getByLabel('How much').fill('85')
    await slip.getByRole('button', { name: 'Write down' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.setViewportSize(PHONE)
    await expectNoSidewaysScrolling(page)
    await page.goto('/log?group=store')
    await expect(page.getByRole('button', { name: /85 paid for A new pump/ })).toBeVisible()
})
