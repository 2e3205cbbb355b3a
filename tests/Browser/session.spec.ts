import { expect, test } from './test'
import { EMAIL, expectAccessible, fillSignIn, openFish, signIn } from './keeper'

test('a wrong password is named, the right one opens the round', async ({ page }) => {
    await page.goto('/')
    await fillSignIn(page, 'not it')
    await expect(page.getByRole('alert')).toContainText('do not belong together')
    await expect(page.getByLabel('E-mail')).toHaveValue(EMAIL)
    await expectAccessible(page)
    await fillSignIn(page)
    await expect(page.getByRole('heading', { level: 1 })).toContainText('to measure')
})

test('signing out closes the door', async ({ page }) => {
    await signIn(page)
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByLabel('E-mail')).toBeVisible()
})

test('an ended session asks to sign in again and keeps what was typed', async ({ page, context }) => {
    await signIn(page)
    await openFish(page, 'Clover')
    await page.getByLabel('Length', { exact: true }).fill('57.3')
    await expect(page.getByText(/(more|less) than on/)).toBeVisible()
    await context.clearCookies()
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByText('Your session has ended')).toBeVisible()
    await fillSignIn(page)
    await expect(page.getByRole('status')).toContainText('Recorded: Clover, 57.3 cm.')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('status')).toContainText('Taken back')
})

test('the first run creates the owner, naming what to mend', async ({ page, emptyURL }) => {
    await page.goto(`${emptyURL}/`)
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page.getByText('Type your name.')).toBeVisible()
    await page.getByLabel('Your name').fill('Ann Example')
    await page.getByLabel('E-mail').fill('ann@otter-weir.example')
    await page.getByLabel('Password').fill('ten letters at least')
    await page.getByLabel('Name of the place').fill('Otter Weir')
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page.getByText('Otter Weir')).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('No systems yet')
})
