import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

/** Distances between things, in pixels; more is room that is kept for something of that size. */
const SCALE: ReadonlySet<number> = new Set([0, 2, 4, 6, 8, 10, 12, 14, 16, 20, 24, 30, 34])

const LARGEST = 34

const FOLDER = 'resources/js'

const SCREENS = readdirSync(FOLDER, { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('.tsx'),
)

const DISTANCE =
    /\b(?:gap|rowGap|columnGap|(?:margin|padding)(?:Top|Bottom|Left|Right|Block|Inline)?(?:Start|End)?)(?:=\{\{[^}]*\}\}|="[^"]*"|: '[^']*')/g

describe('the distances of all screens', () => {
    it.each(SCREENS)('%s', (file) => {
        const said = readFileSync(`${FOLDER}/${file}`, 'utf8').match(DISTANCE) ?? []
        const out = said.filter((distance) =>
            [...distance.matchAll(/(?<![\d.-])(\d+)px/g)].some(
                ([, px]) => Number(px) <= LARGEST && !SCALE.has(Number(px)),
            ),
        )
        expect(out).toEqual([])
    })
})
