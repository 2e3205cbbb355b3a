import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Refused } from '../api/refused'
import type { SitterSheet } from '../api/types'
import { secretOfPage } from '../api/withSecret'
import { Drawing } from '../frame/Drawing'
import { messages } from '../messages'
import { sitterWords as words } from '../messages/sitter'
import { addDays, daysBetween, longDay, weekday } from '../units/day'
import { HomeCard } from './HomeCard'
import { keptTicksQuery, withKept } from './keptTicks'
import { KeptTicks } from './KeptTicks'
import { sitterRoundQuery } from './queries'
import { useSendingTicks } from './useSendingTicks'

/** One plain page for the phone: the round of today, and what to do if something goes wrong. */
export function SitterPage() {
    const round = useQuery({ ...sitterRoundQuery, enabled: secretOfPage() !== '' })
    useSendingTicks()
    useEffect(() => {
        document.title = messages.frame.product
    }, [])
    return (
        <Box
            as="main"
            maxWidth="720px"
            marginInline="auto"
            padding="14px 14px 48px"
            fontSize="said"
            css={{
                '@media print': {
                    maxWidth: 'none',
                    padding: 0,
                    fontSize: '10pt',
                    lineHeight: 1.3,
                    columns: 2,
                    columnGap: '10mm',
                    '& h1': { fontSize: '16pt', lineHeight: 1.2 },
                    '& h2': { fontSize: '12pt', lineHeight: 1.2 },
                    '& section': { marginTop: '8px', paddingTop: '4px' },
                    '& section > div': { paddingTop: '4px' },
                    '& li': { paddingBlock: '4px' },
                },
            }}
        >
            <Round round={round} />
        </Box>
    )
}

function Round({ round }: { round: ReturnType<typeof useQuery<SitterSheet>> }) {
    if (secretOfPage() === '') {
        return <h1>{words.noLink}</h1>
    }
    if (round.data !== undefined) {
        return <Sheet sheet={round.data} />
    }
    if (round.error === null) {
        return <Drawing />
    }
    return (
        <>
            <chakra.h1 fontSize="narrowTitle" lineHeight="30px" role="alert">
                {round.error instanceof Refused ? round.error.message : messages.frame.unreachable}
            </chakra.h1>
            <Button marginTop="14px" onClick={() => void round.refetch()}>
                {words.again}
            </Button>
        </>
    )
}

const leftOf = ({ homes }: SitterSheet): number =>
    homes.filter((home) => home.is_fed && home.fed === null).length +
    homes.filter((home) => home.looked === null).length

/** As many as fit beside each other on paper. */
const MOST_PRINTED = 7

/** The days that are left, each with a box on paper. */
function printedDays({ today, until }: SitterSheet): string[] {
    const left = Math.min(MOST_PRINTED, daysBetween(today, until) + 1)
    return Array.from({ length: left }, (_, i) => addDays(today, i))
}

function Sheet({ sheet: answered }: { sheet: SitterSheet }) {
    const sheet = withKept(answered, useQuery(keptTicksQuery).data ?? [])
    const longest = Math.max(...sheet.homes.flatMap((home) => home.fish.map((one) => one.length_mm)), 1)
    const days = printedDays(sheet)
    return (
        <>
            <chakra.p color="ink2">
                {words.day({
                    facility: sheet.facility,
                    day: weekday(sheet.today),
                    until: longDay(sheet.until, sheet.today),
                })}
            </chakra.p>
            <chakra.h1 fontSize="narrowTitle" lineHeight="31px" marginTop="4px" aria-live="polite">
                {words.headline({ name: sheet.sitter, left: leftOf(sheet) })}
            </chakra.h1>
            <chakra.p marginTop="8px" fontWeight={700}>
                {words.call({ call: sheet.call })}
            </chakra.p>
            <KeptTicks homes={sheet.homes} />
            {sheet.note !== null && (
                <Box as="section" marginTop="14px" aria-label={words.toKnow}>
                    <chakra.h2 fontWeight={800} fontSize="part">
                        {words.toKnow}
                    </chakra.h2>
                    <chakra.p whiteSpace="pre-line">{sheet.note}</chakra.p>
                </Box>
            )}
            {sheet.homes.map((home) => (
                <HomeCard key={home.system_id} home={home} longest={longest} days={days} />
            ))}
            <Box
                as="section"
                marginTop="24px"
                aria-label={words.ifSo}
                borderTop="1.6px solid"
                borderColor="ink"
                paddingTop="8px"
                css={{ breakInside: 'avoid' }}
            >
                <chakra.h2 fontWeight={800} fontSize="part">
                    {words.ifSo}
                </chakra.h2>
                <chakra.ul listStyleType="none" padding="0">
                    {sheet.emergencies.map((sentence) => (
                        <chakra.li
                            key={sentence}
                            paddingBlock="8px"
                            borderBottom="1px solid"
                            borderColor="rule"
                        >
                            {sentence}
                        </chakra.li>
                    ))}
                </chakra.ul>
            </Box>
            <Button marginTop="20px" onClick={() => window.print()} _print={{ display: 'none' }}>
                {words.print}
            </Button>
        </>
    )
}
