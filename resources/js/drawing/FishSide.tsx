import { bandInk, ink } from '../theme/tokens'
import type { Form } from './forms'
import { formNamed } from './forms'
import type { Place } from './outline'
import { body, edge, finOf, rayDisc, sidePlacing, tail } from './outline'
import { polyline, smooth } from './geometry'
import { scales, scutes, spots } from './marks'

interface Props {
    form: string
    band: number
    /** The middle of its length. */
    x: number
    y: number
    /** Total length in pixels. */
    length: number
    /** An empty outline, for a size that it has not reached. */
    outlineOnly?: boolean
}

/** A fish from the side, or a ray from above, in its colour with the marks of its form. */
export function FishSide({ form: name, band, x, y, length, outlineOnly = false }: Props) {
    const colour = outlineOnly ? ink('ink2') : bandInk(band)
    const fill = outlineOnly ? ink('fresh') : ink('paper')
    if (name === 'ray') {
        const ray = rayDisc(length)
        return (
            <g
                transform={`translate(${x} ${y})`}
                stroke={colour}
                strokeWidth={outlineOnly ? 0.8 : 1.6}
                fill={fill}
            >
                <path d={ray.tail} fill="none" />
                <path d={ray.disc} />
                {!outlineOnly &&
                    [-1, 1].map((k) => (
                        <circle
                            key={k}
                            cx={-0.2 * length}
                            cy={k * 0.085 * length}
                            r={0.026 * length}
                            fill={colour}
                        />
                    ))}
            </g>
        )
    }
    const form = formNamed(name)
    const place = sidePlacing(form, length)
    const fins = form.fins.map((fin) => finOf(form, fin, place))
    const tailShape = tail(form, place)
    const shapes = [
        ...(tailShape === null ? [] : [tailShape]),
        ...fins.map((fin) => fin.shape),
        body(form, 'side', place),
    ]
    return (
        <g transform={`translate(${x} ${y})`} strokeLinejoin="round" strokeLinecap="round">
            {outlineOnly ? (
                <>
                    {shapes.map((d) => (
                        <path key={d} d={d} stroke={colour} strokeWidth={1.6} fill={fill} />
                    ))}
                    {shapes.map((d) => (
                        <path key={d} d={d} fill={fill} />
                    ))}
                </>
            ) : (
                <>
                    {shapes.map((d) => (
                        <path key={d} d={d} stroke={colour} strokeWidth={1.6} fill={fill} />
                    ))}
                    <g stroke={colour} strokeWidth={0.8} fill="none">
                        {fins.length > 0 && (
                            <path d={fins.flatMap(({ rays }) => rays.map(polyline)).join('')} />
                        )}
                        <Details form={form} place={place} length={length} colour={colour} />
                    </g>
                </>
            )}
        </g>
    )
}

function Details({
    form,
    place,
    length,
    colour,
}: {
    form: Form
    place: Place
    length: number
    colour: string
}) {
    const [breast, fin, width] = form.breastFin
    const gill = breast - 0.03
    const [top, bottom] = [edge(form, gill, 'upper'), edge(form, gill, 'lower')]
    const eye = place(form.eye[0], form.eye[1])
    const low = edge(form, breast, 'lower')
    return (
        <>
            {form.scales > 0 && <path d={scales(form, place)} strokeOpacity={0.55} />}
            {form.scutes > 0 && <path d={scutes(form, place)} />}
            {spots(form, place, length).map(([cx, cy, r]) => (
                <circle key={cx} cx={cx} cy={cy} r={r} />
            ))}
            {form.barbels.map(([bx, by, bl]) => {
                const d = smooth([
                    place(bx, by * 0.8),
                    place(bx + bl * 0.35, by + bl * 0.42),
                    place(bx + bl, by + bl * 0.62),
                ])
                return <path key={d} d={d} strokeWidth={1.2} />
            })}
            <path
                d={smooth([
                    place(gill - 0.02, top * 0.62),
                    place(gill + 0.012, (top + bottom) / 2),
                    place(gill - 0.03, bottom * 0.72),
                ])}
            />
            <path d={smooth([place(0.018, 0.012), place(0.05, 0.022)])} />
            <path
                d={smooth(
                    [
                        place(breast, low * 0.38),
                        place(breast + fin * 0.8, low * 0.25 + width * 0.2),
                        place(breast + fin, low * 0.4 + width * 0.9),
                        place(breast + 0.02, low * 0.52),
                    ],
                    true,
                )}
            />
            <circle cx={eye[0]} cy={eye[1]} r={Math.max(1.3, form.eye[2] * length)} fill={ink('paper')} />
            <circle cx={eye[0]} cy={eye[1]} r={Math.max(0.8, form.eye[2] * length * 0.5)} fill={colour} />
        </>
    )
}
