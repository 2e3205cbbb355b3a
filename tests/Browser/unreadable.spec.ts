import { execFileSync } from 'node:child_process'
import { expect, test } from './test'
import { expectAccessible, expectNoSidewaysScrolling, signIn } from './keeper'

/** What an older version or a slip of the hand may have left in the file. */
function damage(database: string, sql: string): void {
    execFileSync('php', ['-r', '(new PDO("sqlite:".$argv[1]))->exec($argv[2]);', '--', database, sql])
}

test('a length of the year 1 is named on Today, corrected, and counts again', async ({ page, database }) => {
    damage(
        database,
        "update measurements set date = '0001-01-01' where id = (select max(id) from measurements where fish_id = (select id from fish where name = 'Moss'))",
    )
    await signIn(page, '/')
    const left = page.getByRole('region', { name: 'Left out: it cannot be read' })
    await expect(left).toContainText('A length of Moss: "0001-01-01" is not a day of the calendar.')
    await expectAccessible(page)
    await left.getByRole('button', { name: 'Correct' }).click()
    await left.getByLabel('Day', { exact: true }).fill('soon')
    await left.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(left.getByRole('alert')).toContainText('It still cannot be read: "soon" is not a day')
    await page.setViewportSize({ width: 390, height: 844 })
    await expect(() => expectNoSidewaysScrolling(page)).toPass()
    await left.getByLabel('Day', { exact: true }).fill('2026-05-05')
    await left.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('Corrected: it counts again.')).toBeVisible()
    await expect(left).toHaveCount(0)
})

test('a species with a lost decimal point leaves its fish out until it is as it came', async ({
    page,
    database,
}) => {
    damage(
        database,
        `update species set own = '{"length_weight":{"a":0.01,"b":305}}' where id = (select species_id from fish where name = 'Moss')`,
    )
    await signIn(page, '/')
    await expect(page.getByText('Left out until the values of the species can be read: Moss.')).toBeVisible()
    await page.getByRole('button', { name: 'Back to how it came' }).click()
    await expect(page.getByText('Moss is left out')).toHaveCount(0)
    await page.getByRole('link', { name: 'Fish', exact: true }).click()
    await expect(page.getByRole('link', { name: 'Moss', exact: true })).toBeVisible()
})

test('a slip in the values of a species is said beside its field', async ({ page }) => {
    await signIn(page, '/')
    await page.getByRole('link', { name: 'Species', exact: true }).click()
    await page.getByLabel('Find any of its names').fill('uaru')
    await page.getByRole('link', { name: 'Uaru' }).click()
    await page.getByRole('button', { name: 'Change values' }).click()
    await page.getByLabel('Adult length, mm, high').fill('300000')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('Give a number from 0.5 to 20000.')).toBeVisible()
})
