import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'

interface Props {
    left: ReactNode
    /** None: the other takes the whole breadth. */
    right?: ReactNode
}

/** Parts of a sheet, two beside each other on a desk. */
export function Columns({ left, right }: Props) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={{
                base: 'minmax(0, 1fr)',
                lg: right === undefined ? 'minmax(0, 1fr)' : 'minmax(0, 1fr) minmax(0, 1fr)',
            }}
            gap="24px 34px"
            padding={{ base: '16px 2px 30px', md: '16px 10px 30px' }}
            alignItems="start"
        >
            <Column>{left}</Column>
            {right !== undefined && <Column>{right}</Column>}
        </Box>
    )
}

const Column = ({ children }: { children: ReactNode }) => (
    <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
        {children}
    </Box>
)
