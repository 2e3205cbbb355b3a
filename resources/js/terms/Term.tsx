import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { PaperDialog } from '../frame/PaperDialog'
import { termWords } from '../messages/terms'
import type { TermName } from './terms'

/** A word of the trade that says what it means to whoever taps it. */
export function Term({ of, children }: { of: TermName; children: ReactNode }) {
    const [isOpen, open] = useState(false)
    const { name, means } = termWords.words[of]
    const close = (): void => open(false)
    return (
        <>
            <chakra.button
                type="button"
                border="0"
                background="none"
                padding="0"
                minHeight={{ base: '44px', lg: 'auto' }}
                color="inherit"
                font="inherit"
                textAlign="start"
                textDecoration="underline dotted"
                textDecorationThickness="1.5px"
                textUnderlineOffset="4px"
                cursor="help"
                onClick={() => open(true)}
            >
                {children}
                <chakra.span srOnly>, {termWords.meaning}</chakra.span>
            </chakra.button>
            <PaperDialog title={name} open={isOpen} onClose={close}>
                <p>{means}</p>
                <Link to="/words" hash={of} onClick={close}>
                    {termWords.all}
                </Link>
            </PaperDialog>
        </>
    )
}
