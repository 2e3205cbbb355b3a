import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { semanticColours } from '../../resources/js/theme/tokens'

/** What is printed into the page is styled before the theme has come, so its colours stand there a second time. */
describe('the print of Today', () => {
    const style = readFileSync('resources/views/first-print-style.blade.php', 'utf8')
    const coloursIn = (sheet: string): [name: string, colour: string][] => {
        const block = style.split(`${sheet} {`)[1]?.split('}')[0] ?? ''
        return [...block.matchAll(/--(\w+): (#[0-9a-f]{6})/g)].map(([, name = '', colour = '']) => [
            name,
            colour,
        ])
    }

    it.each([
        ['html', '_light'],
        ['html.dark', '_dark'],
    ] as const)('has the colours of the theme: %s', (sheet, side) => {
        const colours = coloursIn(sheet)
        expect(colours.length).toBeGreaterThan(4)
        for (const [name, colour] of colours) {
            expect([name, semanticColours[name]?.value[side]]).toEqual([name, colour])
        }
    })
})
