import { Box } from '@chakra-ui/react'
import type { SitterHome } from '../api/types'
import { FishSide } from '../drawing/FishSide'
import { useWidth } from '../frame/useWidth'
import { sitterWords as words } from '../messages/sitter'
import { layFish, nameOf } from './layFish'
import { ink } from '../theme/tokens'

/** Who lives there, from the side and to one scale over the whole page, to be known and counted. */
export function FishOfHome({ home, longest }: { home: SitterHome; longest: number }) {
    const [ref, width] = useWidth<HTMLDivElement>()
    const { laid, height } = layFish(home.fish, width, longest)
    const named = home.fish.map(nameOf).join(', ')
    return (
        <Box
            ref={ref}
            paddingTop="6px"
            css={{ '@media print': { '& svg': { width: '62%', height: 'auto' } } }}
        >
            {width > 0 && (
                <svg
                    width={width}
                    height={height}
                    viewBox={`0 0 ${width} ${height}`}
                    role="img"
                    aria-label={words.drawing({ home: home.name, fish: named })}
                    style={{ display: 'block' }}
                >
                    {laid.map(({ fish, x, y, length, high }) => (
                        <g key={fish.name}>
                            <FishSide form={fish.form} band={fish.band} x={x} y={y} length={length} />
                            <text
                                x={x}
                                y={y + high / 2 + 14}
                                textAnchor="middle"
                                fontSize={14}
                                fill={ink('ink')}
                            >
                                {nameOf(fish)}
                            </text>
                        </g>
                    ))}
                </svg>
            )}
        </Box>
    )
}
