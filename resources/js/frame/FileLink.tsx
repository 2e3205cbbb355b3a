import { chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'

interface Props {
    href: string
    /** Where the text alone does not say which file. */
    label?: string
    children: ReactNode
}

/** A file that the browser fetches. */
export function FileLink({ href, label, children }: Props) {
    return (
        <chakra.a
            href={href}
            download
            aria-label={label}
            display="inline-flex"
            alignItems="center"
            minHeight="44px"
            paddingInline="6px"
            color="accent"
            fontWeight={700}
            fontSize="said"
            textDecoration="underline"
            textUnderlineOffset="4px"
        >
            {children}
        </chakra.a>
    )
}
