import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from '@tanstack/react-router'
import { useDeferredValue, useMemo, useState } from 'react'
import { get, useForm, useWatch } from 'react-hook-form'
import { Refused } from '../api/refused'
import { write } from '../api/client'
import { systemQuery } from '../api/queries'
import type { SystemPage } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import type { SystemForm, SystemTyped } from './form'
import { asDrawn, asSent, isDrawable, newSystem } from './form'
import { Cautions, Preview } from './Preview'
import { SystemFields } from './SystemFields'
import { useIsNarrow } from '../frame/useIsNarrow'
import { SheetBody } from '../frame/SheetBody'
import { useUndo } from '../entry/useUndo'
import { useSend, useWrite } from '../entry/useWrite'

/** A system as it is described, to be changed. */
export function SystemEditPage() {
    const { id } = useParams({ from: '/systems/$id/edit' })
    return (
        <Waiting key={id} query={useQuery(systemQuery(id))}>
            {(page) => <Editor begin={page.form} page={page} />}
        </Waiting>
    )
}

export function NewSystemPage() {
    return <Editor begin={newSystem(useUnit())} />
}

function Editor({ begin, page }: { begin: SystemTyped; page?: SystemPage }) {
    const { today } = useKeeper()
    const isNarrow = useIsNarrow()
    const form = useForm<SystemForm>({ defaultValues: { system: begin } })
    const typed = useWatch({ control: form.control, name: 'system' })
    const heading =
        page === undefined ? systemsWords.addTitle : systemsWords.editTitle({ name: page.system.name })
    useNameSheet(heading)
    const { save, remove } = useSystemWrites(begin, page)
    const retire = useRetire(page?.system)
    const preview = usePreview(typed)
    const drawn = preview.error instanceof Refused ? preview.error : undefined
    const drawable = isDrawable(typed) && drawn === undefined ? preview.data : undefined
    const [sent, setSent] = useState(typed)
    // What was refused is said no longer once something else stands there.
    const error = (field: string): string | undefined =>
        (isSame(get(typed, field), get(sent, field)) ? save.fieldError(field) : undefined) ??
        drawn?.fieldError(field)
    const refused = retire.error ?? (isSame(typed, sent) ? save.error : undefined)
    return (
        <>
            <SheetHead sentence={heading} />
            <SheetBody columns="minmax(0, 1fr) 440px">
                <chakra.form
                    display="flex"
                    flexDirection="column"
                    gap="16px"
                    onSubmit={(event) => {
                        event.preventDefault()
                        setSent(typed)
                        save.save(asSent(typed))
                    }}
                >
                    <SystemFields
                        form={form}
                        typed={typed}
                        error={error}
                        today={today}
                        isNew={page === undefined}
                    />
                    {isNarrow && <Cautions preview={drawable} kind={typed.kind} />}
                    {refused !== undefined && (
                        <chakra.p role="alert" color="over" fontWeight={600}>
                            {refused}
                        </chakra.p>
                    )}
                    <Box display="flex" gap="12px" justifyContent="flex-end" flexWrap="wrap">
                        {page !== undefined && page.system.fish.length === 0 && (
                            <>
                                <Button type="button" variant="plain" onClick={() => remove(page)}>
                                    {systemsWords.remove}
                                </Button>
                                <Button
                                    type="button"
                                    variant="plain"
                                    disabled={retire.isSaving}
                                    onClick={() => retire.save(undefined)}
                                >
                                    {systemsWords.retire}
                                </Button>
                            </>
                        )}
                        <Button type="button" onClick={() => window.history.back()}>
                            {messages.frame.cancel}
                        </Button>
                        <Button type="submit" variant="solid" disabled={save.isSaving}>
                            {systemsWords.save}
                        </Button>
                    </Box>
                </chakra.form>
                <Box position={{ lg: 'sticky' }} top="16px" order={{ base: -1, lg: 0 }}>
                    <Preview preview={drawable} kind={typed.kind} />
                </Box>
            </SheetBody>
        </>
    )
}

const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)

/** Out of use from today, with a way back. */
function useRetire(system: SystemPage['system'] | undefined) {
    const navigate = useNavigate()
    const named = { system: system?.id ?? 0 }
    return useWrite('POST', '/api/v1/systems/{system}/retirement', named, {
        notice: () => systemsWords.retired({ name: system?.name ?? '' }),
        undo: () => write('DELETE', '/api/v1/systems/{system}/retirement', named),
        onDone: () => navigate({ to: '/systems' }),
    })
}

/** Writes it anew or in the place of what it was, with a way back; and takes it away. */
function useSystemWrites(begin: SystemTyped, page?: SystemPage) {
    const navigate = useNavigate()
    const act = useUndo('/api/v1/systems')
    const putBack = (saved: SystemPage): Promise<unknown> =>
        write(
            'PUT',
            '/api/v1/systems/{system}',
            { system: saved.system.id },
            { ...asSent(begin), version: saved.form.version },
        )
    const takeBack = (saved: SystemPage): Promise<unknown> =>
        navigate({ to: '/systems' }).then(() =>
            write('DELETE', '/api/v1/systems/{system}', { system: saved.system.id }),
        )
    const save = useSend(
        (body: SystemTyped) =>
            page === undefined
                ? write('POST', '/api/v1/systems', {}, body)
                : write('PUT', '/api/v1/systems/{system}', { system: page.system.id }, body),
        {
            notice: (saved) => systemsWords.saved({ name: saved.system.name }),
            undo: page === undefined ? takeBack : putBack,
            onDone: (saved) => navigate({ to: '/systems/$id', params: { id: saved.system.id } }),
        },
        '/api/v1/systems',
    )
    const remove = (gone: SystemPage): void =>
        act(() => takeBack(gone), { text: systemsWords.removed({ name: gone.system.name }) })
    return { save, remove }
}

/** What it comes to, asked while it is typed. */
function usePreview(typed: SystemTyped) {
    const body = useDeferredValue(useMemo(() => asDrawn(typed), [typed]))
    return useQuery({
        queryKey: ['preview', body],
        queryFn: () => write('POST', '/api/v1/systems/preview', {}, body),
        enabled: isDrawable(body),
        placeholderData: keepPreviousData,
        retry: false,
    })
}
