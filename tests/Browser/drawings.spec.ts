import { expect, test } from './test'
import type { Page } from '@playwright/test'
import { signIn } from './keeper'

test.beforeEach(async ({ page }) => signIn(page))

const PNG_BEGINS = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])

async function saved(page: Page, kind: 'SVG' | 'PNG'): Promise<Buffer> {
    const file = page.waitForEvent('download')
    await page.getByRole('button', { name: `Save as ${kind}` }).click()
    return Buffer.concat(await (await (await file).createReadStream()).toArray())
}

test('on a desk what comes stands under the round, beside what is to be done', async ({ page }) => {
    await page.goto('/')
    const comes = page.getByRole('region', { name: 'Upgrades ahead', exact: true })
    const todo = page.getByRole('region', { name: 'Feeding', exact: true })
    await expect(comes).toBeVisible()
    await expect(todo).toBeVisible()
    const left = await comes.boundingBox()
    const right = await todo.boundingBox()
    expect((left?.x ?? 0) + (left?.width ?? Infinity)).toBeLessThan(right?.x ?? 0)
})

for (const [what, address, says] of [
    ['the lanes', '/plan', 'Porch'],
    ['a system from above', '/systems/2', 'Tansy'],
    ['the growth of a fish', '/fish/2', 'cm'],
] as const) {
    test(`files that stand by themselves: ${what}`, async ({ page }) => {
        await page.goto(address)
        const svg = (await saved(page, 'SVG')).toString()
        expect(svg).not.toContain('var(')
        const file = await page.evaluate((text) => {
            const read = new DOMParser().parseFromString(text, 'image/svg+xml')
            const referred = [...text.matchAll(/url\(#([^)]+)\)/g)].map(([, id = '']) => id)
            return {
                root: read.documentElement.namespaceURI,
                error: read.querySelector('parsererror')?.textContent ?? null,
                size: read.documentElement.getAttribute('width'),
                said: [...read.querySelectorAll('text')].map(({ textContent }) => textContent).join(' '),
                missing: referred.filter((id) => read.getElementById(id) === null),
            }
        }, svg)
        expect(file).toEqual({
            root: 'http://www.w3.org/2000/svg',
            error: null,
            size: expect.stringMatching(/^[\d.]+$/),
            said: expect.stringContaining(says),
            missing: [],
        })
        expect((await saved(page, 'PNG')).subarray(0, PNG_BEGINS.length)).toEqual(PNG_BEGINS)
    })
}
