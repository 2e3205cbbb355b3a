import { systemsWords } from '../messages/systems'
import { Box } from '@chakra-ui/react'
import type { SystemSheet } from '../api/types'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { drawnSize, fullSize, SystemFromAbove } from './SystemFromAbove'

const MAX_HEIGHT = 230
/** Below this width a home is no higher than fits a list on the phone. */
const NARROW = 500
const MAX_HEIGHT_NARROW = 140
/** A part of the scale bar is at least so wide that its figures stand apart. */
const LEAST_PART = 34
const MOST_PARTS = 4
const FEET = 304.8

/** One system as large as the sheet allows, with its scale bar. */
export function SystemPlan({ system }: { system: SystemSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const { units } = useKeeper()
    const [fullWidth, fullHeight] = fullSize(system)
    const highest = width < NARROW ? MAX_HEIGHT_NARROW : MAX_HEIGHT
    const scale = Math.min((width - 20) / fullWidth, highest / fullHeight, 0.24)
    const [, height] = drawnSize(system, scale)
    const [unit, worth, word] = units.length === 'metric' ? [500, 0.5, 'm'] : [FEET, 1, 'ft']
    const times = Math.max(1, Math.ceil(LEAST_PART / (unit * scale)))
    const part = unit * times
    const parts = Math.max(1, Math.min(MOST_PARTS, Math.floor(fullWidth / part / 2)))
    const labels = Array.from({ length: parts + 1 }, (_, i) =>
        i === parts ? `${i * worth * times} ${word}` : String(i * worth * times),
    )
    return (
        <Box ref={box} paddingTop="10px">
            {width > 0 && (
                <svg
                    width={width}
                    height={height + 54}
                    role="img"
                    aria-label={systemsWords.fromAbove({ name: system.name })}
                >
                    <SystemFromAbove system={system} x={10} y={10} scale={scale} />
                    <ScaleBar x={16} y={height + 22} part={part * scale} labels={labels} />
                </svg>
            )}
        </Box>
    )
}
