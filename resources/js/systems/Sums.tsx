import { useKeeper } from '../frame/keeper'
import { doseAmount, doseHeld } from '../units/dose'
import { degreesApart } from '../units/temperature'
import { systemsWords } from '../messages/systems'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../api/refused'
import { asTyped } from '../api/asTyped'
import type { RefillAsked, TubAsked } from '../api/queries'
import { refillQuery, tubQuery } from '../api/queries'
import type { RefillSheet, SystemPage } from '../api/types'
import { Section } from '../frame/Section'
import { ChoiceField, TextField } from '../entry/fields'

/** A refill, and how long a tub lasts. */
export function Sums({ page }: { page: SystemPage }) {
    return (
        <Section title={systemsWords.sums.title}>
            <RefillSum page={page} />
            {page.system.fish.length > 0 && <TubSum page={page} />}
        </Section>
    )
}

function RefillSum({ page: { system } }: { page: SystemPage }) {
    const { units } = useKeeper()
    const [typed, setTyped] = useState({
        percent: String(Math.round(system.water.weekly_change * 100)),
        cold: '',
        hot: '',
        fill: '',
        dose: '',
    })
    const set = (name: keyof typeof typed) => (value: string) => setTyped({ ...typed, [name]: value })
    const isAsked = typed.cold.trim() !== '' && typed.hot.trim() !== '' && typed.percent.trim() !== ''
    const answer = useQuery(
        refillQuery(
            system.id,
            isAsked ? asTyped<RefillAsked>({ ...typed, dose: doseHeld(typed.dose, units) }) : null,
        ),
    )
    const refused = answer.error instanceof Refused ? answer.error : undefined
    const error = (...fields: string[]): string | undefined =>
        fields.map((field) => refused?.fieldError(field)).find((one) => one !== undefined)
    return (
        <Box paddingTop="8px">
            <chakra.h3 fontWeight={700}>{systemsWords.sums.refill}</chakra.h3>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
                gap="12px"
                alignItems="start"
            >
                <TextField
                    label={systemsWords.sums.percent}
                    inputMode="numeric"
                    value={typed.percent}
                    onChange={set('percent')}
                    error={error('percent', 'share')}
                />
                <TextField
                    label={systemsWords.sums.cold}
                    inputMode="decimal"
                    value={typed.cold}
                    onChange={set('cold')}
                    error={error('cold')}
                />
                <TextField
                    label={systemsWords.sums.hot}
                    inputMode="decimal"
                    value={typed.hot}
                    onChange={set('hot')}
                    error={error('hot', 'hot_c')}
                />
                <TextField
                    label={systemsWords.sums.fill}
                    inputMode="decimal"
                    value={typed.fill}
                    onChange={set('fill')}
                    error={error('fill', 'fill_c')}
                />
                <TextField
                    label={systemsWords.sums.dose[units.volume === 'us' ? 'us' : 'metric']}
                    inputMode="decimal"
                    value={typed.dose}
                    onChange={set('dose')}
                    error={error('dose')}
                />
            </Box>
            {isAsked && refused === undefined && answer.data !== undefined && <Refill refill={answer.data} />}
        </Box>
    )
}

function Refill({ refill }: { refill: RefillSheet }) {
    const { units } = useKeeper()
    return (
        <Box role="status" paddingTop="8px">
            <chakra.p fontSize="part" lineHeight="26px" fontWeight={700}>
                {refill.sentence}
            </chakra.p>
            <chakra.p color="ink2">
                {systemsWords.sums.cool({
                    degrees: degreesApart(refill.drop_if_cold_c, units),
                })}
                {refill.dose_ml !== null &&
                    ` ${systemsWords.sums.doseOf({ amount: doseAmount(refill.dose_ml, units) })}`}
            </chakra.p>
        </Box>
    )
}

function TubSum({ page: { system } }: { page: SystemPage }) {
    const [fish, setFish] = useState(String(system.fish[0]?.id ?? ''))
    const [litres, setLitres] = useState('')
    const [celsius, setCelsius] = useState('')
    const isAsked = litres.trim() !== ''
    const answer = useQuery(tubQuery(Number(fish), isAsked ? asTyped<TubAsked>({ litres, celsius }) : null))
    const refused = answer.error instanceof Refused ? answer.error : undefined
    return (
        <Box paddingTop="16px">
            <chakra.h3 fontWeight={700}>{systemsWords.sums.tub}</chakra.h3>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: '2fr 1fr 1fr' }}
                gap="12px"
                alignItems="start"
            >
                <ChoiceField
                    label={systemsWords.sums.fish}
                    options={system.fish.map((one) => ({ value: String(one.id), text: one.name }))}
                    value={fish}
                    onChange={setFish}
                />
                <TextField
                    label={systemsWords.sums.litres}
                    value={litres}
                    onChange={setLitres}
                    error={refused?.fieldError('litres')}
                />
                <TextField
                    label={systemsWords.sums.celsius}
                    inputMode="decimal"
                    value={celsius}
                    onChange={setCelsius}
                    error={refused?.fieldError('celsius')}
                />
            </Box>
            {isAsked && refused === undefined && answer.data !== undefined && (
                <chakra.p role="status" fontSize="part" lineHeight="26px" fontWeight={700} paddingTop="8px">
                    {answer.data.sentence}
                </chakra.p>
            )}
            <chakra.p color="ink2" fontSize="note" paddingTop="4px">
                {systemsWords.sums.tubHelp}
            </chakra.p>
        </Box>
    )
}
