import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { AggressionSheet } from '../api/types'
import { Section } from '../frame/Section'
import { TextField } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { aggressionWords } from '../messages/aggression'

const words = aggressionWords.watch

/** How long somebody looks, so that what is seen makes a rate. */
export function WatchClock({ sheet, system }: { sheet: AggressionSheet; system: number }) {
    const { rate, watching_id: running, watching_since: since } = sheet
    return (
        <Section title={words.title}>
            <Box display="flex" flexDirection="column" gap="10px" paddingTop="8px">
                <p>
                    {rate === null
                        ? aggressionWords.noRate
                        : aggressionWords.rate({
                              acts: rate.acts,
                              hours: rate.hours,
                              rate: rate.per_hour,
                              low: rate.low,
                              high: rate.high,
                          })}
                </p>
                {running === null ? (
                    <Start system={system} />
                ) : (
                    <Stop span={running} since={since?.slice(-5) ?? ''} />
                )}
            </Box>
        </Section>
    )
}

function Start({ system }: { system: number }) {
    const [minutes, setMinutes] = useState('')
    const begin = useWrite('POST', '/api/v1/systems/{system}/watched-spans', { system })
    const add = useWrite(
        'POST',
        '/api/v1/systems/{system}/watched-spans',
        { system },
        {
            notice: (_, body) => words.saved({ minutes: body.minutes ?? 0 }),
            undo: ({ id }) => write('DELETE', '/api/v1/watched-spans/{span}', { span: id }),
            onDone: () => setMinutes(''),
        },
    )
    return (
        <>
            <Button variant="solid" disabled={begin.isSaving} onClick={() => begin.save({ minutes: null })}>
                {words.start}
            </Button>
            <chakra.form
                display="grid"
                gridTemplateColumns="minmax(0, 1fr) auto"
                gap="10px"
                alignItems="end"
                onSubmit={(event) => {
                    event.preventDefault()
                    add.save({ minutes: Number(minutes) })
                }}
            >
                <TextField
                    label={words.minutes}
                    inputMode="numeric"
                    value={minutes}
                    onChange={setMinutes}
                    error={add.fieldError('minutes') ?? add.error}
                />
                <Button type="submit" disabled={add.isSaving || minutes === ''}>
                    {words.save}
                </Button>
            </chakra.form>
        </>
    )
}

function Stop({ span, since }: { span: number; since: string }) {
    const [minutes, setMinutes] = useState('')
    const stop = useWrite(
        'PUT',
        '/api/v1/watched-spans/{span}',
        { span },
        {
            notice: () => words.stopped,
            undo: () => write('DELETE', '/api/v1/watched-spans/{span}', { span }),
        },
    )
    const isForgotten = stop.fieldError('minutes') !== undefined
    return (
        <>
            <p>{words.since({ time: since })}</p>
            {isForgotten && (
                <TextField
                    label={words.minutes}
                    inputMode="numeric"
                    value={minutes}
                    onChange={setMinutes}
                    error={stop.fieldError('minutes')}
                />
            )}
            <Button
                variant="solid"
                disabled={stop.isSaving}
                onClick={() => stop.save({ minutes: minutes === '' ? null : Number(minutes) })}
            >
                {words.stop}
            </Button>
        </>
    )
}
