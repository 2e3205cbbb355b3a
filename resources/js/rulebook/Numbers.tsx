import { useKeeper } from '../frame/keeper'
import type { Measure } from '../units/measure'
import { heldAs, shownAs, wordOf } from '../units/measure'
import { rulebookWords } from '../messages/rulebook'
import { Box, Button, chakra, Input } from '@chakra-ui/react'
import { useState } from 'react'
import type { RuleNumber, RulebookSheet } from '../api/types'
import { documentOf, withNumber } from './document'
import { useRulebook } from './useRulebook'

/** Every number behind the rules, to type over and to set back. */
export function Numbers({ sheet }: { sheet: RulebookSheet }) {
    return (
        <Box>
            {sheet.numbers.map((one) => (
                <NumberLine key={`${one.name} ${one.value}`} one={one} sheet={sheet} />
            ))}
        </Box>
    )
}

const MEASURES: Partial<Record<RuleNumber['name'], Measure>> = {
    swim_large_from_mm: 'length',
    crowded_longest_mm: 'length',
    grow_out_from_mm: 'length',
    grow_out_litres_per_cm: 'volume-of-length',
    litres_least: 'volume',
    litres_least_from_mm: 'length',
    temperature_tolerance_c: 'degrees',
    filter_rate_g_m2_d: 'nitrogen-of-area',
    food_price_per_kg: 'price-of-mass',
    build_price_per_litre: 'price-of-volume',
    media_price_per_litre: 'price-of-volume',
    room_celsius: 'temperature',
    tap_celsius: 'temperature',
}

function NumberLine({ one, sheet }: { one: RuleNumber; sheet: RulebookSheet }) {
    const { units } = useKeeper()
    const measure = MEASURES[one.name]
    const shown = (value: number): string =>
        measure === undefined ? String(value) : shownAs(value, measure, units)
    const held = (text: string): number =>
        text.trim() === '' ? Number.NaN : Number(measure === undefined ? text : heldAs(text, measure, units))
    const [typed, setTyped] = useState(shown(one.value))
    const rulebook = useRulebook(sheet)
    const save = (value: number) => rulebook.save(withNumber(documentOf(sheet), one.name, value))
    const error = rulebook.fieldError(`numbers.${one.name}`)
    const isOwn = one.value !== one.standard
    return (
        <Box borderBottom="1px solid" borderColor="rule" paddingBlock="4px">
            <chakra.label
                display="grid"
                gridTemplateColumns="minmax(0, 1fr) 96px"
                gap="10px"
                alignItems="center"
            >
                <chakra.span fontWeight={isOwn ? 700 : 400}>
                    {rulebookWords.parameters[one.name]}
                    {measure !== undefined && `, ${wordOf(measure, units)}`}
                </chakra.span>
                <Input
                    value={typed}
                    inputMode="decimal"
                    textAlign="end"
                    onChange={(event) => setTyped(event.target.value)}
                    onBlur={() => typed !== shown(one.value) && save(held(typed))}
                    onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                    aria-invalid={error !== undefined}
                />
            </chakra.label>
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            {isOwn && (
                <Button variant="plain" fontSize="note" onClick={() => save(one.standard)}>
                    {rulebookWords.reset} {shown(one.standard)}
                </Button>
            )}
        </Box>
    )
}
