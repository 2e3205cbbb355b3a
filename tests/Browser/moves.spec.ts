import { expect, test } from './test'
import type { Page } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScrolling, openFish, signIn } from './keeper'

test.use({ viewport: { width: 390, height: 844 } })

test.beforeEach(async ({ page }) => signIn(page))

async function openMoves(page: Page): Promise<void> {
    await page.goto('/moves')
    await expect(page.getByRole('button', { name: 'Plan a move' })).toBeVisible()
}

async function plan(page: Page, from: string, who: string, to: string): Promise<void> {
    await openMoves(page)
    await page.getByRole('button', { name: 'Plan a move' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('From').selectOption(from)
    await slip.getByLabel('To', { exact: true }).selectOption(to)
    await slip.getByLabel(who).check()
    await slip.getByRole('button', { name: 'Save the move' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(`${who} to ${to}`)
}

/** With a reason where something forbids it. */
async function finish(page: Page): Promise<void> {
    const reason = page.getByLabel('Why it is done all the same')
    if (await reason.isVisible()) {
        await page.getByRole('button', { name: 'Save: the move is made' }).click()
        await expect(page.getByText('Write down why it is done all the same.')).toBeVisible()
        await reason.fill('The floor is being mended')
        await page.getByRole('button', { name: 'Save the reason' }).click()
        await expect(page.getByText('The reason is kept.')).toBeVisible()
    }
    await page.getByRole('button', { name: 'Save: the move is made' }).click()
    await expect(page.getByText('The watch begins.')).toBeVisible()
}

test('who comes to look finds the signs open; who comes by has them folded', async ({ page }) => {
    await openMoves(page)
    const watch = page.locator('[id^=addition-]').filter({ hasText: 'Burr' })
    await expect(watch.getByRole('button', { name: 'All good' })).toBeVisible()
    await expect(watch.getByRole('button', { name: 'hides' })).toHaveCount(0)
    await watch.getByRole('button', { name: 'Not well: Burr' }).click()
    await expect(watch.getByRole('button', { name: 'hides' })).toBeVisible()
    // As "Look" on Today leads there, when a look is due: at first light, at noon, in the evening.
    const address = `/moves#${await watch.getAttribute('id')}`
    await page.goto('/fish')
    await page.goto(address)
    await expect(watch.getByRole('button', { name: 'hides' })).toBeVisible()
})

test('a move is planned, run and watched', async ({ page }) => {
    await plan(page, 'Kiln vat', 'Hazel', 'Boathouse vat')
    await expect(page.getByRole('heading', { name: 'Have at hand' })).toBeVisible()
    await page.getByRole('button', { name: 'Done: Lay everything out' }).click()
    await expect(page.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
    // What comes after the next part is folded on a phone, and is at hand.
    await page.getByRole('button', { name: /^Carrying/ }).click()
    await page
        .getByRole('button', { name: /^Start the clock/ })
        .first()
        .click()
    await expect(page.getByRole('timer').first()).toContainText('left')
    await page.goto('/species')
    await expect(page.getByRole('timer'), 'it runs wherever one goes').toContainText('left')
    await expectAccessible(page)
    await expectNoSidewaysScrolling(page)
    await page.goBack()
    await page.getByRole('button', { name: /^Stop:/ }).click()
    await expect(page.getByRole('timer')).toHaveCount(0)
    await page.reload()
    await expect(page.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
    await expectAccessible(page)
    await expectNoSidewaysScrolling(page)
    const printed = (
        await page.pdf({ format: 'A4', margin: { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' } })
    ).toString('latin1')
    expect(printed.match(/\/Type\s*\/Page\b(?!s)/g)?.length, 'it prints on one page').toBe(1)
    const before = page.getByRole('region', { name: 'Before', exact: true })
    await expect(page.getByRole('button', { name: /^Catching/ })).toHaveAttribute('aria-expanded', 'false')
    const todo = before.getByRole('button', { name: /^Done: / })
    while ((await todo.count()) > 0) {
        const left = await todo.count()
        await todo.first().click()
        await expect(todo).toHaveCount(left - 1)
    }
    await expect(page.getByRole('button', { name: /^Catching/ })).toHaveAttribute('aria-expanded', 'true')
    await expect(before.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
    await page.getByRole('button', { name: /^Before/ }).click()
    await expect(before.getByRole('button', { name: 'Undo: Lay everything out' })).toBeHidden()
    await finish(page)
    const watch = page.locator('[id^=addition-]').filter({ hasText: 'Hazel' })
    await expect(watch).toContainText('Not settled yet')
    await watch.getByLabel('It ate').check()
    await watch.getByRole('button', { name: 'All good' }).click()
    await expect(page.getByText('Looked at Hazel.')).toBeVisible()
    await expect(watch.getByRole('listitem').first()).toContainText('ate')
    await expectAccessible(page)
})

test('a bad watch climbs the ladder and leads to a time-out', async ({ page }) => {
    await openMoves(page)
    const watch = page.locator('[id^=addition-]').filter({ hasText: 'Burr' })
    await watch.getByRole('button', { name: 'Not well: Burr' }).click()
    await watch.getByRole('button', { name: 'torn fins' }).click()
    await watch.getByLabel('Chased by').selectOption('Thistle')
    await watch.getByRole('button', { name: 'Save the look' }).click()
    await expect(watch).toContainText('Not settled yet: Thistle chased it')
    await expect(watch).toContainText('Try next: Move the decor.')
    await watch.getByLabel('If still chased at').fill('22:30')
    await watch.getByRole('button', { name: 'Tried now' }).click()
    await expect(watch).toContainText('if still chased at 22:30 it comes out')
    await watch.getByLabel('What came of it').last().selectOption('no')
    await watch.getByRole('button', { name: 'Not well: Burr' }).click()
    await watch.getByRole('button', { name: 'cloudy eye' }).click()
    await watch.getByRole('button', { name: 'Save the look' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        'Take Burr out now: it has a cloudy eye.',
    )
    await watch.getByRole('button', { name: 'Take it out: a time-out' }).click()
    const slip = page.getByRole('dialog')
    await expect(slip.getByLabel('A time-out')).toBeChecked()
    await slip.getByLabel('To', { exact: true }).selectOption('Porch tank')
    await slip
        .getByLabel('Interim: until')
        .fill(new Date(Date.now() + 7 * 86_400_000).toISOString().slice(0, 10))
    await slip.getByRole('button', { name: 'Save the move' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Burr to Porch tank')
    await finish(page)
    await expect(
        page
            .getByText('One time-out so far, no came back and settled.')
            .or(page.getByText(/One time-out so far/)),
    ).toBeVisible()
})

test('those that went in together are looked at together, with the exceptions', async ({ page }) => {
    await openMoves(page)
    await page.getByRole('button', { name: 'Plan a move' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('From').selectOption('Kiln vat')
    await slip.getByLabel('To', { exact: true }).selectOption('Lock pond')
    await slip.getByLabel('Clover').check()
    await slip.getByLabel('Yarrow').check()
    await slip.getByRole('button', { name: 'Save the move' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('to Lock pond')
    await page.getByRole('button', { name: 'Change the steps' }).click()
    const steps = page.getByRole('dialog')
    await steps.getByRole('button', { name: /^Down: Lay everything out/ }).click()
    await steps.getByLabel('A step of your own').fill('Phone the neighbour')
    await steps.getByRole('button', { name: 'Add it' }).click()
    await expectAccessible(page)
    await steps.getByRole('button', { name: 'Save the steps' }).click()
    await expect(page.getByText('Phone the neighbour')).toBeVisible()
    await finish(page)
    const addition = page.locator('[id^=addition-]').filter({ hasText: 'Clover' })
    await expect(addition).toContainText('Two went in together.')
    await addition.getByRole('button', { name: 'Not well: Yarrow' }).click()
    await addition.getByRole('button', { name: 'torn fins' }).click()
    await addition.getByLabel('They ate').check()
    await addition.getByRole('button', { name: 'All good but Yarrow' }).click()
    await expect(addition).toContainText('it has torn fins')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(addition).not.toContainText('it has torn fins')
})

test('part of a shoal goes, and the move is undone at the foot', async ({ page }) => {
    await openMoves(page)
    await page.getByRole('button', { name: 'Plan a move' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('From').selectOption('Long tank')
    await slip.getByLabel('To', { exact: true }).selectOption('Boathouse vat')
    await slip.getByLabel('Barbs').check()
    await slip.getByLabel('How many of Barbs (12 there)').fill('40')
    await slip.getByRole('button', { name: 'Save the move' }).click()
    await expect(slip.getByText('Barbs: 12 are there.')).toBeVisible()
    await slip.getByLabel('How many of Barbs (12 there)').fill('4')
    await slip.getByRole('button', { name: 'Save the move' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('4 of Barbs to Boathouse vat')
    await finish(page)
    await page.goto('/fish')
    await expect(page.getByText('Barbs 2 (4)')).toBeVisible()
    await expect(page.getByText('Barbs (8)')).toBeVisible()
})

test('quarantine is not left while a rule fails', async ({ page }) => {
    await openMoves(page)
    await page.getByRole('button', { name: 'Release it' }).click()
    await expect(page.getByRole('alert')).toContainText('Its time is up on')
    await page.getByRole('button', { name: 'A treatment' }).click()
    const slip = page.getByRole('dialog')
    await slip.getByLabel('What it is').selectOption('copper')
    await expect(slip.getByText('never into the display').first()).toBeVisible()
    await slip.getByLabel('Dose, as the label gives it').fill('by the label')
    await slip.getByRole('button', { name: 'A treatment' }).click()
    await expect(page.getByText('The label and a vet decide.')).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('Taken back.')).toBeVisible()
})

test('the round leads to what is due, and the calendar has an address', async ({ page }) => {
    await page.goto('/')
    await expect(page.getByRole('button', { name: /^Look Alder/ })).toBeVisible()
    await page.getByRole('button', { name: 'Eats, no sign: Alder' }).click()
    await expect(page.getByText('Looked at Alder.')).toBeVisible()
    await expect(page.getByRole('button', { name: /^Look Alder/ })).toBeHidden()
    await page.getByRole('button', { name: 'Undo' }).click()
    await page.getByRole('button', { name: /^Look Alder/ }).click()
    await expect(page.getByRole('heading', { name: 'Quarantine', exact: true })).toBeVisible()
    await page.getByRole('button', { name: 'Make an address' }).click()
    await expect(page.getByText(/\/calendar\/[A-Za-z0-9]+\.ics/)).toBeVisible()
})

test('a move that is not made yet is prepared from the fish, and Moves stand at the foot', async ({
    page,
}) => {
    await openFish(page, 'Tansy')
    await page.getByRole('button', { name: 'Move', exact: true }).click()
    await page.getByRole('link', { name: /^Not made yet/ }).click()
    const slip = page.getByRole('dialog')
    await expect(slip.getByLabel('From').locator('option:checked')).toHaveText('Cabin tank')
    await expect(slip.getByLabel('Tansy')).toBeChecked()
    await slip.getByRole('button', { name: 'Cancel' }).click()
    await expect(page).toHaveURL(/\/moves$/)
    await expect(slip).toHaveCount(0)
    const foot = page.getByRole('navigation', { name: 'Places' })
    await expect(foot.getByRole('link', { name: 'Moves' })).toHaveAttribute('aria-current', 'page')
    await foot.getByRole('button', { name: 'More' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByLabel('Password')).toBeVisible()
})

test('a look that is sent again because no answer came is recorded once', async ({ page }) => {
    await openMoves(page)
    const keys: string[] = []
    await page.route('**/api/v1/watches/*/checks', async (route) => {
        keys.push(route.request().headers()['idempotency-key'] ?? '')
        if (keys.length > 1) {
            return route.continue()
        }
        await route.fetch()
        await route.abort()
    })
    await page.getByRole('button', { name: 'All good' }).first().click()
    await expect(page.getByRole('status')).toContainText('The entry that was kept here is written down')

    expect(keys).toHaveLength(2)
    expect(keys[0]).not.toBe('')
    expect(keys[1]).toBe(keys[0])
})

test('a look that nobody answers is kept while the page is still coming, and parts that did not come are fetched again', async ({
    page,
}) => {
    const gone = ['**/build/assets/Kept-*.js', '**/up', '**/api/v1/watches/*/checks']
    for (const address of gone) {
        await page.route(address, (route) => route.abort())
    }
    const asked = page.waitForRequest('**/up')
    await openMoves(page)
    await asked
    await page.getByRole('button', { name: 'All good' }).first().click()
    await expect(page.getByRole('status')).toContainText('kept on this device')

    await page.unrouteAll()

    await expect(page.getByRole('status')).toContainText('The entry that was kept here is written down')
})
