// How soon a page stands on a phone whose network and processor are slow: opened with nothing kept, opened again, and
// gone to from Today.
// Usage: node bin/phone-bench.mjs [base address of a running demo]
import { chromium } from 'playwright-core'
import { BROWSER } from './browser.mjs'

const base = process.argv[2] ?? 'http://127.0.0.1:8000'
const ROUNDS = 3
/** Today is read before anything else is opened. */
const AT_REST_MS = 5000
/** A middling phone away from the router: a processor of a quarter, 1.6 Mbit/s down, 0.75 up, 150 ms to and fro. */
const SLOWER = 4
const NETWORK = {
    offline: false,
    latency: 150,
    downloadThroughput: 1_600_000 / 8,
    uploadThroughput: 750_000 / 8,
}
const PHONE = { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true, baseURL: base }

/** What is useful of each is its sentence, and the first of what it draws or lists. */
const PAGES = [
    ['Today', '/', 'ol li'],
    ['Fish', '/fish', 'main a[href^="/fish/"]'],
    ['one fish', '/fish/1', 'main svg[role=img]'],
    ['Systems', '/systems', 'main svg'],
    ['one system', '/systems/1', 'main svg[role=img]'],
    ['Plan', '/plan', 'main svg[role=img]'],
]

const browser = await chromium.launch(BROWSER)
const door = await browser.newContext(PHONE)
const entrance = await door.newPage()
await entrance.goto('/')
await entrance.getByLabel('E-mail').fill('keeper@heron-lock.example')
await entrance.locator('input[type=password]').fill('heron-lock')
await entrance.locator('button[type=submit]').click()
await entrance.getByRole('navigation').first().waitFor()
const storageState = await door.storageState()

/** In each page: tells when it says something else than was left and shows its picture, and that is drawn. */
const watch = () => {
    window.isDrawn = async (picture, left = '') => {
        const isThere = () => {
            const said = document.querySelector('h1')?.textContent ?? ''
            return said !== '' && said !== left && document.querySelector(picture) !== null
        }
        while (!isThere()) {
            await new Promise((frame) => requestAnimationFrame(frame))
        }
        await new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn)))
        return performance.now()
    }
}

/** Milliseconds from the request until it says and shows something. */
async function stands(page, address, shown) {
    await page.goto(address, { waitUntil: 'commit' })
    return page.evaluate((picture) => window.isDrawn(picture), shown)
}

/** The same of a page that is gone to, as by a link. */
const goesTo = (page, address, shown) =>
    page.evaluate(
        async ([to, picture]) => {
            const left = document.querySelector('h1').textContent
            const begun = performance.now()
            history.pushState({}, '', to)
            return (await window.isDrawn(picture, left)) - begun
        },
        [address, shown],
    )

/** Ten million steps, on the processor that has been slowed down. */
const reference = (page) =>
    page.evaluate(() => {
        const begun = performance.now()
        let sum = 0
        for (let i = 0; i < 1e7; i++) {
            sum += Math.exp(-i / 1e6)
        }
        return sum > 0 ? performance.now() - begun : 0
    })

/** Without what the application keeps on the phone by itself. */
async function onPhone(act) {
    const context = await browser.newContext({ ...PHONE, storageState, serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.addInitScript(watch)
    const devtools = await context.newCDPSession(page)
    await devtools.send('Network.enable')
    await devtools.send('Network.emulateNetworkConditions', NETWORK)
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
    const answer = await act(page)
    await context.close()
    return answer
}

const opened = (address, shown) =>
    onPhone(async (page) => ({
        first: await stands(page, address, shown),
        again: await stands(page, address, shown),
        loop: await reference(page),
    }))

/** On a phone that has opened nothing but Today. */
const gone = (address, shown) =>
    onPhone(async (page) => {
        await page.goto('/')
        await page.waitForTimeout(AT_REST_MS)
        return { gone: await goesTo(page, address, shown) }
    })

const WORDS = { first: 'first visit', again: 'again', gone: 'from Today' }

const middle = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)]

for (const [name, address, shown] of PAGES) {
    const visits = []
    for (let round = 0; round < ROUNDS; round++) {
        const isToday = address === '/'
        visits.push({ ...(await opened(address, shown)), ...(isToday ? {} : await gone(address, shown)) })
    }
    const { loop, ...times } = Object.fromEntries(
        Object.keys(visits[0]).map((one) => [one, middle(visits.map((visit) => visit[one]))]),
    )
    const said = Object.entries(times).map(
        ([one, ms]) => `${WORDS[one]} ${ms.toFixed(0)} ms (${(ms / loop).toFixed(1)} loops)`,
    )
    console.log(`${name}: ${said.join(', ')}; a loop of ten million ${loop.toFixed(0)} ms`)
}
await browser.close()
