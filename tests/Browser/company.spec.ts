import { expect, test } from './test'
import { expectAccessible, signIn } from './keeper'

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
