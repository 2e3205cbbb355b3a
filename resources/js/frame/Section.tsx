import { Box, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** A part of a sheet under a ruled heading. */
export function Section({
    title,
    children,
    aside,
}: {
    title: string
    children: ReactNode
    aside?: ReactNode
}) {
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
                <chakra.h2 fontSize="17px" fontWeight={800} paddingBottom="4px">
                    {title}
                </chakra.h2>
                {aside}
            </Box>
            {children}
        </Box>
    )
}
