import type { PointerEvent } from 'react'
import type { MarkedPoint } from '../api/types'
import { pictureWords } from '../messages/picture'
import type { Colour } from '../theme/tokens'
import { ink } from '../theme/tokens'
import type { MarkAt, Marks, Tool } from './marks'

const words = pictureWords.measure

/** Radius of a mark, and of what a finger grabs. Pixels of the screen. */
const RADIUS = 6

const GRAB = 22

const COLOURS: Record<Tool, Colour> = { scale: 'accent', fish: 'over', back: 'unc', foot: 'fit' }

interface Props {
    marks: Marks
    /** Pixels of the picture in one of the screen. */
    perPixel: number
    chosen: MarkAt | null
    onGrab: (event: PointerEvent, mark: MarkAt) => void
    onChoose: (mark: MarkAt) => void
}

/** The marks over the picture, light under dark so that they are seen on any ground. */
export function MarkLines({ marks, ...rest }: Props) {
    return (
        <>
            <MarkLine tool="scale" line={0} points={marks.scale} {...rest} />
            <MarkLine tool="back" line={0} points={marks.back} {...rest} />
            <MarkLine tool="foot" line={0} points={marks.foot} {...rest} />
            {marks.lines.map((points, i) => (
                <MarkLine key={i} tool="fish" line={i} points={points} {...rest} />
            ))}
        </>
    )
}

interface LineProps extends Omit<Props, 'marks'> {
    tool: Tool
    line: number
    points: readonly MarkedPoint[]
}

function MarkLine({ tool, line, points, perPixel, chosen, onGrab, onChoose }: LineProps) {
    const path = points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x} ${y}`).join('')
    const colour = ink(COLOURS[tool])
    return (
        <g>
            <path d={path} fill="none" stroke="#fff" strokeWidth={4 * perPixel} pointerEvents="none" />
            <path
                d={path}
                fill="none"
                stroke={colour}
                strokeWidth={2 * perPixel}
                strokeDasharray={tool === 'fish' ? undefined : `${8 * perPixel} ${4 * perPixel}`}
                pointerEvents="none"
            />
            {points.map(({ x, y }, at) => {
                const mark = { tool, line, at }
                const isChosen = chosen?.tool === tool && chosen.line === line && chosen.at === at
                return (
                    <g
                        key={at}
                        role="button"
                        tabIndex={0}
                        aria-label={words.mark({ what: words[tool], n: at + 1 })}
                        aria-pressed={isChosen}
                        onPointerDown={(event) => onGrab(event, mark)}
                        onFocus={() => onChoose(mark)}
                        style={{ cursor: 'grab' }}
                    >
                        <circle cx={x} cy={y} r={GRAB * perPixel} fill="transparent" />
                        <circle
                            cx={x}
                            cy={y}
                            r={RADIUS * perPixel}
                            fill={isChosen ? colour : '#fff'}
                            fillOpacity={isChosen ? 0.35 : 0.6}
                            stroke={colour}
                            strokeWidth={2.4 * perPixel}
                        />
                        <circle cx={x} cy={y} r={1.1 * perPixel} fill={colour} />
                    </g>
                )
            })}
        </g>
    )
}
