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

/** Milliseconds from the request until it says and shows something. */
async function stands(page, address, shown) {
    await page.goto(address, { waitUntil: 'commit' })
    const isShown = await page.waitForFunction(
        (picture) =>
            document.querySelector('h1')?.textContent !== '' &&
            document.querySelector(picture) !== null &&
            new Promise((drawn) => requestAnimationFrame(() => setTimeout(() => drawn(performance.now())))),
        shown,
    )
    return isShown.jsonValue()
}

/** The same of a page that is gone to, as by a link. */
const goesTo = (page, address, shown) =>
    page.evaluate(
        async ([to, picture]) => {
            const left = document.querySelector('h1').textContent
            const begun = performance.now()
            history.pushState({}, '', to)
            const isThere = () => {
                const said = document.querySelector('h1')?.textContent ?? ''
                return said !== '' && said !== left && document.querySelector(picture) !== null
            }
            while (!isThere()) {
                await new Promise((frame) => requestAnimationFrame(frame))
            }
            return performance.now() - begun
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

async function visit(address, shown) {
    // Without what the application itself keeps on the phone: that is quicker than any visit.
    const context = await browser.newContext({ ...PHONE, storageState, serviceWorkers: 'block' })
    const page = await context.newPage()
    const devtools = await context.newCDPSession(page)
    await devtools.send('Network.enable')
    await devtools.send('Network.emulateNetworkConditions', NETWORK)
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
    const first = await stands(page, address, shown)
    const again = await stands(page, address, shown)
    let gone = NaN
    if (address !== '/') {
        await page.goto('/')
        await page.waitForTimeout(AT_REST_MS)
        gone = await goesTo(page, address, shown)
    }
    const loop = await reference(page)
    await context.close()
    return { first, again, gone, loop }
}

const middle = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)]

for (const [name, address, shown] of PAGES) {
    const visits = []
    for (let round = 0; round < ROUNDS; round++) {
        visits.push(await visit(address, shown))
    }
    const [first, again, gone, loop] = ['first', 'again', 'gone', 'loop'].map((one) =>
        middle(visits.map((of) => of[one])),
    )
    const of = (ms) => `${ms.toFixed(0)} ms (${(ms / loop).toFixed(1)} loops)`
    const whence = Number.isNaN(gone) ? '' : `, from Today ${of(gone)}`
    console.log(
        `${name}: first visit ${of(first)}, again ${of(again)}${whence}; a loop of ten million ${loop.toFixed(0)} ms`,
    )
}
await browser.close()
