import { expect, test } from './test'
import { filmed, keepLength, markFish, someFishOf } from './camera'
import { PHONE, expectNoSidewaysScrolling, linkIn, openSheet, openSystem, signIn, somebody } from './keeper'

test('a day: the round on the phone, the evening at the desk', async ({ page, browser, database }) => {
    test.slow()
    await page.setViewportSize(PHONE)
    await signIn(page, '/')
    const book = page.getByRole('region', { name: /^due today/ })
    await expect(book.getByRole('listitem').first()).toBeVisible()
    const due = await book.getByRole('listitem').count()

    // In three taps beside the figure, and the next one is asked for.
    await page.getByRole('button', { name: 'Length', exact: true }).click()
    const slip = page.getByRole('dialog')
    const first = await slip.getByLabel('Fish').inputValue()
    await slip.getByLabel('Length', { exact: true }).fill('34.6')
    await slip.getByRole('button', { name: /^Save, then/ }).click()
    await expect(slip.getByLabel('Fish')).not.toHaveValue(first)
    await page.keyboard.press('Escape')
    await expect(book.getByRole('listitem')).toHaveCount(due - 1)

    // What is wrong with a water leads to what to do about it.
    await page.getByRole('button', { name: 'Open Sluice tank' }).click()
    await expect(page.getByRole('region', { name: 'Water', exact: true })).toContainText(/[Nn]itrite/)
    await page.getByRole('link', { name: 'Today', exact: true }).click()

    await page.getByRole('button', { name: 'Water test' }).click()
    await expect(slip.getByLabel('Home').locator('option:checked')).toHaveText('Sluice tank')
    await slip.getByLabel(/^Nitrite/).fill('0.05')
    await slip.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(slip).toHaveCount(0)

    await page.getByRole('button', { name: /^Feeding/ }).click()
    const porch = page.getByRole('region', { name: 'Feeding', exact: true }).getByRole('listitem').first()
    await porch.getByRole('button', { name: /^Fed:/ }).click()
    await expect(porch).toContainText('fed')

    // Nobody is lost because one count was low; after three in a row somebody is.
    for (const line of [
        'Burr chased Thistle, torn fin',
        'count barbs 10 seen',
        'changed 30% porch',
        'count barbs 9 seen',
        'count barbs 10 seen',
    ]) {
        await page.getByRole('button', { name: 'Write', exact: true }).click()
        await slip.getByLabel('What happened').fill(line)
        await slip.getByRole('button', { name: 'Write it down', exact: true }).click()
        await expect(slip).toHaveCount(0)
    }
    await expectNoSidewaysScrolling(page)

    await page.setViewportSize({ width: 1280, height: 800 })
    await filmed(database, test.info().parallelIndex, async (still, scene) => {
        await openSystem(page, 'Porch tank')
        await openSheet(page, 'Diary')
        await page.getByText('Camera', { exact: true }).click()
        await page.getByLabel('Address of its still image').fill(still)
        await page.getByRole('button', { name: 'Save the address' }).click()
        await page.getByRole('button', { name: 'Take a picture with it' }).click()
        await expect(page.getByLabel('Whose length it is').locator('option:checked')).toHaveText('Bramble')
        const fish = someFishOf(scene)
        await markFish(page, scene, fish)
        await keepLength(page, fish.name)
    })

    await page.keyboard.press('w')
    await page.getByRole('combobox', { name: 'Species' }).fill('oscar')
    await page.getByRole('option', { name: /^Oscar/ }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Take it only if')

    await page.getByRole('link', { name: 'Plan', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Bramble moves to Kiln vat')
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await page.getByRole('link', { name: /Bramble from Porch tank to Kiln vat/ }).click()
    await expect(page.getByRole('heading', { name: 'Have at hand' })).toBeVisible()
    const reason = page.getByLabel('Why it is done all the same')
    if (await reason.isVisible()) {
        await reason.fill('The Porch tank is wanted')
        await page.getByRole('button', { name: 'Save the reason' }).click()
    }
    await page.getByRole('button', { name: 'Save: the move is made' }).click()
    await expect(page.getByText('The watch begins.')).toBeVisible()

    await page.getByRole('link', { name: 'Plan', exact: true }).click()
    await page.getByRole('button', { name: 'Look for a plan' }).click()
    await page.getByRole('button', { name: 'Follow this plan' }).click({ timeout: 30_000 })
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await expect(page.getByText(/by the plan to/).first()).toBeVisible()

    await page.getByRole('button', { name: 'Open Barbs', exact: true }).click()
    await expect(page.getByRole('region', { name: 'How many are there' })).toBeInViewport()
    await page.getByRole('button', { name: 'Write 2 down as vanished' }).click()
    await expect(page.getByText(/^Barbs: 2 vanished/)).toBeVisible()

    await page.goto('/settings/sitter')
    await page.getByLabel('Who looks after the fish').fill('Ada')
    await page.getByLabel('Whom to call, with the number').fill('Rose, 01632 960 001')
    await page.getByRole('button', { name: 'Make the link' }).click()
    const ada = await somebody(browser, await linkIn(page))
    await ada.getByRole('button', { name: 'Fed: Sluice tank', exact: true }).click()
    await expect(ada.getByRole('region', { name: 'Sluice tank' }).getByText(/Fed, \d\d:\d\d/)).toBeVisible()
    await page.keyboard.press('Escape')

    await page.getByRole('link', { name: 'Log', exact: true }).click()
    for (const told of [
        /Ada .*Sluice tank/,
        /Barbs.*vanished/,
        /Bramble moved from Porch tank to Kiln vat/,
        /Burr .*Thistle/,
        /Barbs.*10/,
        /Porch tank.*30 %/,
    ]) {
        await expect(page.getByRole('button', { name: told }).first()).toBeVisible()
    }
})
