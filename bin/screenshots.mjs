#!/usr/bin/env node
// Takes the pictures in docs/screenshots from a running demo.
//
//   bin/demo --fresh        in one terminal
//   node bin/screenshots.mjs   in another; PORT as for bin/demo

import { chromium } from '@playwright/test'

const base = `http://127.0.0.1:${process.env.PORT ?? 8000}`
const desk = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }

const pictures = [
    ['today', desk, 'light', '/'],
    ['fish', desk, 'light', 'Bramble'],
    ['fish-list', desk, 'light', '/fish'],
    ['add-fish', desk, 'dark', '/fish/add', 'table'],
    ['systems', desk, 'light', '/systems'],
    ['system', desk, 'light', '/systems/4', 60],
    ['moves', desk, 'light', '/moves'],
    ['move-sheet', desk, 'light', '/moves/1'],
    ['before-after', desk, 'light', '/systems/5', 'forty fish'],
    ['new-system', desk, 'light', '/systems/new', 'pond'],
    ['system-phone', phone, 'dark', '/systems/6'],
    ['weigh-up', desk, 'light', '/weigh-up?species=Redtail%20catfish'],
    ['suitable-species', desk, 'light', '/systems/8/suitable-species'],
    ['species-list', desk, 'light', '/species'],
    ['species', desk, 'light', '/species/1'],
    ['rulebook', desk, 'light', '/rulebook'],
    ['company', desk, 'light', '/company'],
    ['today-phone', phone, 'light', '/'],
    ['record-phone', phone, 'light', 'Bramble#record'],
]

const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        '--font-render-hinting=none',
    ],
})

/** What is done on the page before its picture is taken. */
const acts = {
    async 'forty fish'(page) {
        await page.getByRole('combobox', { name: 'Add a species' }).fill('Tinfoil barb')
        await page.getByLabel('How many').fill('40')
        await page.getByLabel('How long').fill('5 cm')
        await page.getByLabel('The filter was').selectOption('deep-cleaned')
        await page.getByText(/^Not /).waitFor()
        await page
            .getByRole('heading', { name: 'Before and after' })
            .evaluate((heading) => heading.scrollIntoView())
    },
    async table(page) {
        const many = page.getByRole('region', { name: 'Many at once' })
        await many
            .getByLabel('Rows to type or paste')
            .fill(
                'Quill;Jack Dempsey;Long tank;2026-03-01;9 cm\nQuill;;;2026-06-01;14 cm\nSpar;pacu;Long tank;2026-05-11;12 cm',
            )
        await many.getByText(/can be taken/).waitFor()
        await many.evaluate((part) => part.scrollIntoView())
    },
    async pond(page) {
        await page.getByLabel('Name').fill('Weir pond')
        await page.getByLabel('What it is').selectOption('pond')
        await page.getByRole('combobox', { name: 'Shape' }).selectOption('outline')
        await page.getByLabel('Depth of the water').fill('1.2 m')
        await page.getByLabel(/Corners, one a line/).fill('0.5, 1\n3, 0.5\n6, 1.5\n5.5, 4\n2.5, 4.5\n1, 3.5')
        await page.getByText('Filled weight').waitFor()
    },
}

for (const [name, viewport, sheet, place, act] of pictures) {
    const page = await browser.newPage({ viewport, reducedMotion: 'reduce' })
    await page.addInitScript((colour) => localStorage.setItem('sheet', colour), sheet)
    await page.goto(base)
    await page.getByLabel('E-mail').fill('keeper@heron-lock.example')
    await page.getByLabel('Password').fill('heron-lock')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.getByText('Upgrades ahead').waitFor()
    if (place.startsWith('/')) {
        await page.goto(base + place)
    } else {
        await page.goto(`${base}/fish`)
        const link = page.getByRole('link', { name: place.split('#')[0], exact: true })
        const target = await link.getAttribute('href')
        await page.goto(base + target + (place.includes('#') ? '#record' : ''))
    }
    await page.getByRole('heading', { level: 1 }).waitFor()
    if (place.includes('#')) {
        await page.getByLabel('Length', { exact: true }).fill('35.0')
    }
    if (typeof act === 'number') {
        await page.getByLabel('Date of the plan').fill(String(act))
        await page.evaluate(() => window.scrollTo(0, 0))
    } else if (act !== undefined) {
        await acts[act](page)
    }
    await page.waitForTimeout(1200)
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' })
    await page.close()
}
await browser.close()
