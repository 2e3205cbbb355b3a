import type { BrowserContext, Page } from '@playwright/test'
import { PHONE, expectAccessible, expectNoSidewaysScrolling, linkIn, openFish, signIn } from './keeper'
import { expect, test } from './test'

test.use({ serviceWorkers: 'allow' })

/** The application has been opened once, and can be opened from now on without a network. */
async function settle(page: Page): Promise<void> {
    await page.evaluate(async () => {
        await navigator.serviceWorker.ready
    })
}

const kept = (page: Page) => page.getByRole('group', { name: 'Kept on this device' })

const cm = (mm: number): string => (mm / 10).toFixed(1)

/** A new window, as after a restart. */
async function comeBack(context: BrowserContext, address: string): Promise<Page> {
    const page = await context.newPage()
    await page.goto(address)
    return page
}

interface Measurement {
    id: number
    version: number
    length_mm: number
    date: string
    method: string
}

/** As a page of the application asks. */
const from = (page: Page): Record<string, string> => ({ Accept: 'application/json', Referer: page.url() })

async function measurementsOf(page: Page, fish: string): Promise<Measurement[]> {
    const answer = await page.request.get(`/api/v1/fish/${fish}`, { headers: from(page) })
    return ((await answer.json()) as { measurements: Measurement[] }).measurements
}

const lengthsOf = async (page: Page, fish: string): Promise<number[]> =>
    (await measurementsOf(page, fish)).map(({ length_mm }) => Math.round(length_mm))

/** From another device, which has a network. */
async function correctMeanwhile(page: Page, entry: Partial<Measurement> & { length: string }): Promise<void> {
    const cookies = await page.context().cookies()
    const token = cookies.find(({ name }) => name === 'XSRF-TOKEN')?.value ?? ''
    const { id, version, date, method, length } = entry
    const answer = await page.request.put(`/api/v1/measurements/${id ?? 0}`, {
        data: { version, date, method, length, keep: true },
        headers: { ...from(page), 'X-XSRF-TOKEN': decodeURIComponent(token) },
    })
    expect(answer.status()).toBe(200)
}

test('the network goes in the middle of an entry: it is kept, outlives a restart, and is sent once', async ({
    page,
    context,
}) => {
    await signIn(page, '/')
    await openFish(page, 'Bramble')
    const address = page.url()
    const fish = address.split('/').pop() ?? ''
    await settle(page)
    const before = await lengthsOf(page, fish)
    const grown = (before.at(-1) ?? 0) + 3
    await page.getByLabel('Length', { exact: true }).fill(cm(grown))
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByRole('status')).toContainText('kept on this device')
    await expect(kept(page)).toContainText('1 entry is kept here and not sent yet')
    await page.close()

    const back = await comeBack(context, address)
    await expect(back.getByRole('heading', { level: 1 })).toContainText('Bramble')
    await expect(kept(back)).toContainText('What you see is as it was known on')
    await expect(kept(back)).toContainText('1 entry is kept here')
    await back.getByRole('button', { name: 'Look', exact: true }).click()
    await expect(back.getByRole('dialog')).toContainText(`Length of Bramble: ${cm(grown)}`)
    await expectAccessible(back)
    await back.setViewportSize({ width: 390, height: 844 })
    await expectNoSidewaysScrolling(back)
    await back.keyboard.press('Escape')

    await context.setOffline(false)
    await expect(back.getByRole('status')).toContainText('written down')
    await expect(kept(back)).toBeHidden()
    expect(await lengthsOf(back, fish)).toEqual([...before, grown])
})

test('what the place does not take is shown with both sides, and whoever wrote it decides', async ({
    page,
    context,
}) => {
    await signIn(page, '/')
    await openFish(page, 'Bramble')
    const fish = page.url().split('/').pop() ?? ''
    await context.setOffline(true)
    await page.getByLabel('Length', { exact: true }).fill('90')
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByRole('status')).toContainText('kept on this device')
    await context.setOffline(false)
    await expect(kept(page)).toContainText('1 kept entry was not taken')
    await page.getByRole('button', { name: 'Look', exact: true }).click()
    const sheet = page.getByRole('dialog')
    await expect(sheet).toContainText('Length of Bramble: 90')
    await expect(sheet).toContainText('What the place says')
    await expectAccessible(page)
    await sheet.getByRole('button', { name: 'Write it all the same' }).click()
    await expect(sheet).toContainText('Nothing is kept here')
    expect(await lengthsOf(page, fish)).toContain(900)
})

test('a correction that was kept while somebody else made another stands beside it', async ({
    page,
    context,
}) => {
    await signIn(page, '/')
    await openFish(page, 'Moss')
    const fish = page.url().split('/').pop() ?? ''
    const last = (await measurementsOf(page, fish)).at(-1)
    const was = Math.round(last?.length_mm ?? 0)
    await page.getByRole('button', { name: `Correct ${cm(was)} cm` }).click()
    await context.setOffline(true)
    const slip = page.getByRole('dialog')
    await slip.getByLabel('Length', { exact: true }).fill(cm(was + 2))
    await slip.getByRole('button', { name: 'Save correction' }).click()
    await expect(page.getByRole('status')).toContainText('kept on this device')
    await correctMeanwhile(page, { ...last, length: `${cm(was - 2)} cm` })
    await context.setOffline(false)
    await page.getByRole('button', { name: 'Look', exact: true }).click()
    await expect(slip).toContainText(`A correction: ${cm(was + 2)}`)
    await expect(slip).toContainText(`${cm(was - 2)} cm`)
    await slip.getByRole('button', { name: 'Write mine over it' }).click()
    await expect(slip).toContainText('Nothing is kept here')
    expect((await lengthsOf(page, fish)).at(-1)).toBe(was + 2)
})

test('steps of a move are ticked without a network, stand ticked, and are sent', async ({
    page,
    context,
}) => {
    await signIn(page, '/')
    await page.getByRole('link', { name: 'Moves', exact: true }).click()
    await page.getByRole('link', { name: /^Bramble: Porch tank to/ }).click()
    await expect(page.getByRole('button', { name: 'Done: Lay everything out' })).toBeVisible()
    const address = page.url()
    await settle(page)
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Done: Lay everything out' }).click()
    await expect(page.getByText('Kept here, not sent yet.')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
    await page.close()

    const back = await comeBack(context, address)
    await expect(back.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
    await back.getByRole('button', { name: 'Look', exact: true }).click()
    await expect(back.getByRole('dialog')).toContainText('A step of a move is done')
    await expectAccessible(back)
    await back.keyboard.press('Escape')

    await context.setOffline(false)
    await expect(kept(back)).toBeHidden()
    await expect(back.getByText('Kept here, not sent yet.')).toHaveCount(0)
    await back.reload()
    await expect(back.getByRole('button', { name: 'Undo: Lay everything out' })).toBeVisible()
})

test('a move is made and a picture is taken where there is no network: both are there afterwards', async ({
    page,
    context,
}) => {
    await signIn(page, '/')
    await page.getByRole('link', { name: 'Moves', exact: true }).click()
    await page.getByRole('link', { name: /^Bramble: Porch tank to/ }).click()
    await expect(page.getByRole('button', { name: 'Save: the move is made' })).toBeVisible()
    await settle(page)
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Save: the move is made' }).click()
    await expect(page.getByRole('main')).toContainText('Kept here, not sent yet.')
    await context.setOffline(false)
    await expect(kept(page)).toBeHidden({ timeout: 20_000 })

    await openFish(page, 'Moss')
    await page.getByText('Pictures', { exact: true }).click()
    await expect(page.getByText('No picture yet.')).toBeVisible()
    await context.setOffline(true)
    await page.getByLabel('Choose files').setInputFiles({
        name: 'moss.png',
        mimeType: 'image/png',
        buffer: Buffer.from(await page.screenshot()),
    })
    await expect(page.getByRole('img', { name: 'The picture that waits' })).toBeVisible()
    const address = page.url()
    await page.close()
    const back = await comeBack(context, address)
    await back.getByText('Pictures', { exact: true }).click()
    await expect(back.getByRole('img', { name: 'The picture that waits' })).toBeVisible()
    await back.getByRole('button', { name: 'Look', exact: true }).click()
    await expect(back.getByRole('dialog')).toContainText('A picture of Moss')
    await expectAccessible(back)
    await back.keyboard.press('Escape')
    await context.setOffline(false)
    await expect(kept(back)).toBeHidden({ timeout: 20_000 })
    await expect(back.getByRole('img', { name: /^A picture of Moss, / })).toBeVisible()
})

test('a sitter ticks the round where there is no network', async ({ page, browser }) => {
    await signIn(page, '/')
    await page.goto('/settings/sitter')
    await page.getByLabel('Who looks after the fish').fill('Ada')
    await page.getByLabel('Whom to call, with the number').fill('Rose, 01632 960 001')
    await page.getByRole('button', { name: 'Make the link' }).click()
    const link = await linkIn(page)
    const context = await browser.newContext({ viewport: PHONE, serviceWorkers: 'allow' })
    const ada = await context.newPage()
    await ada.goto(link)
    const gauge = ada.getByRole('region', { name: 'Gauge tank' })
    const long = ada.getByRole('region', { name: 'Long tank' })
    await expect(gauge).toBeVisible()
    await settle(ada)
    await context.setOffline(true)
    await gauge.getByRole('button', { name: 'All well: Gauge tank' }).click()
    await long.getByRole('button', { name: 'All well: Long tank' }).click()
    await expect(ada.getByText('2 entries are kept on this phone')).toBeVisible()
    await long.getByRole('button', { name: 'Not so: All well, Long tank' }).click()
    await expect(ada.getByText('one entry is kept on this phone')).toBeVisible()
    await ada.getByLabel('Send a picture of Gauge tank').setInputFiles({
        name: 'gauge.png',
        mimeType: 'image/png',
        buffer: Buffer.from(await page.screenshot()),
    })
    await expect(ada.getByText('2 entries are kept on this phone')).toBeVisible()
    await ada.reload()
    await expect(gauge.getByText(/All well, \d\d:\d\d/)).toBeVisible()
    await expectAccessible(ada)

    await context.setOffline(false)
    await expect(ada.getByText('kept on this phone')).toHaveCount(0, { timeout: 20_000 })
    await expect(gauge.getByText(/All well, \d\d:\d\d/)).toBeVisible()
    await page.goto('/log')
    await expect(page.getByText('Ada looked at Gauge tank: all well').first()).toBeVisible()
    await expect(page.getByText('from Ada').first()).toBeVisible()
    await context.close()
})

test('a line is kept as it stands, and taken back again', async ({ page, context }) => {
    await signIn(page, '/')
    await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty()
    await page.getByRole('button', { name: 'Write a line' }).click()
    await page.getByLabel('What happened').waitFor()
    await context.setOffline(true)
    await page.getByLabel('What happened').fill('changed 30% porch')
    await expect(page.getByText('It is kept as it stands')).toBeVisible()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await expect(kept(page)).toContainText('1 entry is kept here')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('status')).toContainText('Taken back')
    await expect(kept(page)).not.toContainText('kept here')
    await context.setOffline(false)
})
