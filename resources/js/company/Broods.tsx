import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { write } from '../api/client'
import { broodsQuery } from '../api/queries'
import type { BroodSheet, FishRow } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { useWrite } from '../entry/useWrite'
import { broodWords as words } from '../messages/brood'
import { longDay, shortDay } from '../units/day'
import { BroodForm } from './BroodForm'
import { BroodSteps } from './BroodSteps'
import { BroodTimeline } from './BroodTimeline'
import { FryForm } from './FryForm'

interface Props {
    system: number
    residents: readonly FishRow[]
    today: string
}

/** The broods of one system: each said, drawn along its days, and its steps to tick. */
export function Broods({ system, residents, today }: Props) {
    const broods = useQuery(broodsQuery(system)).data ?? []
    const [open, setOpen] = useState(false)
    if (residents.length === 0) {
        return null
    }
    return (
        <Section title={words.title}>
            <Box display="flex" flexDirection="column" gap="16px" paddingTop="8px">
                {broods.length === 0 && <chakra.p color="ink2">{words.none}</chakra.p>}
                {broods.map((brood) => (
                    <One key={brood.id} brood={brood} system={system} residents={residents} today={today} />
                ))}
                <Button alignSelf="start" onClick={() => setOpen(true)}>
                    {words.add}
                </Button>
            </Box>
            <PaperDialog title={words.addTitle} open={open} onClose={() => setOpen(false)}>
                {open && (
                    <BroodForm
                        system={system}
                        residents={residents}
                        today={today}
                        onDone={() => setOpen(false)}
                    />
                )}
            </PaperDialog>
        </Section>
    )
}

function One({ brood, system, residents, today }: Props & { brood: BroodSheet }) {
    const [slip, open] = useState<'anew' | 'fry' | null>(null)
    const close = (): void => open(null)
    const end = useWrite(
        'PUT',
        '/api/v1/broods/{brood}/end',
        { brood: brood.id },
        {
            notice: () => words.ended({ name: brood.mother }),
            undo: () => write('PUT', '/api/v1/broods/{brood}/end', { brood: brood.id }, { outcome: null }),
        },
    )
    return (
        <Box>
            <chakra.p fontWeight={700}>
                {words.of({
                    mother: brood.mother,
                    father: brood.father_id === brood.mother_id ? 'none' : (brood.father ?? 'none'),
                    sign: words.signs[brood.sign],
                    day: longDay(brood.date, today),
                })}
                {brood.place === null ? '' : ` · ${brood.place}`}
            </chakra.p>
            {brood.cautions.map((caution) => (
                <chakra.p key={caution} color="close">
                    {caution}
                </chakra.p>
            ))}
            <BroodTimeline brood={brood} today={today} />
            <BroodSteps brood={brood} today={today} />
            <Box display="flex" flexWrap="wrap" gap="10px" paddingTop="8px">
                <Button onClick={() => open('fry')}>{words.keep}</Button>
                <Button onClick={() => open('anew')}>{words.seenAnew}</Button>
                <Button variant="plain" disabled={end.isSaving} onClick={() => end.save({ outcome: 'lost' })}>
                    {words.lost}
                </Button>
            </Box>
            <PaperDialog
                title={slip === 'fry' ? words.keepTitle({ name: brood.mother }) : words.addTitle}
                open={slip !== null}
                onClose={close}
            >
                {slip === 'fry' && <FryForm brood={brood} system={system} today={today} onDone={close} />}
                {slip === 'anew' && (
                    <BroodForm
                        system={system}
                        residents={residents}
                        today={today}
                        brood={brood}
                        onDone={close}
                    />
                )}
            </PaperDialog>
        </Box>
    )
}

/** A day or a span of days. */
export const spanWords = (from: string, until: string, today: string): string =>
    from === until
        ? shortDay(from, today)
        : words.between({ from: shortDay(from, today), until: shortDay(until, today) })
