import { execFileSync } from 'node:child_process'
import { EMAIL, PASSWORD } from './keeper'
import { goToPage, PAGES, saidOn, signInByFields, writtenTexts } from './pages'
import { FIRST_PORT, TEMPLATES } from './servers'
import { expect, start, test } from './test'

const DUMP = '.state/browser-texts.txt'

const WORDS = '.state/browser-words.txt'

/** Units, formulas and names of formats and products are the same in every language. */
const UNTRANSLATED =
    /\b(Biomegas|cm|mm|ml|mg|kg|µS|dH|pH|ppt|ppm|imp|gal|ft|in|sq|lb|oz|KH|GH|NH|NO|PO|Cl|Cu|JSON|CSV|SVG|PNG|Chrome|Linux|URL|Esc|api|php|artisan|http|https)\b/g

/** Addresses, folders, what is typed at a prompt, currencies in brackets, and lists of codes to choose from. */
const CODES = /\S+@\S+|\/\S+\/\S+|php artisan biomegas:\w+ FILE|\([A-Z]{3}\)|(?:[a-z-]+, ){4,}[a-z-]+/g

const PLAIN_WORD = /[A-Za-z]{2,}/

/** In the made-up language every letter of a message has an accent: a plain word comes from elsewhere. */
test('no word stands outside the catalogues', async ({ browser }, { parallelIndex }) => {
    test.setTimeout(180_000)
    execFileSync('php', ['tests/Browser/texts.php', TEMPLATES.demo, DUMP, WORDS])
    const [written, words] = [writtenTexts(DUMP), writtenTexts(WORDS)]
    const server = await start(FIRST_PORT + 20 + parallelIndex, 'demo', { APP_LOCALE: 'en_XA' })
    try {
        const page = await browser.newPage()
        await page.goto(`${server.url}/`)
        await expect(page.locator('h1')).not.toBeEmpty()
        const found = outside(await saidOn(page), written, words, '/sign-in')
        await signInByFields(page, server.url, EMAIL, PASSWORD)
        const headings = new Set<string>()
        for (const address of PAGES) {
            await goToPage(page, address)
            headings.add(await page.locator('h1').innerText())
            found.push(...outside(await saidOn(page), written, words, address))
        }
        expect(found).toEqual([])
        // Sheets of one system share a heading, hardly any others do: it was not one page all the time.
        expect(headings.size).toBeGreaterThan(PAGES.length / 2)
    } finally {
        server.stop()
    }
})

/** Texts in which a word is left that nobody wrote by hand. */
function outside(
    said: readonly string[],
    written: readonly string[],
    words: readonly string[],
    address: string,
): string[] {
    return said.flatMap((text) => {
        const unsaid = text
            .replace(CODES, '')
            .split(/([:,()])/)
            .filter((part) => !words.includes(part.trim()))
            .join('')
        const rest = PLAIN_WORD.test(unsaid) ? written.reduce(without, unsaid).replace(UNTRANSLATED, '') : ''
        const left = rest.match(new RegExp(PLAIN_WORD, 'g'))
        return left === null ? [] : [`${address}: "${text.trim()}" says ${left.join(' ')}`]
    })
}

function without(text: string, known: string): string {
    const at = text.toLowerCase().indexOf(known.toLowerCase())
    return at === -1 ? text : without(text.slice(0, at) + text.slice(at + known.length), known)
}
