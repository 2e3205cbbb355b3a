import { Box, Button, chakra } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import type { NewProbe, SystemPage } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { EntryForm } from '../log/EntryForm'
import { TextField } from '../log/fields'
import { words } from '../words/en'
import { systemWords } from '../words/systems'
import { useTakeOut } from './useTakeOut'

const said = systemWords.probes

/** Devices that post readings of this system. */
export function Probes({ page }: { page: SystemPage }) {
    const [open, setOpen] = useState(false)
    const takeOut = useTakeOut()
    return (
        <Section title={said.title}>
            {page.probes.length === 0 && <chakra.p color="ink2" paddingTop="6px">{said.none}</chakra.p>}
            <chakra.ul>
                {page.probes.map((probe) => (
                    <chakra.li key={probe.id} display="flex" justifyContent="space-between" alignItems="center" borderBottom="1px solid" borderColor="rule" minHeight="48px">
                        <span><b>{probe.name}</b>, <chakra.span color="ink2">{probe.last_heard === null ? said.never : said.heard(new Date(probe.last_heard).toLocaleString('en-GB'))}</chakra.span></span>
                        <Button variant="plain" aria-label={`${said.remove}: ${probe.name}`} onClick={() => takeOut(`probes/${probe.id}`, said.removed)}>{said.remove}</Button>
                    </chakra.li>
                ))}
            </chakra.ul>
            <Button marginTop="10px" onClick={() => setOpen(true)}>{said.add}</Button>
            <PaperDialog title={said.add} open={open} onClose={() => setOpen(false)}>
                {open && <ProbeForm system={page.system.id} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Section>
    )
}

function ProbeForm({ system, onDone }: { system: number; onDone: () => void }) {
    const [name, setName] = useState('')
    const client = useQueryClient()
    const add = useMutation({
        mutationFn: () => write<NewProbe>('POST', `systems/${system}/probes`, { name }),
        onSuccess: () => client.invalidateQueries({ queryKey: logKey }),
    })
    const refused = add.error instanceof Refused ? add.error : undefined
    if (add.data !== undefined) {
        return (
            <Box display="flex" flexDirection="column" gap="12px">
                <p>{said.token}</p>
                <chakra.code fontFamily="mono" background="fresh" border="1.6px solid" borderColor="edge" padding="10px" overflowWrap="anywhere" userSelect="all">{add.data.token}</chakra.code>
                <p>{said.how}</p>
                <chakra.code fontFamily="mono" background="fresh" border="1.6px solid" borderColor="edge" padding="10px" overflowWrap="anywhere" userSelect="all">{`php artisan biomegas:probe --url=${location.origin} --token="${add.data.token}"`}</chakra.code>
                <Button variant="solid" alignSelf="end" onClick={onDone}>{said.close}</Button>
            </Box>
        )
    }
    return (
        <EntryForm act={said.add} isSaving={add.isPending} error={add.error === null || refused !== undefined ? undefined : words.unreachable} onCancel={onDone} onSave={() => add.mutate()}>
            <TextField label={said.name} value={name} onChange={setName} error={refused?.fieldError('name')} />
        </EntryForm>
    )
}
