import type { MarkedPoint, MarksRequest } from '../api/types'

/** What is being marked. */
export type Tool = 'scale' | 'fish' | 'back' | 'foot'

/** One mark: of the scale, of the thing at the back, of the foot, or of a fish. */
export interface MarkAt {
    tool: Tool
    /** Which fish; 0 for the others. */
    line: number
    at: number
}

/** What is marked on a picture, while it is being marked. */
export interface Marks {
    scale: readonly MarkedPoint[]
    back: readonly MarkedPoint[]
    foot: readonly MarkedPoint[]
    lines: readonly (readonly MarkedPoint[])[]
}

/** What is typed beside the picture. */
export interface MeasureTyped {
    view: MarksRequest['view']
    scale: string
    way: MarksRequest['distance']['way']
    distance: string
    seenDepth: string
    rim: string
    glass: string
    room: string
    depth: MarksRequest['depth']
    /** '': none chosen. */
    other: string
    heading: MarksRequest['heading']
}

const PAIR = 2

export const NOTHING_MARKED: Marks = { scale: [], back: [], foot: [], lines: [[]] }

export const NOTHING_TYPED: MeasureTyped = {
    view: 'glass',
    scale: '',
    way: 'measured',
    distance: '',
    seenDepth: '',
    rim: '',
    glass: '',
    room: '',
    depth: 'middle',
    other: '',
    heading: 'square',
}

/** The marks of one tool, those of a fish by its number. */
export function listOf(marks: Marks, tool: Tool, line: number): readonly MarkedPoint[] {
    return tool === 'fish' ? (marks.lines[line] ?? []) : marks[tool]
}

function withList(marks: Marks, tool: Tool, line: number, list: readonly MarkedPoint[]): Marks {
    if (tool !== 'fish') {
        return { ...marks, [tool]: list }
    }
    const lines = marks.lines.length > line ? marks.lines : [...marks.lines, []]
    return { ...marks, lines: lines.map((one, i) => (i === line ? list : one)) }
}

/** One more mark; of a pair that is whole the nearer one goes there. */
export function withMark(
    marks: Marks,
    tool: Tool,
    line: number,
    point: MarkedPoint,
): { marks: Marks; chosen: MarkAt } {
    const list = listOf(marks, tool, line)
    const most = { scale: PAIR, back: PAIR, foot: 1, fish: Infinity }[tool]
    if (list.length < most) {
        return {
            marks: withList(marks, tool, line, [...list, point]),
            chosen: { tool, line, at: list.length },
        }
    }
    const far = (other: MarkedPoint | undefined): number =>
        other === undefined ? Infinity : Math.hypot(other.x - point.x, other.y - point.y)
    const at = far(list[0]) <= far(list[1]) ? 0 : 1
    return { marks: moved(marks, { tool, line, at }, point), chosen: { tool, line, at } }
}

export const moved = (marks: Marks, { tool, line, at }: MarkAt, point: MarkedPoint): Marks =>
    withList(
        marks,
        tool,
        line,
        listOf(marks, tool, line).map((one, i) => (i === at ? point : one)),
    )

export const without = (marks: Marks, { tool, line, at }: MarkAt): Marks =>
    withList(
        marks,
        tool,
        line,
        listOf(marks, tool, line).filter((_, i) => i !== at),
    )

/** The mark itself; undefined: it is not there any more. */
export const pointOf = (marks: Marks, { tool, line, at }: MarkAt): MarkedPoint | undefined =>
    listOf(marks, tool, line)[at]

const orNone = (text: string): string | null => (text.trim() === '' ? null : text)

/** What is asked of the server; null while a mark or measure is still missing. */
export function requestOf(marks: Marks, typed: MeasureTyped): MarksRequest | null {
    const [from, to] = marks.scale
    const lines = marks.lines.filter((line) => line.length > 1).map((line) => [...line])
    const distance = distanceOf(marks, typed)
    const isTwice = typed.depth === 'twice'
    if (from === undefined || to === undefined || lines.length === 0 || distance === null) {
        return null
    }
    if (typed.scale.trim() === '' || (isTwice && typed.other === '')) {
        return null
    }
    return {
        view: typed.view,
        scale: { from, to, length: typed.scale },
        foot: marks.foot[0] ?? null,
        distance,
        rim: orNone(typed.rim),
        glass: orNone(typed.glass),
        room: orNone(typed.room),
        depth: typed.depth,
        other: isTwice ? Number(typed.other) : null,
        heading: typed.heading,
        lines,
    }
}

/** How far the camera stands, or what tells it; null: not said yet. */
function distanceOf(
    { back }: Marks,
    { way, distance, seenDepth }: MeasureTyped,
): MarksRequest['distance'] | null {
    const [from, to] = back
    if (distance.trim() === '') {
        return null
    }
    if (way !== 'seen') {
        return { way, length: distance, from: null, to: null, depth: null }
    }
    return from === undefined || to === undefined || seenDepth.trim() === ''
        ? null
        : { way, length: distance, from, to, depth: seenDepth }
}

/** As it was kept with the picture. */
export function reopened(kept: MarksRequest | null): { marks: Marks; typed: MeasureTyped } {
    if (kept === null) {
        return { marks: NOTHING_MARKED, typed: NOTHING_TYPED }
    }
    const points = (...some: (MarkedPoint | null | undefined)[]): MarkedPoint[] =>
        some.filter((one) => one != null)
    return {
        marks: {
            scale: [kept.scale.from, kept.scale.to],
            back: points(kept.distance.from, kept.distance.to),
            foot: points(kept.foot),
            lines: kept.lines.length === 0 ? [[]] : kept.lines,
        },
        typed: {
            view: kept.view,
            scale: kept.scale.length,
            way: kept.distance.way,
            distance: kept.distance.length ?? '',
            seenDepth: kept.distance.depth ?? '',
            rim: kept.rim ?? '',
            glass: kept.glass ?? '',
            room: kept.room ?? '',
            depth: kept.depth,
            other: kept.other == null ? '' : String(kept.other),
            heading: kept.heading,
        },
    }
}
