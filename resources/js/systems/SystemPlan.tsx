import { systemsWords } from '../messages/systems'
import { Box } from '@chakra-ui/react'
import type { SystemSheet } from '../api/types'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { drawnSize, fullSize, SystemFromAbove } from './SystemFromAbove'

const MAX_HEIGHT = 230
const FEET = 304.8

/** One system as large as the sheet allows, with its scale bar. */
export function SystemPlan({ system }: { system: SystemSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const { units } = useKeeper()
    const [fullWidth, fullHeight] = fullSize(system)
    const scale = Math.min((width - 20) / fullWidth, MAX_HEIGHT / fullHeight, 0.24)
    const [, height] = drawnSize(system, scale)
    const unit = units.length === 'metric' ? 500 : FEET
    const parts = Math.max(1, Math.min(4, Math.floor(fullWidth / unit / 2)))
    const labels = Array.from({ length: parts + 1 }, (_, i) => {
        const text = units.length === 'metric' ? String(i / 2) : String(i)
        return i === parts ? `${text} ${units.length === 'metric' ? 'm' : 'ft'}` : text
    })
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
                    <ScaleBar x={16} y={height + 22} part={unit * scale} labels={labels} />
                </svg>
            )}
        </Box>
    )
}
