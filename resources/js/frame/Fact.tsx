import { Box, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { Term } from '../terms/Term'
import type { TermName } from '../terms/terms'

/** One line of a list of facts: what it is, and how it is. Belongs into a dl. Long names take more room. */
export function Fact({
    name,
    children,
    term,
    isLong = false,
}: {
    name: string
    children: ReactNode
    /** The word of the trade that its name is. */
    term?: TermName
    isLong?: boolean
}) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={isLong ? '186px minmax(0, 1fr)' : '92px minmax(0, 1fr)'}
            // A word that can be tapped is higher on the phone than one that cannot.
            alignItems={{ base: term === undefined ? 'start' : 'center', lg: 'start' }}
            borderBottom="1px solid"
            borderColor="rule"
            paddingBlock="6px 4px"
        >
            <chakra.dt color="ink2">{term === undefined ? name : <Term of={term}>{name}</Term>}</chakra.dt>
            <chakra.dd fontWeight={600} margin="0">
                {children}
            </chakra.dd>
        </Box>
    )
}
