import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { Secrets } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago } from '../units/moment'
import { Columns, Help, Line } from './Columns'
import { secretsQuery } from './queries'

const words = settingsWords.secrets

/** What opens a door without a password, to be taken back. */
export function SecretsSheet() {
    return <Waiting query={useQuery(secretsQuery)}>{(secrets) => <Sheet secrets={secrets} />}</Waiting>
}

function Sheet({ secrets }: { secrets: Secrets }) {
    const close = useWrite('DELETE', '/api/v1/calendar', {}, { notice: () => words.calendarTaken })
    return (
        <>
            <SheetHead sentence={words.headline({ n: secrets.probes.length })} comment={words.comment} />
            <Columns>
                <Section title={words.probes}>
                    {secrets.probes.length === 0 && <Help>{words.none}</Help>}
                    <chakra.ul>
                        {secrets.probes.map((probe) => (
                            <Probe key={probe.id} probe={probe} />
                        ))}
                    </chakra.ul>
                </Section>
                <Section title={words.calendar}>
                    <Help>{secrets.calendar ? words.calendarOpen : words.calendarClosed}</Help>
                    {secrets.calendar && (
                        <Button marginTop="10px" onClick={() => close.save(undefined)}>
                            {words.calendarClose}
                        </Button>
                    )}
                </Section>
            </Columns>
        </>
    )
}

function Probe({ probe }: { probe: Secrets['probes'][number] }) {
    const remove = useWrite(
        'DELETE',
        '/api/v1/probes/{probe}',
        { probe: probe.id },
        { notice: () => words.removed },
    )
    return (
        <Line
            acts={
                <Button
                    variant="plain"
                    aria-label={words.removeLabel({ name: probe.name })}
                    onClick={() => remove.save(undefined)}
                >
                    {words.remove}
                </Button>
            }
        >
            <b>{probe.name}</b>, {probe.system}
            <Box color="ink2">
                {probe.heard_at === null ? words.never : words.heard({ when: ago(probe.heard_at) })}
            </Box>
        </Line>
    )
}
