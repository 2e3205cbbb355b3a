import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** Parts of a sheet, two beside each other on a desk. */
export function Columns({ left, right }: { left: ReactNode; right: ReactNode }) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' }}
            gap="26px 34px"
            padding={{ base: '16px 2px 30px', md: '18px 10px 30px' }}
            alignItems="start"
        >
            <Box display="flex" flexDirection="column" gap="26px" minWidth="0">
                {left}
            </Box>
            <Box display="flex" flexDirection="column" gap="26px" minWidth="0">
                {right}
            </Box>
        </Box>
    )
}
