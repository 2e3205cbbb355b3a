import { expect, test } from './test'
import { PHONE, expectAccessible, expectNoSidewaysScrolling, linkIn, signIn, somebody } from './keeper'
import { PAGES } from './pages'

test.describe('settings', () => {
    test.beforeEach(async ({ page }) => signIn(page))

    test('every sheet is found', async ({ page }) => {
        await page.goto('/settings')
        await expect(page.getByRole('heading', { level: 1 })).toContainText('Three people')
        const sheets = await page
            .locator('main a')
            .evaluateAll((links) => links.map((link) => link.getAttribute('href') ?? ''))
        expect(sheets.length).toBe(8)
        // Whether they are sound is tried with all others.
        expect(PAGES).toEqual(expect.arrayContaining(sheets))
        for (const sheet of sheets) {
            await page.goto(sheet)
            await expect(page.getByRole('link', { name: 'All settings' })).toBeVisible()
            await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty()
        }
    })

    test('a folder with a long name does not push the page sideways', async ({ page }) => {
        await page.route('**/api/v1/backups', async (route) => {
            const answer = await route.fetch()
            const backups = (await answer.json()) as { folder: string }
            await route.fulfill({ json: { ...backups, folder: `/${'yard'.repeat(20)}/backups` } })
        })
        await page.setViewportSize(PHONE)
        await page.goto('/settings/backups')
        await expect(page.getByText('yardyard')).toBeVisible()
        await expectNoSidewaysScrolling(page)
    })

    test('somebody is invited, comes in, and may what was said and no more', async ({ page, browser }) => {
        await page.goto('/settings/people')
        await page.getByRole('button', { name: 'Invite somebody' }).click()
        await page.getByLabel('Who', { exact: true }).fill('Tess')
        await page.getByLabel('As what').selectOption('helper')
        await page.getByRole('button', { name: 'Make the link' }).click()
        await expect(page.getByRole('dialog').locator('code')).toContainText('/invitation#')
        const link = await linkIn(page)

        const tess = await somebody(browser, link)
        await expect(tess.getByRole('heading', { level: 1 })).toHaveText(
            'Tess, you are invited to Heron Lock.',
        )
        await expectAccessible(tess)
        await tess.getByLabel('E-mail').fill('keeper@heron-lock.example')
        await tess.getByLabel('Password').fill('short')
        await tess.getByRole('button', { name: 'Come in' }).click()
        await expect(tess.getByText('Somebody here has this address already.')).toBeVisible()
        await tess.getByLabel('E-mail').fill('tess@heron-lock.example')
        await tess.getByLabel('Password').fill('ten letters at least')
        await tess.getByRole('button', { name: 'Come in' }).click()
        await expect(tess.getByRole('link', { name: 'Today' })).toBeVisible()
        await tess.goto('/settings')
        await expect(tess.getByRole('heading', { level: 1 })).toHaveText('You are signed in as Tess: helper.')
        await expect(tess.getByRole('link', { name: /^People/ })).toHaveCount(0)
        await tess.goto('/settings/people')
        await expect(tess.getByText('Page not found.')).toBeVisible()

        await page.goto('/settings/people')
        await page.getByLabel('What Tess may do').selectOption('keeper')
        await expect(page.getByText('Tess is now keeper.')).toBeVisible()
        await page.getByRole('button', { name: 'Let go: Tess' }).click()
        await expect(page.getByText('Tess may not come in any more.')).toBeVisible()
        await tess.goto('/')
        await expect(tess.getByRole('heading', { level: 1 })).toHaveText('Sign in')
        const again = await somebody(browser, link)
        await expect(again.getByText('This invitation was used, withdrawn, or is over.')).toBeVisible()
    })

    test('a sitter ticks the round on a phone, and it stands in the log', async ({ page, browser }) => {
        await page.goto('/settings/sitter')
        await page.getByLabel('Who looks after the fish').fill('Ada')
        await page.getByRole('button', { name: 'Make the link' }).click()
        await expect(page.getByText('Say whom to call, with the number.')).toBeVisible()
        await page.getByLabel('Whom to call, with the number').fill('Rose, 01632 960 001')
        await page.getByRole('button', { name: 'Make the link' }).click()
        await expect(page.getByRole('dialog').locator('code')).toContainText('/sitter#')
        const link = await linkIn(page)

        const ada = await somebody(browser, link)
        await expect(ada.getByRole('heading', { level: 1 })).toContainText('Good day Ada')
        await expectAccessible(ada)
        await expectNoSidewaysScrolling(ada)
        const porch = ada.getByRole('region', { name: 'Porch tank' })
        await porch.getByRole('button', { name: 'Some was left: Porch tank' }).click()
        await expect(porch.getByText(/Some was left, \d\d:\d\d/)).toBeVisible()
        await porch.getByRole('button', { name: 'Not well: Porch tank' }).click()
        await porch.getByRole('button', { name: 'Send', exact: true }).click()
        await expect(porch.getByRole('alert')).toHaveText('Write what you saw.')
        await porch.getByLabel('What did you see in Porch tank?').fill('It hangs at the surface.')
        await porch.getByRole('button', { name: 'Send', exact: true }).click()
        await expect(porch.getByText('It hangs at the surface.')).toBeVisible()
        await porch.getByRole('button', { name: 'Not so: Some was left, Porch tank' }).click()
        await porch.getByRole('button', { name: 'Fed: Porch tank', exact: true }).click()
        await expect(porch.getByText(/Fed, \d\d:\d\d/)).toBeVisible()
        await ada.goto('/fish')
        await expect(ada.getByRole('heading', { level: 1 })).toHaveText('Sign in')

        await page.goto('/log')
        await expect(page.getByText(/Ada looked at Porch tank: not all well: It hangs/).first()).toBeVisible()
        await page.goto('/settings/letters')
        await expect(page.getByText('Not all is well in Porch tank')).toBeVisible()
        await page.goto('/settings/sitter')
        await page.getByRole('button', { name: 'Take back the link of Ada' }).click()
        await expect(page.getByText('The link opens nothing any more.')).toBeVisible()
        const late = await somebody(browser, link)
        await expect(late.getByRole('alert')).toHaveText('This link opens nothing. Ask for another.')
    })

    test('a table is looked at, written and taken back', async ({ page }) => {
        await page.goto('/settings/files')
        await page.getByRole('button', { name: 'Look at it first' }).click()
        await expect(page.getByText('Choose a file with a table in it, or paste one.')).toBeVisible()
        const day = new Date(Date.now() - 3 * 86_400_000).toISOString().slice(0, 10)
        await page
            .getByLabel('Or paste it here')
            .fill(`who;day;length (mm)\nBramble;${day};341\nBrambel;${day};342\nMoss;${day};3400`)
        await page.getByRole('button', { name: 'Look at it first' }).click()
        await expect(page.getByRole('heading', { level: 1 })).toHaveText(
            'One row of the pasted table is good.',
        )
        await expect(
            page.getByText('Nobody and nothing here is called “Brambel”. Near to it: Bramble.'),
        ).toBeVisible()
        await expectAccessible(page)
        await page.getByRole('button', { name: 'Write one row down' }).click()
        await expect(page.getByRole('heading', { level: 1 })).toHaveText(
            'One entry of the pasted table is written.',
        )
        await page.getByRole('button', { name: 'Take it back' }).click()
        await expect(page.getByRole('heading', { level: 1 })).toHaveText(
            'What the pasted table wrote is taken back.',
        )
    })

    test('a backup and a package are made and fetched', async ({ page }) => {
        await page.goto('/settings/backups')
        await page.getByRole('button', { name: 'Make one now' }).click()
        await expect(page.getByRole('heading', { level: 1 })).toContainText('The last backup is from')
        const backup = page.waitForEvent('download')
        await page
            .getByRole('link', { name: /^Fetch the backup/ })
            .first()
            .click()
        expect((await backup).suggestedFilename()).toMatch(/^biomegas-\d{8}-\d{6}(-\d+)?\.zip$/)
        await page.goto('/settings/files')
        await page.getByRole('button', { name: 'Make the package' }).click()
        const fetched = page.waitForEvent('download')
        await page.getByRole('link', { name: 'Fetch the package' }).click()
        expect((await fetched).suggestedFilename()).toBe('biomegas.zip')
        const table = page.waitForEvent('download')
        await page.getByRole('link', { name: 'Lengths', exact: true }).click()
        expect((await table).suggestedFilename()).toBe('lengths.csv')
    })

    test('the route, the rhythm and the letter are set', async ({ page }) => {
        await page.goto('/settings/place')
        await page.getByRole('button', { name: 'Later: Porch tank' }).click()
        await expect(page.getByText('Cabin tank is number 1 on the round.')).toBeVisible()
        await page.keyboard.press('u')
        await expect(page.getByRole('heading', { level: 1 })).toContainText('walked from Porch tank')
        await page
            .getByRole('group', { name: /^Water is changed on/ })
            .getByLabel('Sat')
            .click()
        await page
            .getByRole('group', { name: /^Water is changed on/ })
            .getByLabel('Tue')
            .click()
        await expect(
            page.getByRole('group', { name: /^Water is changed on/ }).getByLabel('Tue'),
        ).toBeChecked()
        await page.goto('/')
        await expect(page.getByText(/change \d+ % of its water/).first()).toBeVisible()
        await page.goto('/settings/letters')
        await page.getByRole('button', { name: 'Send it to me now' }).click()
        await expect(page.getByText('One letter is sent.')).toBeVisible()
        await page
            .getByText(/^Heron Lock, /)
            .first()
            .click()
        await expect(page.getByText('All of it:').first()).toBeVisible()
    })

    test('a password is changed, and whoever is signed in elsewhere is out', async ({
        page,
        browser,
        baseURL,
    }) => {
        const phone = await somebody(browser, baseURL ?? '')
        await signIn(phone)
        await page.goto('/settings/account')
        await expect(page.getByRole('heading', { level: 1 })).toContainText(/signed in at \w+ places/)
        await page.getByLabel('The password until now').fill('not it at all')
        await page.getByLabel('The new password').fill('quite another one')
        await page.getByRole('button', { name: 'Change the password' }).click()
        await expect(page.getByText('This is not your password.')).toBeVisible()
        await page.getByLabel('The password until now').fill('heron-lock')
        await page.getByRole('button', { name: 'Change the password' }).click()
        await expect(page.getByRole('heading', { level: 1 })).toContainText('signed in here only')
        await phone.goto('/fish')
        await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Sign in')
        await phone.getByRole('button', { name: 'Forgotten your password?' }).click()
        await expect(phone.getByRole('button', { name: 'Mail me a link' })).toBeVisible()
        await phone.getByLabel('E-mail').last().fill('keeper@heron-lock.example')
        await phone.getByRole('button', { name: 'Mail me a link' }).click()
        await expect(phone.getByText(/No mail is set up here/)).toBeVisible()
    })
})
