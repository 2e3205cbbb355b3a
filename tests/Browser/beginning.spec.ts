import type { Page } from '@playwright/test'
import { expect, test } from './test'

/** Lengths of the past as somebody who keeps fish has them: in a sheet of their own. */
const HISTORY = [
    'name; species; system; day; length; how many',
    'Nell; oscar; Kitchen tank; 2025-11-20; 8 cm;',
    'Nell; ; ; 2026-08-10; 19 cm;',
    'Ferry; silver arowana; Attic tank; 2025-06-01; 22 cm;',
    'Ferry; ; ; 2026-09-20; 52 cm;',
    'Barge; redtail catfish; Hall tank; 2026-05-01; 12 cm;',
    'Barge; ; ; 2026-10-01; 27 cm;',
    'Punt; giant gourami; Hall tank; 2026-02-01; 10 cm;',
    'Skiff; koi; Mill pond; 2025-04-01; 25 cm;',
    'Barbs; tinfoil barb; Attic tank; 2026-01-01; 9 cm; 8',
].join('\n')

async function addHome(
    page: Page,
    kind: 'tank' | 'pond',
    name: string,
    sides: readonly [string, string, string],
    warmth: string,
): Promise<void> {
    await page.getByLabel('Name').fill(name)
    await page.getByLabel('What it is').selectOption(kind)
    await page.getByLabel('Length').fill(sides[0])
    await page.getByLabel('Front to back').fill(sides[1])
    await page.getByLabel('Depth of the water').fill(sides[2])
    // A pond is measured inside; nobody sells one by its size.
    const isPond = kind === 'pond'
    await expect(page.getByLabel('Outside sizes: glass comes off')).toBeChecked({ checked: !isPond })
    await expect(page.getByLabel('A tank as it is sold')).toBeVisible({ visible: !isPond })
    await expect(page.getByText('Fence or net it where children')).toBeVisible({ visible: isPond })
    await page.getByLabel('Target temperature').fill(warmth)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${name} stands empty.`)
}

test('from an empty place to the first plan', async ({ page, emptyURL }) => {
    test.slow()
    await page.goto(`${emptyURL}/`)
    await page.getByLabel('Your name').fill('Ann Example')
    await page.getByLabel('E-mail').fill('ann@otter-weir.example')
    await page.getByLabel('Password').fill('ten letters at least')
    await page.getByLabel('Name of the place').fill('Otter Weir')
    await page.getByLabel('Units').selectOption('metric')
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page.getByText('The plan: who outgrows what')).toBeVisible()

    await page.getByRole('link', { name: 'Add a system' }).click()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByLabel('Name'), 'what is refused is gone to').toBeFocused()
    await expect(page.getByLabel('Name')).toHaveAttribute('aria-invalid', 'true')
    await page.getByLabel('Name').fill('H')
    await expect(page.getByLabel('Name')).not.toHaveAttribute('aria-invalid', 'true')
    await addHome(page, 'tank', 'Hall tank', ['180', '60', '60'], '26')
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nobody lives here yet.')
    for (const [kind, name, sides, warmth] of [
        ['tank', 'Kitchen tank', ['120', '50', '50'], '25'],
        ['tank', 'Attic tank', ['240', '70', '65'], '26'],
        ['pond', 'Mill pond', ['5 m', '3 m', '1.4 m'], '18'],
    ] as const) {
        await page.getByRole('link', { name: 'Systems', exact: true }).click()
        await page.getByRole('button', { name: 'Add a system' }).click()
        await addHome(page, kind, name, sides, warmth)
    }

    await page.getByRole('link', { name: 'Add fish' }).click()
    const one = page.getByRole('region', { name: 'One fish or shoal' })
    await one.getByLabel('Name', { exact: true }).fill('Otto')
    await one.getByRole('combobox', { name: 'Species' }).fill('osc')
    await one.getByRole('option', { name: /^Oscar/ }).click()
    await one.getByLabel('Lives in').selectOption('Kitchen tank')
    await one.getByLabel('Here since').fill('2025-11-20')
    await one.getByLabel('Measured on').fill('2025-11-20')
    await one.getByLabel('Length, cm').fill('9 cm')
    await one.getByRole('button', { name: 'Another length' }).click()
    await one.getByLabel('Measured on').nth(1).fill('2026-08-10')
    await one.getByLabel('Length, cm').nth(1).fill('210')
    await one.getByRole('button', { name: 'Add it', exact: true }).click()
    await expect(one.getByRole('alert')).toContainText('longer than it is known to become')
    await expect(one.getByRole('button', { name: 'Add it anyway' })).toBeVisible()
    await one.getByLabel('Length, cm').nth(1).fill('21')
    await expect(one.getByRole('alert')).toHaveCount(0)
    await expect(one.getByLabel('Sex'), 'a single fish is not counted').toBeVisible()
    await one.getByRole('button', { name: 'Add it', exact: true }).click()
    await expect(page.getByText('Otto is added.')).toBeVisible()
    await page.getByRole('button', { name: 'Put this note away' }).click()
    await expect(page.getByText('Otto is added.')).toBeHidden()
    await expect(page.getByRole('link', { name: 'One fish or shoal is here so far.' })).toBeVisible()
    await expect(one.getByLabel('Name', { exact: true }), 'the next one can be typed at once').toBeFocused()
    await page.getByRole('button', { name: /^Many at once/ }).click()
    await page.getByLabel('Rows to type or paste').fill(HISTORY)
    await page.getByRole('button', { name: /^Add the 9 good rows/ }).click()
    await expect(page.getByText(/^6 .*added/)).toBeVisible()

    await page.getByRole('link', { name: 'Ask for the plan.' }).click()
    await page.getByRole('button', { name: 'Look for a plan' }).click()
    await expect(page.getByRole('button', { name: 'Follow this plan' })).toBeVisible({ timeout: 30_000 })
    await expect(page.getByRole('region', { name: 'The moves' }).getByRole('listitem').first()).toBeVisible()
    await page.getByRole('button', { name: 'Follow this plan' }).click()
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await expect(page.getByText(/by the plan to/).first()).toBeVisible()
})
