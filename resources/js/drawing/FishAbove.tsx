import { bandInk, ink } from '../theme/tokens'
import { formNamed } from './forms'
import { abovePlacing, rayDisc, silhouette } from './outline'

interface Props {
    form: string
    band: number
    x: number
    y: number
    /** Total length, or disc width of a ray, in pixels. */
    length: number
    /** Degrees; 0 looks to the left. */
    angle: number
}

/** A fish in the water seen from above: one silhouette in its colour. */
export function FishAbove({ form, band, x, y, length, angle }: Props) {
    const { shape, tail } = seenFromAbove(form, length)
    const line = { stroke: bandInk(band), strokeWidth: 2.2 }
    return (
        <g transform={`translate(${x} ${y}) rotate(${angle})`} strokeLinejoin="round" strokeLinecap="round">
            {tail !== undefined && <path d={tail} fill="none" {...line} />}
            <path d={shape} fill={ink('water')} paintOrder="stroke" {...line} />
            <path d={shape} fill={bandInk(band)} fillOpacity={0.62} />
        </g>
    )
}

/** A ray's tail is a line, and no part of its shape. */
function seenFromAbove(name: string, length: number): { shape: string; tail?: string } {
    if (name === 'ray') {
        const { disc, tail } = rayDisc(length)
        return { shape: disc, tail }
    }
    const form = formNamed(name)
    return { shape: silhouette(form, abovePlacing(form, length)) }
}
