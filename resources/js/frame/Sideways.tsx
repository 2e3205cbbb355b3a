import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { useEffect, useState } from 'react'
import { useWidth } from './useWidth'

/** What may be wider than the sheet is scrolled sideways inside of it; where it is, by keys, too. */
export function Sideways({ label, children }: { label: string; children: ReactNode }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [isWider, setWider] = useState(false)
    useEffect(() => {
        const { scrollWidth = 0, clientWidth = 0 } = box.current ?? {}
        setWider(scrollWidth > clientWidth)
    }, [box, width, children])
    return (
        <Box ref={box} overflowX="auto" {...(isWider && { tabIndex: 0, role: 'group', 'aria-label': label })}>
            {children}
        </Box>
    )
}
