import { systemsWords } from '../messages/systems'
import { Box, chakra } from '@chakra-ui/react'
import { ink } from '../theme/tokens'
import { Term } from '../terms/Term'
import type { TermName } from '../terms/terms'
import { percent } from '../units/share'

interface Props {
    name: string
    /** Null: not known. */
    share: number | null
    unknown?: string
    /** The word of the trade that its name is. */
    term?: TermName | undefined
    /** One of several, not the one that decides. */
    isLess?: boolean
}

const CLOSE = 0.85

/** A share of what is there; what is too much is hatched and said. */
export function Bar({ name, share, term, unknown = '', isLess = false }: Props) {
    const colour = share === null || share <= CLOSE ? 'ink2' : share <= 1 ? 'close' : 'over'
    return (
        <Box
            display="grid"
            gridTemplateColumns={{
                base: 'minmax(0, 1fr) 22% 92px',
                lg: 'minmax(0, 1fr) minmax(70px, 31%) 138px',
            }}
            gap="12px"
            alignItems="center"
            fontSize={isLess ? 'note' : undefined}
            color={isLess ? 'ink2' : undefined}
        >
            <span>{term === undefined ? name : <Term of={term}>{name}</Term>}</span>
            {share === null ? (
                <chakra.span gridColumn="2 / 4" color="ink2">
                    {unknown}
                </chakra.span>
            ) : (
                <>
                    <svg width="100%" height={isLess ? 8 : 16} aria-hidden="true">
                        <rect
                            width="100%"
                            height="100%"
                            fill={ink('fresh')}
                            stroke={ink('ink')}
                            strokeWidth={1.4}
                        />
                        <rect
                            width={`${Math.min(1, share) * 100}%`}
                            height="100%"
                            fill={share > 1 ? 'url(#hatch-over)' : ink(colour)}
                        />
                    </svg>
                    <chakra.b
                        color={share > CLOSE ? colour : undefined}
                        fontWeight={isLess ? 500 : 700}
                        whiteSpace={{ lg: 'nowrap' }}
                    >
                        {percent(share)}
                        {share > 1 ? `, ${systemsWords.tooMuch}` : ''}
                    </chakra.b>
                </>
            )}
        </Box>
    )
}
