// Frames a second while the lanes of a large place are panned: 40 systems, 300 fish, by weeks.
// Usage: node bin/lanes-bench.mjs [base address of a running demo]
import { chromium } from 'playwright-core'
import { BROWSER } from './browser.mjs'

const base = process.argv[2] ?? 'http://127.0.0.1:8000'
const SYSTEMS = 40
const FISH = 300
const PAN_MS = 4000
const PAN_PX = 24

const browser = await chromium.launch(BROWSER)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${base}/`)
await page.getByLabel('E-mail').fill('keeper@heron-lock.example')
await page.locator('input[type=password]').fill('heron-lock')
await page.locator('button[type=submit]').click()
await page.getByRole('navigation').first().waitFor()

/** The lanes of the demo, again and again, until there are as many. */
function enlarged(page) {
    const lanes = Array.from({ length: SYSTEMS }, (_, i) => ({
        ...page.lanes[i % page.lanes.length],
        key: `system-${i}`,
        name: `Lane ${i + 1}`,
    }))
    const ofLane = (i) => page.lanes[i % page.lanes.length].key
    const bands = Array.from({ length: FISH }, (_, i) => {
        const own = page.bands.filter(({ key }) => key === ofLane(i % SYSTEMS))
        const band = own[i % Math.max(1, own.length)] ?? page.bands[i % page.bands.length]
        return { ...band, fish_id: i + 1, name: `Fish ${i + 1}`, key: `system-${i % SYSTEMS}` }
    })
    return { ...page, lanes, bands, moves: [], holds: [], breaches: [] }
}

await page.route('**/api/v1/lanes', async (route) => {
    const response = await route.fetch()
    await route.fulfill({ response, json: enlarged(await response.json()) })
})
await page.goto(`${base}/plan`)
await page.getByRole('button', { name: 'weeks' }).click()
await page.waitForTimeout(1500)
const frames = await page.evaluate(
    async ([ms, px]) => {
        const box = document.querySelector('svg[role=img]').parentElement
        const times = []
        const tasks = []
        new PerformanceObserver((list) =>
            list.getEntries().forEach(({ duration }) => tasks.push(duration)),
        ).observe({ type: 'longtask' })
        const begun = performance.now()
        await new Promise((resolve) => {
            let forward = true
            const step = (now) => {
                times.push(now)
                box.scrollLeft += forward ? px : -px
                forward =
                    box.scrollLeft <= 0
                        ? true
                        : box.scrollLeft >= box.scrollWidth - box.clientWidth - 1
                          ? false
                          : forward
                if (now - begun < ms) {
                    requestAnimationFrame(step)
                } else {
                    resolve()
                }
            }
            requestAnimationFrame(step)
        })
        const gaps = times
            .slice(1)
            .map((time, i) => time - times[i])
            .sort((a, b) => a - b)
        return {
            count: gaps.length,
            mean: gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length,
            worst: gaps.at(-1),
            p95: gaps[Math.floor(gaps.length * 0.95)],
            // Tasks of less than 50 ms are not told.
            task: Math.max(50, ...tasks),
        }
    },
    [PAN_MS, PAN_PX],
)
console.log(
    `${SYSTEMS} systems, ${FISH} fish: ${(1000 / frames.mean).toFixed(1)} frames a second; 95 % within ${frames.p95.toFixed(1)} ms, worst ${frames.worst.toFixed(0)} ms; no task of the page longer than ${frames.task.toFixed(0)} ms`,
)
await browser.close()
