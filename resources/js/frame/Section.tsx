import { Box, chakra } from '@chakra-ui/react'
import { useEffect, useRef, type ReactNode } from 'react'
import { useCalledFor } from './useCalledFor'

interface Props {
    title: string
    children: ReactNode
    aside?: ReactNode
    /** What stands in the heading where that is more than its title. */
    heading?: ReactNode
    /** A page that is opened for it begins here. */
    anchor?: string | undefined
}

/** A part of a sheet under a ruled heading. */
export function Section({ title, children, aside, heading = title, anchor }: Props) {
    const section = useRef<HTMLElement>(null)
    const isCalledFor = useCalledFor(anchor)
    useEffect(() => {
        if (isCalledFor) {
            section.current?.scrollIntoView({ block: 'start' })
            section.current?.focus({ preventScroll: true })
        }
    }, [isCalledFor])
    return (
        <Box
            as="section"
            ref={section}
            aria-label={title}
            tabIndex={anchor === undefined ? undefined : -1}
            outline="none"
            scrollMarginTop="10px"
        >
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
