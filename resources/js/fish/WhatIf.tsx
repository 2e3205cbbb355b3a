import { Box, Button, chakra } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../api/client'
import { whatIfQuery } from '../api/queries'
import type { FishSheet, OtherFuture } from '../api/types'
import { useUnit } from '../frame/keeper'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { lengthRange, whatIfSentence, words } from '../words/en'

export interface Changes {
    ration: string
    temperature_c: string
    system_id: string
    adult: string
}

const NOTHING: Changes = { ration: '', temperature_c: '', system_id: '', adult: '' }

/** What was changed, and the future that follows; undefined while nothing is. */
export function useWhatIf(fishId: number) {
    const [changes, change] = useState<Changes>(NOTHING)
    const asked = new URLSearchParams((Object.entries(changes) as [keyof Changes, string][]).filter(([, value]) => value.trim() !== '')).toString()
    const answer = useQuery({ ...whatIfQuery(fishId, asked), placeholderData: keepPreviousData })
    return {
        changes,
        change,
        clear: () => change(NOTHING),
        other: asked === '' || answer.isError ? undefined : answer.data,
        refused: asked !== '' && answer.error instanceof Refused ? answer.error : undefined,
    }
}

interface Props {
    sheet: FishSheet
    whatIf: ReturnType<typeof useWhatIf>
}

/** Other food, warmth, home or adult size from today on: nothing is saved. */
export function WhatIf({ sheet, whatIf }: Props) {
    const { changes, change, clear, refused, other } = whatIf
    const said = words.fish.whatIf
    const set = (name: keyof Changes) => (value: string) => change({ ...changes, [name]: value })
    return (
        <Box as="section" padding={{ base: '16px 2px 0', md: '16px 10px 0' }} aria-label={said.title}>
            <chakra.h2 fontSize="17px" fontWeight={800} borderBottom="1.6px solid" borderColor="ink" paddingBottom="4px">
                {said.title}
            </chakra.h2>
            <chakra.p color="ink2" paddingBlock="6px">{said.help}</chakra.p>
            <Box display="grid" gridTemplateColumns={{ base: '1fr 1fr', lg: 'repeat(4, 1fr)' }} gap="12px">
                <ChoiceField label={said.ration} options={optionsOf(said.rations)} value={changes.ration} onChange={set('ration')} error={refused?.fieldError('ration')} />
                <TextField label={said.temperature} inputMode="decimal" value={changes.temperature_c} onChange={set('temperature_c')} error={refused?.fieldError('temperature_c')} />
                <ChoiceField
                    label={said.home}
                    options={[{ value: '', text: said.asNow }, ...sheet.homes.map((home) => ({ value: String(home.system_id), text: home.name }))]}
                    value={changes.system_id}
                    onChange={set('system_id')}
                    error={refused?.fieldError('system_id')}
                />
                <TextField label={said.adult} value={changes.adult} onChange={set('adult')} error={refused?.fieldError('adult')} />
            </Box>
            {other !== undefined && <Answer sheet={sheet} other={other} onClear={clear} />}
        </Box>
    )
}

function Answer({ sheet, other, onClear }: { sheet: FishSheet; other: OtherFuture; onClear: () => void }) {
    const unit = useUnit()
    const horizon = other.ahead.at(-1)?.date ?? sheet.today
    return (
        <Box paddingTop="10px" display="flex" flexWrap="wrap" alignItems="center" columnGap="16px" aria-live="polite">
            <chakra.p fontWeight={700} fontSize="18px">{whatIfSentence(sheet.fish.name, other.home, other.reason, other.outgrows, sheet.today, horizon)}</chakra.p>
            <chakra.span color="ink2">{words.fish.facts.adult}: {lengthRange(other.adult_mm, unit)}</chakra.span>
            <Button variant="plain" onClick={onClear}>{words.fish.whatIf.clear}</Button>
        </Box>
    )
}
