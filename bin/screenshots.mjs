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
    ['diary', desk, 'dark', '/fish/5/diary'],
    ['systems', desk, 'light', '/systems'],
    ['system', desk, 'light', '/systems/4', 60],
    ['moves', desk, 'light', '/moves'],
    ['move-sheet', desk, 'light', '/moves/1'],
    ['before-after', desk, 'light', '/systems/5', 'forty fish'],
    ['who-goes-for-whom', desk, 'light', '/systems/3/company'],
    ['log', desk, 'light', '/log'],
    ['weigh-up', desk, 'light', '/weigh-up?species=Redtail%20catfish'],
    ['plan', desk, 'light', '/plan', 'plan'],
    ['species', desk, 'light', '/species/1'],
    ['rulebook', desk, 'light', '/rulebook'],
    ['company', desk, 'light', '/company'],
    ['picture-length', desk, 'light', '/pictures/2/measure', 'mark'],
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
    async plan(page) {
        await page.getByRole('button', { name: /^Look for a/ }).click()
        await page.getByRole('button', { name: 'Follow this plan' }).waitFor({ timeout: 60_000 })
    },
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
    async mark(page) {
        await page.getByRole('button', { name: 'A fish, mark 1' }).focus()
        await page.getByText('Where the error comes from').waitFor()
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
