import { chakra } from '@chakra-ui/react'
import { FishSide } from './FishSide'
import { tallness } from './tallness'

interface Props {
    form: string
    band: number
    mm: number
    /** How far the longest of the list reaches, in millimetres: it is as wide as the column. */
    reach: number
}

/** How wide the column is, of what a drawing is made of; it shrinks with the column. */
const WIDTH = 170

const LEAST_HEIGHT = 10

/** Of a list: a fish from the side, to the one scale of that list. Its length stands beside it in figures. */
export function SideToScale({ form, band, mm, reach }: Props) {
    if (form === 'none') {
        return null
    }
    const length = ((WIDTH - 4) * mm) / reach
    const height = Math.max(LEAST_HEIGHT, length * tallness(form) + 4)
    return (
        <chakra.svg
            viewBox={`0 0 ${WIDTH} ${height}`}
            width={{ base: '92px', md: `${WIDTH}px` }}
            maxWidth="100%"
            overflow="visible"
            aria-hidden="true"
        >
            <FishSide form={form} band={band} x={2 + length / 2} y={height / 2} length={length} />
        </chakra.svg>
    )
}
