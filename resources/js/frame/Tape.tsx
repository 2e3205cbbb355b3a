import { Box, chakra } from '@chakra-ui/react'
import { Link, useRouterState } from '@tanstack/react-router'
import { ink } from '../theme/tokens'
import { words } from '../words/en'

export const places = [
    { to: '/', letter: 'T', word: words.places.today },
    { to: '/fish', letter: 'F', word: words.places.fish },
    { to: '/systems', letter: 'S', word: words.places.systems },
] as const

const PlaceLink = chakra(Link)

/** The tape of places: ticks along a measuring tape, a plumb mark where you are. Above on a desk, below on a phone. */
export function Tape() {
    const path = useRouterState({ select: (state) => state.location.pathname })
    const isHere = (to: string): boolean => (to === '/' ? path === '/' : path.startsWith(to))
    return (
        <Box
            as="nav"
            aria-label="Places"
            position={{ base: 'fixed', md: 'relative' }}
            bottom={{ base: 0, md: 'auto' }}
            insetInline={{ base: 0, md: 'auto' }}
            zIndex={10}
            background="paper"
            display="flex"
            flex={{ md: 1 }}
            height={{ base: '62px', md: '70px' }}
        >
            {places.map(({ to, letter, word }) => (
                <PlaceLink
                    key={to}
                    to={to}
                    aria-current={isHere(to) ? 'page' : undefined}
                    display="flex"
                    flexDirection="column"
                    alignItems="center"
                    flex={{ base: 1, md: '0 0 120px' }}
                    color="ink"
                    textDecoration="none"
                    fontWeight={isHere(to) ? 800 : 500}
                    fontSize={{ base: '17px', md: '16.5px' }}
                    minHeight="44px"
                >
                    <TapeTicks isHere={isHere(to)} letter={letter} />
                    <Box as="span" borderBottom={isHere(to) ? '2.6px solid' : '2.6px solid transparent'} paddingInline="6px">
                        {word}
                    </Box>
                </PlaceLink>
            ))}
            <Box flex="1" display={{ base: 'none', md: 'block' }} aria-hidden="true">
                <TapeTicks isHere={false} letter="" />
            </Box>
        </Box>
    )
}

function TapeTicks({ isHere, letter }: { isHere: boolean; letter: string }) {
    return (
        <Box position="relative" width="100%" height={{ base: '16px', md: '40px' }} aria-hidden="true">
            <svg width="100%" height="100%" preserveAspectRatio="none" style={{ position: 'absolute', inset: 0 }}>
                <pattern id="tape-ticks" width="9.6" height="40" patternUnits="userSpaceOnUse" y="-2">
                    <path d="M.6 36V40" stroke={ink('ink')} strokeWidth=".8" />
                </pattern>
                <line x1="0" x2="100%" y1="100%" y2="100%" stroke={ink('ink')} strokeWidth="3" />
                <rect width="100%" height="100%" fill="url(#tape-ticks)" />
            </svg>
            <svg width="20" height="100%" viewBox="0 0 20 40" preserveAspectRatio="xMidYMax slice" style={{ position: 'absolute', left: 'calc(50% - 10px)', top: 0, overflow: 'visible' }}>
                <path d={isHere ? 'M10 22V40' : 'M10 29V40'} stroke={ink('ink')} strokeWidth={isHere ? 2.6 : 1.4} />
                {isHere && <path d="M1 11h18l-9 13z" fill={ink('ink')} />}
            </svg>
            {!isHere && letter !== '' && (
                <Box as="span" position="absolute" top="6px" insetInline={0} textAlign="center" fontSize="14px" color="ink2" display={{ base: 'none', lg: 'block' }}>
                    {letter}
                </Box>
            )}
        </Box>
    )
}
