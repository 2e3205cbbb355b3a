import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { NewProbe, SystemPage } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { EntryForm } from '../log/EntryForm'
import { TextField } from '../log/fields'
import { systemWords } from '../words/systems'
import { useDelete } from '../log/useUndo'
import { useWrite } from '../log/useWrite'

const said = systemWords.probes

/** Devices that post readings of this system. */
export function Probes({ page }: { page: SystemPage }) {
    const [open, setOpen] = useState(false)
    const takeOut = useDelete()
    return (
        <Section title={said.title}>
            {page.probes.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {said.none}
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
                                    ? said.never
                                    : said.heard(new Date(probe.last_heard).toLocaleString('en-GB'))}
                            </chakra.span>
                        </span>
                        <Button
                            variant="plain"
                            aria-label={`${said.remove}: ${probe.name}`}
                            onClick={() => takeOut(`probes/${probe.id}`, said.removed)}
                        >
                            {said.remove}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ul>
            <Button marginTop="10px" onClick={() => setOpen(true)}>
                {said.add}
            </Button>
            <PaperDialog title={said.add} open={open} onClose={() => setOpen(false)}>
                {open && <ProbeForm system={page.system.id} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Section>
    )
}

function ProbeForm({ system, onDone }: { system: number; onDone: () => void }) {
    const [name, setName] = useState('')
    const add = useWrite<{ name: string }, NewProbe>({ method: 'POST', path: `systems/${system}/probes` })
    if (add.answer !== undefined) {
        return (
            <Box display="flex" flexDirection="column" gap="12px">
                <p>{said.token}</p>
                <chakra.code
                    fontFamily="mono"
                    background="fresh"
                    border="1.6px solid"
                    borderColor="edge"
                    padding="10px"
                    overflowWrap="anywhere"
                    userSelect="all"
                >
                    {add.answer.token}
                </chakra.code>
                <p>{said.how}</p>
                <chakra.code
                    fontFamily="mono"
                    background="fresh"
                    border="1.6px solid"
                    borderColor="edge"
                    padding="10px"
                    overflowWrap="anywhere"
                    userSelect="all"
                >{`php artisan biomegas:probe --url=${location.origin} --token="${add.answer.token}"`}</chakra.code>
                <Button variant="solid" alignSelf="end" onClick={onDone}>
                    {said.close}
                </Button>
            </Box>
        )
    }
    return (
        <EntryForm
            act={said.add}
            isSaving={add.isSaving}
            error={add.otherError(['name'])}
            onCancel={onDone}
            onSave={() => add.save({ name })}
        >
            <TextField label={said.name} value={name} onChange={setName} error={add.fieldError('name')} />
        </EntryForm>
    )
}
