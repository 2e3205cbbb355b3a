import { expect, test } from './test'
import { openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('the focus goes to the heading of the page that was opened, and of the one gone back to', async ({
    page,
}) => {
    const heading = page.getByRole('heading', { level: 1 })
    await page.getByRole('link', { name: 'Systems', exact: true }).click()
    await expect(page).toHaveURL(/systems/)
    await expect(heading).toBeFocused()
    await page.getByRole('link', { name: 'Long tank' }).first().click()
    await expect(page).toHaveURL(/systems\/\d+/)
    await expect(heading).toBeFocused()
    await page.goBack()
    await expect(page).toHaveURL(/systems$/)
    await expect(heading).toBeFocused()
})

test('the first key of Tab offers a way past the tape of places', async ({ page }) => {
    await page.goto('/')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.keyboard.press('Tab')
    const skip = page.getByRole('link', { name: 'To the page' })
    await expect(skip).toBeFocused()
    await expect(skip).toBeInViewport()
    await page.keyboard.press('Enter')
    await page.keyboard.press('Tab')
    const focused = page.locator(':focus')
    await expect(focused).toBeVisible()
    expect(await focused.evaluate((element) => element.closest('main') !== null)).toBe(true)
})

test('a dialog gives the focus back to what opened it', async ({ page }) => {
    await openFish(page, 'Bramble')
    const opener = page.getByRole('button', { name: 'Change what it is' })
    await opener.click()
    const dialog = page.getByRole('dialog')
    await expect(dialog).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(dialog).toBeHidden()
    await expect(opener).toBeFocused()
})
