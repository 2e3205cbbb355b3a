import type { Page } from '@playwright/test'
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
    // An answer that is still under way would bring a cookie of its own.
    await untilAllIsRead(page)
    await context.clearCookies()
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByText('Your session has ended')).toBeVisible()
    await fillSignIn(page)
    await expect(page.getByRole('status')).toContainText('Recorded: Clover, 57.3 cm.')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('status')).toContainText('Taken back')
})

/** Nothing has been asked for a while: what is read ahead for a round, five seconds after the page, is there. */
async function untilAllIsRead(page: Page): Promise<void> {
    let last = Date.now()
    page.on('request', () => (last = Date.now()))
    page.on('requestfinished', () => (last = Date.now()))
    await page.waitForTimeout(5_000)
    await expect.poll(() => Date.now() - last, { timeout: 30_000 }).toBeGreaterThan(1_500)
}

async function beOwner(page: Page): Promise<void> {
    await page.getByLabel('Your name').fill('Ann Example')
    await page.getByLabel('E-mail').fill('ann@otter-weir.example')
    await page.getByLabel('Password').fill('ten letters at least')
    await page.getByLabel('Name of the place').fill('Otter Weir')
    await page.getByLabel('Money').selectOption('EUR')
    await page.getByRole('button', { name: 'Begin' }).click()
}

/** Its owner comes in; where this is tried once more, the place is empty again and has none yet. */
async function comeInAsOwner(page: Page): Promise<void> {
    const door = page.getByRole('button', { name: 'Sign in' })
    await expect(door.or(page.getByRole('button', { name: 'Begin' }))).toBeVisible()
    if (await door.isVisible()) {
        await page.getByLabel('E-mail').fill('ann@otter-weir.example')
        await page.getByLabel('Password').fill('ten letters at least')
        await door.click()
    } else {
        await beOwner(page)
    }
}

test('the first run creates the owner, naming what to mend', async ({ page, emptyURL }) => {
    await page.goto(`${emptyURL}/`)
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page.getByText('Type your name.')).toBeVisible()
    await beOwner(page)
    await expect(page.getByText('Otter Weir')).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('No systems yet')
})

test('an empty place loads the demo, retires a system, and is cleared', async ({ page, emptyURL }) => {
    await page.goto(`${emptyURL}/`)
    await comeInAsOwner(page)
    await page.getByRole('button', { name: 'Load the demo' }).click()
    await expect(page.getByText('This is the demo.')).toBeVisible()
    await expect(page.getByRole('link', { name: 'Add fish' })).toBeVisible()

    await page.goto(`${emptyURL}/weigh-up?species=Oscar`)
    await expect(page.getByText(/about €[\d\u202f]+ over \d+ years/)).toBeVisible()

    await page.goto(`${emptyURL}/systems/new`)
    await page.getByLabel('Name').fill('Spare tank')
    for (const [side, size] of [
        ['Length', '120 cm'],
        ['Front to back', '50 cm'],
        ['Depth of the water', '50 cm'],
    ] as const) {
        await page.getByLabel(side).fill(size)
    }
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Spare tank stands empty.')
    await page.getByRole('button', { name: 'Change it' }).click()
    await page.getByRole('button', { name: 'Retire it' }).click()
    const former = page.getByRole('region', { name: 'Former systems' })
    await expect(former).toContainText('Spare tank')
    await former.getByRole('button', { name: 'Use it again' }).click()
    await expect(former).toHaveCount(0)

    await page.getByRole('link', { name: 'Today' }).click()
    await page.getByRole('button', { name: 'Clear it and begin with your own' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Clear it', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('No systems yet')
})

test('the place is renamed and measured in inches, and back', async ({ page }) => {
    await signIn(page)
    await page.getByRole('link', { name: 'Settings' }).click()
    await page.getByRole('link', { name: /^The place/ }).click()
    const place = page.getByRole('region', { name: 'The place' })
    await place.getByLabel('Name of the place').fill('Reed house')
    await place.getByLabel('Units').selectOption('us')
    await expect(place.getByLabel('Lengths')).toHaveValue('us')
    await place.getByLabel('Temperatures').selectOption('metric')
    await expectAccessible(page)
    await place.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('Reed house', { exact: true })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('Heron Lock', { exact: true })).toBeVisible()
})
