import { chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** An address, a secret or a command, to be taken over as it stands. */
export function ToCopy({ children }: { children: ReactNode }) {
    return (
        <chakra.code
            display="block"
            fontFamily="mono"
            fontSize="note"
            background="fresh"
            border="1.6px solid"
            borderColor="edge"
            padding="10px"
            overflowWrap="anywhere"
            userSelect="all"
            tabIndex={0}
        >
            {children}
        </chakra.code>
    )
}
