import { Box, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'

interface Props {
    title: string
    children: ReactNode
    aside?: ReactNode
    /** What stands in the heading where that is more than its title. */
    heading?: ReactNode
}

/** A part of a sheet under a ruled heading. */
export function Section({ title, children, aside, heading = title }: Props) {
    return (
        <Box as="section" aria-label={title}>
            <Box
                display="flex"
                alignItems="baseline"
                justifyContent="space-between"
                gap="12px"
                borderBottom="1.6px solid"
                borderColor="ink"
            >
                <chakra.h2 flex="1" minWidth="0" fontSize="said" fontWeight={800} paddingBottom="4px">
                    {heading}
                </chakra.h2>
                {aside}
            </Box>
            {children}
        </Box>
    )
}
