import type { Fin, Form } from './forms'
import { halfHeight } from './forms'
import type { Point } from './geometry'
import { polygon, smooth } from './geometry'

const BODY_STEPS = 26
const FIN_STEPS = 14

/** Places a point of the form (0 to 1 along, sideways in the same unit) on the drawing, bent like a swimming fish. */
export type Place = (x: number, y: number) => Point

export function placing(lengthPx: number, amplitude: number, waves: number): Place {
    return (x, y) => [
        (x - 0.5) * lengthPx,
        (y + amplitude * Math.sin((x - 0.12) * Math.PI * waves) * Math.pow(Math.max(0, x), 1.3)) * lengthPx,
    ]
}

export function sidePlacing(form: Form, lengthPx: number): Place {
    return placing(lengthPx, form.wave, 2.1)
}

export function abovePlacing(form: Form, lengthPx: number): Place {
    return form.wave > 0 ? placing(lengthPx, 0.056, 2.1) : placing(lengthPx, 0.035, 1.55)
}

export function body(form: Form, view: 'side' | 'above', place: Place): string {
    const [upper, lower] = view === 'side' ? [form.upper, form.lower] : [form.above, form.above]
    const steps = Array.from({ length: BODY_STEPS + 1 }, (_, i) => Math.pow(i / BODY_STEPS, 1.7))
    const top = steps.map((u) => place(u * form.tailRoot, -halfHeight(upper, u)))
    const bottom = steps.map((u) => place(u * form.tailRoot, halfHeight(lower, u)))
    return polygon([...top, ...bottom.reverse()])
}

/** Edge of the body seen from the side: negative above the axis. */
export function edge(form: Form, x: number, side: Fin['side']): number {
    const u = Math.min(x, form.tailRoot) / form.tailRoot
    return side === 'upper' ? -halfHeight(form.upper, u) : halfHeight(form.lower, u)
}

export function tail(form: Form, place: Place): string | null {
    const { kind, spread: s, notch: n } = form.tail
    const x = form.tailRoot - 0.015
    const p = form.upper.root
    const halves: Record<typeof kind, Point[]> = {
        none: [],
        round: [
            [x, -p],
            [x + 0.05, -s * 0.9],
            [0.975, -s * 0.72],
            [1, 0],
            [0.975, s * 0.72],
            [x + 0.05, s * 0.9],
            [x, p],
        ],
        fan: [
            [x, -p],
            [x + 0.06, -s * 0.62],
            [0.985, -s],
            [1 - n, -s * 0.35],
            [1 - n, s * 0.35],
            [0.985, s],
            [x + 0.06, s * 0.62],
            [x, p],
        ],
        fork: [
            [x, -p],
            [x + 0.07, -s * 0.62],
            [1, -s],
            [1 - n * 0.62, -s * 0.34],
            [1 - n, 0],
            [1 - n * 0.62, s * 0.34],
            [1, s],
            [x + 0.07, s * 0.62],
            [x, p],
        ],
        uneven: [
            [x, -p],
            [x + 0.09, -s * 0.62],
            [1, -s],
            [1 - n * 0.6, -s * 0.38],
            [1 - n * 1.5, 0.012],
            [0.93, s * 0.62],
            [x + 0.05, s * 0.42],
            [x, p],
        ],
    }
    const points = halves[kind]
    return points.length === 0 ? null : smooth(points.map(([a, b]) => place(a, b)))
}

function finHeight(fin: Fin, v: number): number {
    return v < fin.peak
        ? Math.pow(Math.max(0, Math.sin(((Math.PI / 2) * v) / fin.peak)), fin.round ? 0.7 : 1)
        : Math.pow(
              Math.max(0, Math.cos(((Math.PI / 2) * (v - fin.peak)) / (1 - fin.peak))),
              fin.round ? 0.8 : 1.7,
          )
}

/** A fin and the rays in it. */
export function finOf(form: Form, fin: Fin, place: Place): { shape: string; rays: [Point, Point][] } {
    const sign = fin.side === 'upper' ? -1 : 1
    const rim = Array.from({ length: FIN_STEPS + 1 }, (_, i) => {
        const v = i / FIN_STEPS
        const x = fin.from + (fin.to - fin.from) * v
        const height = finHeight(fin, v)
        return place(Math.min(1, x + fin.lean * height), edge(form, x, fin.side) + sign * fin.height * height)
    })
    const base = Array.from({ length: 9 }, (_, i) => {
        const x = fin.to - ((fin.to - fin.from) * i) / 8
        return place(x, edge(form, x, fin.side) * 0.8)
    })
    const count = Math.max(4, Math.round((fin.to - fin.from) * 40))
    const rays = Array.from({ length: count - 1 }, (_, i): [Point, Point] => {
        const share = (i + 1) / count
        const x = fin.from + (fin.to - fin.from) * share
        return [place(x, edge(form, x, fin.side)), rim[Math.round(share * FIN_STEPS)] ?? [0, 0]]
    })
    return { shape: polygon([...rim, ...base]), rays }
}

/** The breast fins spread, seen from above; both run around the way the body does. */
export function spreadFins(form: Form, place: Place): string[] {
    const [x, length] = form.breastFin
    const y = halfHeight(form.above, x / form.tailRoot)
    return [-1, 1].map((k) => {
        const rim = [
            place(x - 0.02, k * y * 0.7),
            place(x + 0.02, k * (y + length * 0.42)),
            place(x + length * 0.62, k * (y + length * 0.72)),
            place(x + length * 0.62, k * (y + length * 0.3)),
            place(x + 0.045, k * y * 0.7),
        ]
        return smooth(k < 0 ? rim : rim.reverse(), true)
    })
}

/** The tail on edge, seen from above. */
export function tailFromAbove(form: Form, place: Place): string | null {
    const r = form.tailRoot
    return form.tail.kind === 'none'
        ? null
        : smooth(
              [
                  place(r - 0.03, -0.012),
                  place(r + 0.06, -0.017),
                  place(1, 0),
                  place(r + 0.06, 0.017),
                  place(r - 0.03, 0.012),
              ],
              true,
          )
}

/** A ray from above, in units of its disc width. */
export function rayDisc(widthPx: number): { disc: string; tail: string } {
    const rim = Array.from({ length: 44 }, (_, i): Point => {
        const t = (i / 44) * 2 * Math.PI
        const r = 0.5 * (1 + 0.035 * Math.cos(3 * t) - 0.02 * Math.cos(t))
        return [-Math.cos(t) * r * 1.02 * widthPx, Math.sin(t) * r * widthPx]
    })
    const spine: Point[] = [
        [0.42, 0],
        [0.75, 0.05],
        [1, -0.02],
        [1.25, 0.05],
    ]
    return { disc: smooth(rim, true), tail: smooth(spine.map(([x, y]): Point => [x * widthPx, y * widthPx])) }
}

/** A fish in the water seen from above. Its parts run around the same way: where they overlap, none cuts a hole. */
export function silhouette(form: Form, place: Place): string {
    return [...spreadFins(form, place), tailFromAbove(form, place) ?? '', body(form, 'above', place)].join('')
}
