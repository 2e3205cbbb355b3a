import { expect, test } from './test'
import { filmed, keepLength, markFish, someFishOf } from './camera'
import { expectAccessible, openFish, signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

test('a length is read from a picture that the camera before a tank took', async ({ page, database }) => {
    test.setTimeout(120_000)
    await filmed(database, test.info().parallelIndex, async (still, scene) => {
        await page.goto('/systems/2?sheet=diary')
        await page.getByText('Camera', { exact: true }).click()
        await page.getByLabel('Address of its still image').fill('http://8.8.8.8/still.jpg')
        await page.getByRole('button', { name: 'Save the address' }).click()
        await expect(page.getByText('This camera is not in the house.').first()).toBeVisible()
        await page.getByLabel('Address of its still image').fill(still)
        await page.getByRole('button', { name: 'Save the address' }).click()
        await page.getByRole('button', { name: 'Take a picture with it' }).click()
        await expect(page).toHaveURL(/\/pictures\/\d+\/measure$/, { timeout: 30_000 })
        const stage = page.getByRole('application')
        await expect(stage).toBeVisible()
        await expectAccessible(page)

        const fish = someFishOf(scene)
        await markFish(page, scene, fish)
        const headline = page.getByRole('heading', { level: 1 })
        const [, read, low, high] =
            /: ([\d.]+) cm.*between ([\d.]+) cm and ([\d.]+) cm/.exec(await headline.innerText()) ?? []
        expect(Math.abs(Number(read) * 10 - fish.mm) / fish.mm).toBeLessThan(0.2)
        expect(Number(low)).toBeLessThan(Number(high))
        await expect(page.getByText(/Wait until it is near the glass/)).toBeVisible()

        await stage.focus()
        await page.keyboard.press('Shift+ArrowRight')
        await expect(headline).not.toContainText(`${read} cm ±`)
        await page.getByRole('button', { name: 'Undo' }).click()
        await expect(headline).toContainText(`${read} cm ±`)

        await keepLength(page, fish.name)
        await expect(page.getByText(/, from the picture\./)).toBeVisible()
    })
})

test('pictures are added from files, one that is none is named, and one is taken out and put back', async ({
    page,
}) => {
    await openFish(page, 'Bramble')
    const pictures = page.getByRole('region', { name: 'Pictures' })
    const still = await page.screenshot({ type: 'jpeg' })
    await pictures
        .locator('input[type=file]')
        .last()
        .setInputFiles([
            { name: 'glass.jpg', mimeType: 'image/jpeg', buffer: still },
            { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('This is a text.') },
        ])
    await expect(pictures.getByRole('button', { name: /A picture of Bramble/ })).toHaveCount(1)
    await expect(pictures.getByRole('alert')).toContainText('notes.jpg: This is no picture')
    await pictures.getByRole('button', { name: /A picture of Bramble/ }).click()
    await expect(page.getByRole('dialog').getByRole('img')).toBeVisible()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Take it out' }).click()
    await expect(pictures.getByText('No picture yet.')).toBeVisible()
    await page.keyboard.press('u')
    await expect(pictures.getByRole('button', { name: /A picture of Bramble/ })).toHaveCount(1)
    await page.getByRole('link', { name: 'Picture diary' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('One picture of Bramble so far')
})
