import { Box, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { useId, useState } from 'react'
import { Section } from './Section'
import { useCalledFor } from './useCalledFor'
import { useIsNarrow } from './useIsNarrow'

interface Props {
    title: string
    /** What is to be known of it while it is folded. */
    says?: string
    /** Where it is folded until somebody opens it. */
    on?: 'phone' | 'every width'
    /** It is open until somebody folds it. */
    beginsOpen?: boolean
    /** Something in it has to be seen: it is open whoever folded it. */
    isWanted?: boolean
    aside?: ReactNode
    /** A page that is opened for it begins here, and it is open. */
    anchor?: string
    /** Whether it has a heading where it is never folded. */
    isNamed?: boolean
    children: ReactNode
}

/** A part of a sheet that is opened when it is wanted, so that the sheet is read at a glance. */
export function Fold({
    title,
    says,
    on = 'phone',
    beginsOpen = false,
    isWanted = false,
    aside,
    anchor,
    isNamed = true,
    children,
}: Props) {
    const [chosen, choose] = useState<boolean>()
    const isCalledFor = useCalledFor(anchor)
    const isOpen = isWanted || (chosen ?? (beginsOpen || isCalledFor))
    const content = useId()
    const isNarrow = useIsNarrow()
    if (on === 'phone' && !isNarrow) {
        return !isNamed ? (
            children
        ) : (
            <Section title={title} aside={aside} anchor={anchor}>
                {children}
            </Section>
        )
    }
    return (
        <Section
            title={title}
            anchor={anchor}
            aside={isOpen ? aside : undefined}
            heading={
                <chakra.button
                    type="button"
                    display="flex"
                    alignItems="center"
                    gap="10px"
                    width="100%"
                    minHeight="44px"
                    padding="4px 0 0"
                    border="0"
                    background="none"
                    color="inherit"
                    font="inherit"
                    textAlign="start"
                    cursor="pointer"
                    aria-expanded={isOpen}
                    aria-controls={content}
                    onClick={() => choose(!isOpen)}
                >
                    <chakra.span flex="1">
                        {title}
                        {!isOpen && says !== undefined && (
                            <chakra.span
                                className="no-print"
                                display="block"
                                color="ink2"
                                fontSize="note"
                                fontWeight={500}
                            >
                                {says}
                            </chakra.span>
                        )}
                    </chakra.span>
                    <Sign isOpen={isOpen} />
                </chakra.button>
            }
        >
            {/* On paper everything is open. */}
            <Box id={content} display={isOpen ? 'block' : 'none'} _print={{ display: 'block' }}>
                {children}
            </Box>
        </Section>
    )
}

/** More to see, or less. */
function Sign({ isOpen }: { isOpen: boolean }) {
    return (
        <chakra.svg
            className="no-print"
            width="16px"
            height="16px"
            flex="none"
            aria-hidden="true"
            color="accent"
        >
            <path
                d={isOpen ? 'M2 8H14' : 'M2 8H14M8 2V14'}
                stroke="currentColor"
                strokeWidth="2.2"
                strokeLinecap="round"
            />
        </chakra.svg>
    )
}
