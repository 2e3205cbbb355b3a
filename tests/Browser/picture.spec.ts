import { spawn } from 'node:child_process'
import { expect, test } from './test'
import { expectAccessible, openFish, signIn } from './keeper'

/** What the simulated camera says of its own picture. */
interface Scene {
    distance_mm: number
    ruler: { from: Point; to: Point }
    fish: { name: string; mm: number; line: Point[] }[]
}

interface Point {
    x: number
    y: number
}

const PIXELS = { width: 1280, height: 800 }

/** Its fish swims near the glass in this one. */
const FRAME = 4

test.beforeEach(async ({ page }) => signIn(page))

test('a length is read from a picture that the camera before a tank took', async ({ page, database }) => {
    test.setTimeout(120_000)
    const port = 8390 + test.info().parallelIndex
    const camera = spawn(
        'bash',
        [
            '-c',
            `source tests/Browser/environment.sh "${database}"; exec php artisan biomegas:camera "Porch tank" --port=${port}`,
        ],
        { stdio: 'ignore', detached: true },
    )
    try {
        const address = `http://127.0.0.1:${port}`
        await expect
            .poll(
                () =>
                    fetch(`${address}/scene.json?frame=${FRAME}`).then(
                        ({ ok }) => ok,
                        () => false,
                    ),
                {
                    timeout: 30_000,
                },
            )
            .toBe(true)
        const scene = (await fetch(`${address}/scene.json?frame=${FRAME}`).then((answer) =>
            answer.json(),
        )) as Scene

        await page.goto('/systems/2?sheet=diary')
        await page.getByText('Camera', { exact: true }).click()
        await page.getByLabel('Address of its still image').fill('http://8.8.8.8/still.jpg')
        await page.getByRole('button', { name: 'Save the address' }).click()
        await expect(page.getByText('This camera is not in the house.').first()).toBeVisible()
        await page.getByLabel('Address of its still image').fill(`${address}/still.jpg?frame=${FRAME}`)
        await page.getByRole('button', { name: 'Save the address' }).click()
        await page.getByRole('button', { name: 'Take a picture with it' }).click()
        await expect(page).toHaveURL(/\/pictures\/\d+\/measure$/, { timeout: 30_000 })
        const stage = page.getByRole('application')
        await expect(stage).toBeVisible()
        await expectAccessible(page)

        const tap = async ({ x, y }: Point): Promise<void> => {
            const box = await stage.boundingBox()
            if (box === null) {
                throw new Error('The picture is not drawn.')
            }
            await stage.click({
                position: { x: (x / PIXELS.width) * box.width, y: (y / PIXELS.height) * box.height },
            })
        }
        const fish = scene.fish.find(({ name }) => name === 'Bramble') ?? scene.fish[0]
        if (fish === undefined) {
            throw new Error('Nobody swims there.')
        }
        await tap(scene.ruler.from)
        await tap(scene.ruler.to)
        for (const point of fish.line) {
            await tap(point)
        }
        await page.getByLabel('How far apart').fill('50 cm')
        await page.getByLabel('From the camera to the glass').fill(`${Math.round(scene.distance_mm)} mm`)
        await page.getByText('cannot tell', { exact: true }).click()
        const headline = page.getByRole('heading', { level: 1 })
        await expect(headline).toContainText('±')
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

        await page.getByLabel('Whose length it is').selectOption(fish.name)
        await page.getByRole('button', { name: 'Write the length down' }).click()
        const keep = page.getByRole('button', { name: 'Keep it all the same' })
        await expect(
            page
                .getByText(/from the picture\.$/)
                .or(keep)
                .first(),
        ).toBeVisible()
        if (await keep.isVisible()) {
            await keep.click()
        }
        await expect(page).toHaveURL(/\/fish\/\d+$/)
        await expect(page.getByText(/, from the picture\./)).toBeVisible()
    } finally {
        if (camera.pid !== undefined) {
            process.kill(-camera.pid)
        }
    }
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
