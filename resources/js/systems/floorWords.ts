import type { Point } from '../drawing/geometry'
import { widthFromAbove } from '../drawing/placeFish'
import type { Box, Label } from '../drawing/placeLabels'
import { placeLabels, placesAround } from '../drawing/placeLabels'
import { systemsWords } from '../messages/systems'
import { bandInk, ink } from '../theme/tokens'
import type { LengthUnit } from '../units/length'
import { bare } from '../units/length'
import type { Swimmer, Turning } from './useSwimmers'

/** Pixels that a letter and a line take, about. */
const LETTER = 8.2
const LINE = 19
/** Along the back of a fish, as shares of what is not its width. */
const SPINE = [-0.5, -0.25, 0, 0.25, 0.5]

interface Word extends Label {
    text: string
    colour: string
    isBold: boolean
}

/** The names of those who swim there and what the circle means, where they hide least. */
export function floorWords(
    swimmers: readonly Swimmer[],
    turning: Turning | undefined,
    at: number,
    unit: LengthUnit,
    [width, height]: Point,
): readonly (Word & { x: number; y: number })[] {
    const words = [
        ...(turning === undefined ? [] : [wordOfCircle(turning, unit)]),
        ...swimmers.filter(({ bearsName }) => bearsName).map((one) => nameOf(one, at, unit)),
    ]
    const places = placeLabels(words, swimmers.flatMap(boxesOf), width, height)
    return words.map((word) => {
        const [x, y] = places.get(word.key) ?? [0, 0]
        return { ...word, x, y }
    })
}

function nameOf(
    { key, fish, growing, form, isOver, x, y, length: drawn }: Swimmer,
    at: number,
    unit: LengthUnit,
): Word {
    const length = bare(growing.likely_mm[at] ?? 0, unit)
    const text = `${fish.name} ${length}${isOver ? `, ${systemsWords.noLonger}` : ''}`
    const width = text.length * LETTER
    const down = (drawn * widthFromAbove(form)) / 2 + LINE * 0.6
    return {
        key,
        text,
        colour: isOver ? ink('over') : bandInk(fish.band),
        isBold: true,
        width,
        height: LINE,
        places: placesAround([x, y], width / 2 + down, down),
    }
}

/** Beside the turning circle, above or below it, and last within it. */
function wordOfCircle({ x, y, r, mm, fish }: Turning, unit: LengthUnit): Word {
    const text = systemsWords.turns({
        n: fish.count,
        name: fish.name,
        size: `${bare(mm, unit)} ${unit.word}`,
    })
    const width = text.length * LETTER
    const beside = r + 8 + width / 2
    const over = r + LINE * 0.7
    return {
        key: 'turning',
        text,
        colour: ink('ink'),
        isBold: false,
        width,
        height: LINE,
        places: [
            [x + beside, y - r * 0.55],
            [x - beside, y - r * 0.55],
            [x + beside, y + r * 0.55],
            [x - beside, y + r * 0.55],
            [x, y - over],
            [x, y + over],
            [x, y - r * 0.5],
            [x, y + r * 0.5],
        ],
    }
}

/** A fish as boxes along its back, about as wide as it is. */
function boxesOf({ form, x, y, angle, length }: Swimmer): Box[] {
    const turn = (angle * Math.PI) / 180
    const size = Math.max(4, length * widthFromAbove(form))
    const along = Math.max(0, length - size)
    return SPINE.map((share) => ({
        x: x + Math.cos(turn) * share * along - size / 2,
        y: y + Math.sin(turn) * share * along - size / 2,
        width: size,
        height: size,
    }))
}
