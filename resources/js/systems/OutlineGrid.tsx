import { useKeeper } from '../frame/keeper'
import type { Units } from '../api/types'
import { systemsWords } from '../messages/systems'
import { Box, Button, Field, Textarea } from '@chakra-ui/react'
import { useState } from 'react'
import type { Point } from '../drawing/geometry'
import { polygon, polyline } from '../drawing/geometry'
import { useWidth } from '../frame/useWidth'
import { ink } from '../theme/tokens'
import { cornersFrom, cornersText } from './form'

interface Props {
    points: readonly number[][]
    onChange: (points: number[][]) => void
    error: string | undefined
}

const LEAST_SQUARES = 20
const HEIGHT_SQUARES = 12

interface GridUnit {
    word: string
    many: string
    mm: number
    /** What a square is a side of. */
    square: string
    squareMm: number
}

const metresOrFeet = (units: Units): GridUnit =>
    units.length === 'metric'
        ? { ...systemsWords.form.metres, mm: 1000, squareMm: 500 }
        : { ...systemsWords.form.feet, mm: 304.8, squareMm: 609.6 }

/** A pond drawn corner by corner on squared paper, or typed. */
export function OutlineGrid({ points, onChange, error }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [text, setText] = useState<string | null>(null)
    const { units } = useKeeper()
    const unit = metresOrFeet(units)
    const squares = (axis: 0 | 1): number =>
        Math.ceil(Math.max(0, ...points.map((point) => point[axis] ?? 0)) / unit.squareMm) + 2
    const columns = Math.max(LEAST_SQUARES, squares(0))
    const rows = Math.max(HEIGHT_SQUARES, squares(1))
    const square = (width - 2) / columns
    const put = (next: number[][]): void => {
        setText(null)
        onChange(next)
    }
    const corners = points.map(([x, y]): Point => [
        ((x ?? 0) / unit.squareMm) * square + 1,
        ((y ?? 0) / unit.squareMm) * square + 1,
    ])
    return (
        <Box ref={box} gridColumn="1 / -1">
            <Field.Root invalid={error !== undefined}>
                <Field.Label>{systemsWords.form.corners}</Field.Label>
                <Field.HelperText>
                    {systemsWords.form.cornersHelp({ square: unit.square, unit: unit.many })}
                </Field.HelperText>
                {width > 0 && (
                    <svg
                        width={width}
                        height={rows * square + 2}
                        aria-hidden="true"
                        style={{ cursor: 'crosshair', touchAction: 'manipulation', display: 'block' }}
                        onClick={(event) => {
                            const at = event.currentTarget.getBoundingClientRect()
                            const snap = (pixels: number): number =>
                                Math.round(pixels / square) * unit.squareMm
                            put([
                                ...points.map((one) => [...one]),
                                [snap(event.clientX - at.left), snap(event.clientY - at.top)],
                            ])
                        }}
                    >
                        <SquaredPaper columns={columns} rows={rows} square={square} />
                        <Corners corners={corners} />
                    </svg>
                )}
                <Field.ErrorText role="alert">{error}</Field.ErrorText>
            </Field.Root>
            {points.length > 0 && (
                <Button
                    type="button"
                    variant="plain"
                    onClick={() => put(points.slice(0, -1).map((one) => [...one]))}
                >
                    {systemsWords.form.undoCorner}
                </Button>
            )}
            <TypedCorners
                points={points}
                unit={unit}
                text={text}
                onType={(typed) => {
                    setText(typed)
                    onChange(cornersFrom(typed, unit.mm))
                }}
            />
        </Box>
    )
}

function SquaredPaper({ columns, rows, square }: { columns: number; rows: number; square: number }) {
    const width = columns * square + 2
    return (
        <>
            <rect width={width} height={rows * square + 2} fill={ink('fresh')} />
            {Array.from({ length: columns + 1 }, (_, i) => (
                <path
                    key={i}
                    d={`M${i * square + 1} 0V${rows * square}`}
                    stroke={ink(i % 2 === 0 ? 'edge' : 'rule')}
                    strokeWidth={0.8}
                />
            ))}
            {Array.from({ length: rows + 1 }, (_, i) => (
                <path
                    key={i}
                    d={`M0 ${i * square + 1}H${width}`}
                    stroke={ink(i % 2 === 0 ? 'edge' : 'rule')}
                    strokeWidth={0.8}
                />
            ))}
        </>
    )
}

/** What is drawn so far; the last corner is the largest. */
function Corners({ corners }: { corners: readonly Point[] }) {
    return (
        <>
            {corners.length > 2 && (
                <path
                    d={polygon(corners)}
                    fill={ink('water')}
                    fillOpacity={0.8}
                    stroke={ink('ink')}
                    strokeWidth={2.2}
                />
            )}
            {corners.length === 2 && <path d={polyline(corners)} stroke={ink('ink')} strokeWidth={2.2} />}
            {corners.map(([x, y], i) => (
                <circle
                    key={`${x} ${y} ${i}`}
                    cx={x}
                    cy={y}
                    r={i === corners.length - 1 ? 6 : 4}
                    fill={ink(i === corners.length - 1 ? 'accent' : 'ink')}
                />
            ))}
        </>
    )
}

interface TypedProps {
    points: Props['points']
    unit: GridUnit
    /** As typed; null while it is drawn. */
    text: string | null
    onType: (text: string) => void
}

function TypedCorners({ points, unit, text, onType }: TypedProps) {
    return (
        <Field.Root>
            <Field.Label>{systemsWords.form.cornersText({ unit: unit.word })}</Field.Label>
            <Textarea
                rows={4}
                value={text ?? cornersText(points, unit.mm)}
                onChange={(event) => onType(event.target.value)}
                border="1.6px solid"
                borderColor="edge"
                borderRadius="3px"
                background="fresh"
                color="ink"
                padding="8px 12px"
                width="100%"
            />
        </Field.Root>
    )
}
