import { write } from '../api/client'
import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { SystemPage } from '../api/types'
import { ToCopy } from '../frame/ToCopy'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { EntryForm } from '../entry/EntryForm'
import { TextField } from '../entry/fields'
import { useDelete } from '../entry/useUndo'
import { useWrite } from '../entry/useWrite'
import { atMoment } from '../units/moment'

/** Devices that post readings of this system. */
export function Probes({ page }: { page: SystemPage }) {
    const [open, setOpen] = useState(false)
    const takeOut = useDelete('/api/v1/probes')
    return (
        <Section title={systemsWords.probes.title}>
            {page.probes.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {systemsWords.probes.none}
                </chakra.p>
            )}
            <chakra.ul>
                {page.probes.map((probe) => (
                    <chakra.li
                        key={probe.id}
                        display="flex"
                        justifyContent="space-between"
                        alignItems="center"
                        borderBottom="1px solid"
                        borderColor="rule"
                        minHeight="48px"
                    >
                        <span>
                            <b>{probe.name}</b>,{' '}
                            <chakra.span color="ink2">
                                {probe.last_heard === null
                                    ? systemsWords.probes.never
                                    : systemsWords.probes.heard({
                                          when: atMoment(probe.last_heard),
                                      })}
                            </chakra.span>
                        </span>
                        <Button
                            variant="plain"
                            aria-label={`${systemsWords.probes.remove}: ${probe.name}`}
                            onClick={() =>
                                takeOut(
                                    () => write('DELETE', '/api/v1/probes/{probe}', { probe: probe.id }),
                                    systemsWords.probes.removed,
                                )
                            }
                        >
                            {systemsWords.probes.remove}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ul>
            <Button marginTop="10px" onClick={() => setOpen(true)}>
                {systemsWords.probes.add}
            </Button>
            <PaperDialog title={systemsWords.probes.add} open={open} onClose={() => setOpen(false)}>
                {open && <ProbeForm system={page.system.id} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Section>
    )
}

function ProbeForm({ system, onDone }: { system: number; onDone: () => void }) {
    const [name, setName] = useState('')
    const add = useWrite('POST', '/api/v1/systems/{system}/probes', { system }, {})
    if (add.answer !== undefined) {
        return (
            <Box display="flex" flexDirection="column" gap="12px">
                <p>{systemsWords.probes.token}</p>
                <ToCopy>{add.answer.token}</ToCopy>
                <p>{systemsWords.probes.how}</p>
                <ToCopy>{`php artisan biomegas:probe --url=${location.origin} --token="${add.answer.token}"`}</ToCopy>
                <Button variant="solid" alignSelf="end" onClick={onDone}>
                    {systemsWords.probes.close}
                </Button>
            </Box>
        )
    }
    return (
        <EntryForm
            act={systemsWords.probes.add}
            isSaving={add.isSaving}
            error={add.otherError(['name'])}
            onCancel={onDone}
            onSave={() => add.save({ name })}
        >
            <TextField
                label={systemsWords.probes.name}
                value={name}
                onChange={setName}
                error={add.fieldError('name')}
            />
        </EntryForm>
    )
}
