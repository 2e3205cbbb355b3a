import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { SheetBody } from '../frame/SheetBody'

/** Two columns on a desk, one below the other on a phone. */
export function Columns({ children }: { children: ReactNode }) {
    return <SheetBody columns="minmax(0, 3fr) minmax(0, 2fr)">{children}</SheetBody>
}

/** Parts of a sheet below each other. */
export function Column({ children }: { children: ReactNode }) {
    return (
        <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
            {children}
        </Box>
    )
}

/** One line of a list, with what can be done about it on the right; below on a phone. */
export function Line({ children, acts }: { children: ReactNode; acts?: ReactNode }) {
    return (
        <Box
            as="li"
            display="flex"
            flexWrap="wrap"
            justifyContent="space-between"
            alignItems="center"
            columnGap="14px"
            borderBottom="1px solid"
            borderColor="rule"
            minHeight="52px"
            paddingBlock="6px"
            listStyleType="none"
        >
            <Box flex="1 1 260px" minWidth="0">
                {children}
            </Box>
            {acts !== undefined && (
                <Box display="flex" flexWrap="wrap" gap="4px">
                    {acts}
                </Box>
            )}
        </Box>
    )
}

export function Help({ children }: { children: ReactNode }) {
    return (
        <Box as="p" color="ink2" paddingTop="8px">
            {children}
        </Box>
    )
}
