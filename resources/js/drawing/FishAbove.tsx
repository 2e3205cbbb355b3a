import { bandInk, ink } from '../theme/tokens'
import { formNamed } from './forms'
import { abovePlacing, body, rayDisc, spreadFins, tailFromAbove } from './outline'

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
    const shapes = form === 'ray' ? Object.values(rayDisc(length)).reverse() : silhouette(form, length)
    const isRay = form === 'ray'
    return (
        <g transform={`translate(${x} ${y}) rotate(${angle})`} strokeLinejoin="round" strokeLinecap="round">
            {shapes.map((d) => (
                <path
                    key={d}
                    d={d}
                    fill={isRay && d === shapes[0] ? 'none' : ink('water')}
                    stroke={bandInk(band)}
                    strokeWidth={2.2}
                />
            ))}
            {shapes.map((d) => (
                <path key={d} d={d} fill={isRay && d === shapes[0] ? 'none' : ink('water')} />
            ))}
            {shapes.map((d) => (
                <path
                    key={d}
                    d={d}
                    fill={isRay && d === shapes[0] ? 'none' : bandInk(band)}
                    fillOpacity={0.62}
                />
            ))}
        </g>
    )
}

function silhouette(name: string, length: number): string[] {
    const form = formNamed(name)
    const place = abovePlacing(form, length)
    const tail = tailFromAbove(form, place)
    return [...spreadFins(form, place), ...(tail === null ? [] : [tail]), body(form, 'above', place)]
}
