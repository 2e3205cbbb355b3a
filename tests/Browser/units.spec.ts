import { execFileSync } from 'node:child_process'
import { settings } from '../../resources/js/messages/en/settings'
import { owner } from '../../resources/js/messages/en/owner'
import { expectNoSidewaysScrolling, signIn } from './keeper'
import { goToPage, PAGES, saidOn, writtenTexts } from './pages'
import { TEMPLATES } from './servers'
import { expect, test } from './test'

/** Where they are chosen, all units are named. */
const UNIT_CHOICES: readonly string[] = [
    ...Object.values(owner.unitNames),
    ...Object.values(settings.place.quantityUnits).flatMap((choices) => Object.values(choices)),
]

const DUMP = '.state/browser-written.txt'

/** A figure in a unit that a keeper in the United States does not use; mg/l is what test kits say there too. */
const METRIC =
    /(?<![\w.])\d[\d\s\u202f.,]*\s?(mm|cm|m|m²|ml|l|g|kg|°C|litres?|metres?|millimetres?|centimetres?|grams?)(?![\w/])/

/** Labels that ask for such a figure. */
const ASKS_FOR_METRIC = /(, |\()(mm|cm|m|l|g|kg|°C)\b|\bmillimetres?\b|\blitres\b|\bkilogram/i

const isMetric = (text: string): boolean => METRIC.test(text) || ASKS_FOR_METRIC.test(text)

test('a facility in inches is shown no metric figure', async ({ page, database }) => {
    // Every page, one after another.
    test.setTimeout(120_000)
    execFileSync('php', [
        '-r',
        '(new PDO("sqlite:".$argv[1]))->exec("update facilities set unit_system = \'us\'");',
        '--',
        database,
    ])
    await signIn(page)
    execFileSync('php', ['tests/Browser/texts.php', TEMPLATES.demo, DUMP])
    const written = writtenTexts(DUMP)
    const found: string[] = []
    for (const address of PAGES) {
        await goToPage(page, address)
        found.push(
            ...(await saidOn(page))
                .filter(isMetric)
                .map((text) => written.reduce((rest, known) => rest.replaceAll(known, ''), text))
                .filter((text) => !UNIT_CHOICES.includes(text.trim()))
                .filter(isMetric)
                .map((text) => `${address}: ${text.trim()}`),
        )
    }
    expect([...new Set(found)]).toEqual([])
})

test('errors and questions speak inches too', async ({ page, database }) => {
    execFileSync('php', [
        '-r',
        '(new PDO("sqlite:".$argv[1]))->exec("update facilities set unit_system = \'us\'");',
        '--',
        database,
    ])
    await signIn(page)
    await page.goto('/fish/1')
    await page.getByLabel('Length', { exact: true }).fill('34.5')
    await page.getByRole('button', { name: 'Save length' }).click()
    await expect(page.getByText(/Did you mean [\d.]+ in\?/)).toBeVisible()
    await page.goto('/weigh-up?species=Oscar')
    await page.getByLabel('How long now').fill('900 in')
    await expect(page.getByText(/longer than any fish that is kept/)).toContainText('ft')
    await expectNoSidewaysScrolling(page)
})
