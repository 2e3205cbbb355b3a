import { Box, chakra } from '@chakra-ui/react'
import type { Place } from '../api/types'
import { useChange } from '../entry/useChange'
import { ownerWords } from '../messages/owner'
import { locale } from '../messages/language'
import { settingsWords } from '../messages/settings'
import { spoken } from '../messages/speak'

const words = settingsWords.place

/** Days of the week as ISO 8601 counts them. */
const DAYS = [1, 2, 3, 4, 5, 6, 7] as const

/** 1 January 2024 was a Monday. */
const nameOf = (day: number): string =>
    spoken(
        new Intl.DateTimeFormat(locale, { weekday: 'short', timeZone: 'UTC' }).format(Date.UTC(2024, 0, day)),
    )

/** On which days of the week what is done; each tick is kept at once. */
export function Rhythm({ place }: { place: Place }) {
    const change = useChange(
        '/api/v1/facility',
        {},
        { before: place, notice: ownerWords.saved, onDone: () => undefined },
    )
    const days = (which: 'change_days' | 'measure_days', label: string) => (
        <chakra.fieldset border="none" padding="0" margin="0" paddingTop="8px" minWidth="0">
            <chakra.legend fontWeight={700}>
                {label}
                {which === 'measure_days' && place.measure_days.length === 0 && ` ${words.anyDay}`}
            </chakra.legend>
            <Box display="flex" flexWrap="wrap" columnGap="14px">
                {DAYS.map((day) => (
                    <chakra.label
                        key={day}
                        display="flex"
                        gap="8px"
                        alignItems="center"
                        minHeight="44px"
                        minWidth="64px"
                    >
                        <chakra.input
                            type="checkbox"
                            width="22px"
                            height="22px"
                            accentColor="accent"
                            disabled={change.isSaving}
                            checked={place[which].includes(day)}
                            onChange={(event) =>
                                change.save({
                                    ...place,
                                    [which]: event.target.checked
                                        ? [...place[which], day].sort((a, b) => a - b)
                                        : place[which].filter((other) => other !== day),
                                })
                            }
                        />
                        {nameOf(day)}
                    </chakra.label>
                ))}
            </Box>
        </chakra.fieldset>
    )
    return (
        <>
            {days('change_days', words.changes)}
            {days('measure_days', words.measures)}
            {change.error !== undefined && <p role="alert">{change.error}</p>}
        </>
    )
}
