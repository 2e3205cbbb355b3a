#!/usr/bin/env node
// Takes the pictures in docs/screenshots from a running demo.
//
//   bin/demo --fresh        in one terminal
//   node bin/screenshots.mjs   in another; PORT as for bin/demo

import { chromium } from '@playwright/test'
import { BROWSER } from './browser.mjs'

const base = `http://127.0.0.1:${process.env.PORT ?? 8000}`
const desk = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }

const pictures = [
    ['today', desk, 'light', '/'],
    ['fish', desk, 'light', 'Bramble'],
    ['food', desk, 'light', '/food'],
    ['diary', desk, 'dark', '/fish/5/diary'],
    ['systems', desk, 'light', '/systems'],
    ['system', desk, 'light', '/systems/4', 60],
    ['moves', desk, 'light', '/moves'],
    ['move-sheet', desk, 'light', '/moves/1'],
    ['settings', desk, 'light', '/settings'],
    ['who-goes-for-whom', desk, 'light', '/systems/3/company'],
    ['log', desk, 'light', '/log'],
    ['weigh-up', desk, 'light', '/weigh-up?species=Redtail%20catfish'],
    ['plan', desk, 'light', '/plan', 'plan'],
    ['species', desk, 'light', '/species/1'],
    ['rulebook', desk, 'light', '/rulebook'],
    ['company', desk, 'light', '/company'],
    ['picture-length', desk, 'light', '/pictures/2/measure', 'mark'],
    ['today-phone', phone, 'light', '/'],
    ['sitter-phone', phone, 'light', '/settings/sitter', 'sit'],
]

const browser = await chromium.launch(BROWSER)

/** What is done on the page before its picture is taken. */
const acts = {
    async plan(page) {
        await page.getByRole('button', { name: /^Look for a/ }).click()
        await page.getByRole('button', { name: 'Follow this plan' }).waitFor({ timeout: 60_000 })
    },
    async sit(page) {
        await page.getByLabel('Who looks after the fish').fill('Ada')
        await page.getByLabel('Whom to call, with the number').fill('Rose, 01632 960 001')
        await page.getByRole('button', { name: 'Make the link' }).click()
        await page.goto(await page.getByRole('dialog').locator('code').innerText())
        await page.getByRole('heading', { level: 1 }).waitFor()
        await page.getByRole('button', { name: /^Fed:/ }).first().click()
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
        await page.goto(
            base + (await page.getByRole('link', { name: place, exact: true }).getAttribute('href')),
        )
    }
    await page.getByRole('heading', { level: 1 }).waitFor()
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
