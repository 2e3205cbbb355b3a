import { spawn } from 'node:child_process'
import type { Page } from '@playwright/test'
import { expect } from './test'

interface Point {
    x: number
    y: number
}

export interface FilmedFish {
    name: string
    mm: number
    line: Point[]
}

/** What the simulated camera says of its own picture. */
export interface Scene {
    distance_mm: number
    ruler: { from: Point; to: Point }
    fish: FilmedFish[]
}

const PIXELS = { width: 1280, height: 800 }

/** Its fish swims near the glass in this one. */
const FRAME = 4

/** While the simulated camera before the Porch tank runs. */
export async function filmed(
    database: string,
    worker: number,
    act: (still: string, scene: Scene) => Promise<void>,
): Promise<void> {
    const port = 8390 + worker
    const camera = spawn(
        'bash',
        [
            '-c',
            `source tests/Browser/environment.sh "${database}"; exec php artisan biomegas:camera "Porch tank" --port=${port}`,
        ],
        { stdio: 'ignore', detached: true },
    )
    const address = `http://127.0.0.1:${port}`
    const scene = (): Promise<Response | undefined> =>
        fetch(`${address}/scene.json?frame=${FRAME}`).catch(() => undefined)
    try {
        await expect.poll(async () => (await scene())?.ok, { timeout: 30_000 }).toBe(true)
        await act(`${address}/still.jpg?frame=${FRAME}`, (await (await scene())?.json()) as Scene)
    } finally {
        if (camera.pid !== undefined) {
            process.kill(-camera.pid)
        }
    }
}

/** Bramble, or who else swims there. */
export function someFishOf(scene: Scene): FilmedFish {
    const fish = scene.fish.find(({ name }) => name === 'Bramble') ?? scene.fish[0]
    if (fish === undefined) {
        throw new Error('Nobody swims there.')
    }
    return fish
}

/** Taps the ends of the ruler, then the fish from snout to tail, and says what is known of the picture. */
export async function markFish(page: Page, scene: Scene, fish: FilmedFish): Promise<void> {
    const stage = page.getByRole('application')
    for (const { x, y } of [scene.ruler.from, scene.ruler.to, ...fish.line]) {
        const box = await stage.boundingBox()
        if (box === null) {
            throw new Error('The picture is not drawn.')
        }
        await stage.click({
            position: { x: (x / PIXELS.width) * box.width, y: (y / PIXELS.height) * box.height },
        })
    }
    await page.getByLabel('How far apart').fill('50 cm')
    await page.getByLabel('From the camera to the glass').fill(`${Math.round(scene.distance_mm)} mm`)
    await page.getByText('cannot tell', { exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('±')
}

/** Also where it asks whether that can be. */
export async function keepLength(page: Page, name: string): Promise<void> {
    await page.getByLabel('Whose length it is').selectOption(name)
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
}
