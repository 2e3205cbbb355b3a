import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { Link, useRouterState } from '@tanstack/react-router'
import { useState } from 'react'
import { ink } from '../theme/tokens'
import { PaperDialog } from './PaperDialog'
import { isHere, places } from './places'
import { useSignOut } from './useSignOut'

const PlaceLink = chakra(Link)
const inRoom = places.filter((place) => place.stretch === 'room')
const others = places.filter((place) => place.stretch !== 'room')
/** Not on the tape: it is looked up, not gone to. */
const WORDS = { to: '/words', word: messages.frame.places.words } as const

/** The tape of places: ticks along a measuring tape, a plumb mark where you are. Above on a desk, below on a phone; where they do not fit, those of the desk and the shelf open as a slip. */
export function Tape() {
    const path = useRouterState({ select: (state) => state.location.pathname })
    const [deskOpen, openDesk] = useState(false)
    const signOut = useSignOut()
    return (
        <Box
            as="nav"
            aria-label={messages.frame.placesTitle}
            position={{ base: 'fixed', md: 'relative' }}
            bottom={{ base: 0, md: 'auto' }}
            insetInline={{ base: 0, md: 'auto' }}
            zIndex={10}
            background="paper"
            display="flex"
            flex={{ md: 1 }}
            height={{ base: '62px', md: '70px' }}
        >
            {inRoom.map((place) => (
                <PlaceMark key={place.to} place={place} path={path} />
            ))}
            {others.map((place, i) => (
                <Box key={place.to} display={{ base: 'none', xl: 'contents' }}>
                    {(i === 0 || place.stretch !== others[i - 1]?.stretch) && <Parting />}
                    <PlaceMark place={place} path={path} />
                </Box>
            ))}
            <chakra.button
                type="button"
                onClick={() => openDesk(true)}
                display={{ base: 'flex', xl: 'none' }}
                flex={{ base: 1, md: '0 1 120px' }}
                flexDirection="column"
                alignItems="center"
                fontSize="said"
                fontWeight={others.some((one) => isHere(one.to, path)) ? 800 : 500}
                background="none"
                border="none"
                padding="0"
                color="ink"
            >
                <TapeTicks isHere={others.some((one) => isHere(one.to, path))} letter="" />
                <Box as="span" paddingInline="6px">
                    {messages.frame.places.desk}
                </Box>
            </chakra.button>
            <Box flex="1" display={{ base: 'none', md: 'block' }} aria-hidden="true">
                <TapeTicks isHere={false} letter="" />
            </Box>
            <PaperDialog title={messages.frame.deskTitle} open={deskOpen} onClose={() => openDesk(false)}>
                {[...others, WORDS].map((place) => (
                    <PlaceLink
                        key={place.to}
                        to={place.to}
                        onClick={() => openDesk(false)}
                        aria-current={isHere(place.to, path) ? 'page' : undefined}
                        minHeight="48px"
                        display="flex"
                        alignItems="center"
                        fontSize="part"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        {place.word}
                    </PlaceLink>
                ))}
                <Button marginTop="14px" display={{ xl: 'none' }} onClick={signOut}>
                    {messages.frame.signOut}
                </Button>
            </PaperDialog>
        </Box>
    )
}

function PlaceMark({ place, path }: { place: (typeof places)[number]; path: string }) {
    const here = isHere(place.to, path)
    return (
        <PlaceLink
            to={place.to}
            aria-current={here ? 'page' : undefined}
            display="flex"
            flexDirection="column"
            alignItems="center"
            flex={{ base: 1, md: '0 1 120px' }}
            color="ink"
            textDecoration="none"
            fontWeight={here ? 800 : 500}
            fontSize={{ base: 'said', md: 'text' }}
            minHeight="44px"
            whiteSpace="nowrap"
        >
            <TapeTicks isHere={here} letter={place.letter} />
            <Box
                as="span"
                borderBottom={here ? '2.6px solid' : '2.6px solid transparent'}
                paddingInline="6px"
            >
                {place.word}
            </Box>
        </PlaceLink>
    )
}

/** The double line between two stretches of the tape. */
function Parting() {
    return (
        <Box position="relative" width="16px" height="40px" flex="none" aria-hidden="true">
            <svg width="16" height="40" style={{ position: 'absolute', inset: 0 }}>
                <path d="M0 38.5H16M5.5 20V40M10.5 20V40" stroke={ink('ink')} strokeWidth="1.5" />
            </svg>
        </Box>
    )
}

function TapeTicks({ isHere: here, letter }: { isHere: boolean; letter: string }) {
    return (
        <Box position="relative" width="100%" height={{ base: '16px', md: '40px' }} aria-hidden="true">
            <svg
                width="100%"
                height="100%"
                preserveAspectRatio="none"
                style={{ position: 'absolute', inset: 0 }}
            >
                <pattern id="tape-ticks" width="9.6" height="40" patternUnits="userSpaceOnUse" y="-2">
                    <path d="M.6 36V40" stroke={ink('ink')} strokeWidth=".8" />
                </pattern>
                <line x1="0" x2="100%" y1="100%" y2="100%" stroke={ink('ink')} strokeWidth="3" />
                <rect width="100%" height="100%" fill="url(#tape-ticks)" />
            </svg>
            <svg
                width="20"
                height="100%"
                viewBox="0 0 20 40"
                preserveAspectRatio="xMidYMax slice"
                style={{ position: 'absolute', left: 'calc(50% - 10px)', top: 0, overflow: 'visible' }}
            >
                <path
                    d={here ? 'M10 22V40' : 'M10 29V40'}
                    stroke={ink('ink')}
                    strokeWidth={here ? 2.6 : 1.4}
                />
                {here && <path d="M1 11h18l-9 13z" fill={ink('ink')} />}
            </svg>
            {!here && letter !== '' && (
                <Box
                    as="span"
                    position="absolute"
                    top="6px"
                    insetInline={0}
                    textAlign="center"
                    fontSize="note"
                    color="ink2"
                    display={{ base: 'none', lg: 'block' }}
                >
                    {letter}
                </Box>
            )}
        </Box>
    )
}
