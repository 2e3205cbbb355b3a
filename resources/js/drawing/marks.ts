import type { Form } from './forms'
import { halfHeight } from './forms'
import { bow, polygon } from './geometry'
import type { Place } from './outline'
import { edge } from './outline'

/** The scales of a flank. One path for all: a list of fish has thousands of them. */
export function scales(form: Form, place: Place): string {
    const size = (form.upper.height + form.lower.height) / (form.scales * 2.1)
    let path = ''
    for (let row = -form.scales; row <= form.scales; row++) {
        const y = row * size * 0.92
        const shift = row % 2 === 0 ? 0 : size * 0.55
        for (let x = form.breastFin[0] + 0.06 + shift; x < form.tailRoot - 0.02; x += size * 1.1) {
            if (y > edge(form, x, 'upper') * 0.84 && y < edge(form, x, 'lower') * 0.84) {
                path += bow(
                    place(x - size * 0.2, y - size * 0.42),
                    place(x + size * 0.42, y),
                    place(x - size * 0.2, y + size * 0.42),
                )
            }
        }
    }
    return path
}

/** The bony plates along a sturgeon's back. */
export function scutes(form: Form, place: Place): string {
    return Array.from({ length: form.scutes }, (_, i) => {
        const x = 0.2 + (i * (form.tailRoot - 0.26)) / form.scutes
        const y = edge(form, x, 'upper') * 0.97
        const d = 0.016
        return polygon([place(x - d, y), place(x, y - d * 1.1), place(x + d * 1.2, y), place(x, y + d * 0.6)])
    }).join('')
}

/** Middle and radius of each spot, in pixels. */
export function spots(form: Form, place: Place, length: number): [number, number, number][] {
    return Array.from({ length: form.spots }, (_, i) => {
        const x = 0.4 + i * 0.088
        const [cx, cy] = place(x, halfHeight(form.lower, x / form.tailRoot) * 0.55)
        return [cx, cy, 0.024 * length * (1 - i * 0.07)]
    })
}
