import { Box, Button, chakra } from '@chakra-ui/react'
import { skipToken, useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useEffect, useState } from 'react'
import { write } from '../api/client'
import { fishListQuery, systemsQuery } from '../api/queries'
import { Refused, Unreachable } from '../api/refused'
import type { QuickPreview } from '../api/types'
import type { EntryKind } from '../entry/entries'
import { TextField } from '../entry/fields'
import { momentNow } from '../entry/timeNow'
import { useEntry } from '../entry/useEntry'
import { NearestForm, hasForm } from '../entry/WriteDown'
import { useKeeper } from '../frame/keeper'
import { quickWords as words } from '../messages/quick'
import { completed, namesFor } from './complete'

/** After so many milliseconds without a key the line is read. */
const PAUSE = 300

/** One line for everything that is written down daily: it says what it will write before it does. */
export function QuickSlip({ onDone }: { onDone: () => void }) {
    const [typed, setTyped] = useState('')
    const [form, setForm] = useState<EntryKind | null>(null)
    const { asked, preview, refused, isReading, isUnread } = useReading(typed)
    const entry = useEntry(
        '/api/v1/quick-entries',
        {},
        {
            notice: () => preview?.says ?? words.label,
            undo: ({ id }) => write('DELETE', '/api/v1/log/{line}', { line: id }),
            onDone,
        },
    )
    const mayWrite = (isUnread || (preview !== undefined && preview.says !== null)) && !entry.isSaving
    const save = (): void => {
        if (mayWrite) {
            entry.save({ text: asked, at: momentNow(), keep: preview?.is_doubtful === true })
        }
    }
    if (form !== null) {
        return <Form kind={form} about={preview} onDone={onDone} />
    }
    return (
        <chakra.form
            display="flex"
            flexDirection="column"
            gap="12px"
            onSubmit={(event) => {
                event.preventDefault()
                save()
            }}
        >
            <TextField
                label={words.label}
                value={typed}
                onChange={setTyped}
                maxLength={300}
                help={words.help}
                autoComplete="off"
                error={refused ?? entry.fieldError('text') ?? entry.error}
            />
            <Completions typed={typed} onComplete={setTyped} />
            <Box aria-live="polite" aria-busy={isReading} minHeight="52px">
                {preview !== undefined && (
                    <Preview preview={preview} onGo={onDone} onForm={setForm} onTake={setTyped} />
                )}
                {isUnread && <chakra.p color="close">{words.unread}</chakra.p>}
                {typed === '' && <Examples onTake={setTyped} />}
            </Box>
            <Button type="submit" variant="solid" minHeight="50px" disabled={!mayWrite}>
                {preview?.is_doubtful === true ? words.writeAll : words.write}
            </Button>
        </chakra.form>
    )
}

/** What is typed, as the server reads it after a pause; it cannot where there is no network. */
function useReading(typed: string) {
    const [asked, ask] = useState('')
    useEffect(() => {
        const waiting = setTimeout(() => ask(typed.trim()), PAUSE)
        return () => clearTimeout(waiting)
    }, [typed])
    const { data, error, isFetching } = useQuery({
        queryKey: ['quick', asked],
        queryFn:
            asked === ''
                ? skipToken
                : () => write('POST', '/api/v1/quick-entries/preview', {}, { text: asked }),
        retry: false,
    })
    const isRead = asked === typed.trim()
    return {
        asked,
        preview: isRead ? data : undefined,
        refused: isRead && error instanceof Refused ? error.fieldError('text') : undefined,
        isReading: isFetching,
        isUnread: isRead && asked !== '' && error instanceof Unreachable,
    }
}

interface PreviewProps {
    preview: QuickPreview
    onGo: () => void
    onForm: (kind: EntryKind) => void
    onTake: (line: string) => void
}

function Preview({ preview, onGo, onForm, onTake }: PreviewProps) {
    const { kind } = preview
    return (
        <>
            {preview.says !== null && (
                <chakra.p fontWeight={700}>{words.will({ says: preview.says })}</chakra.p>
            )}
            {preview.doubts.map((doubt) => (
                <chakra.p key={doubt} role="alert" color="over">
                    {doubt}
                </chakra.p>
            ))}
            {preview.says === null && (
                <Box display="flex" flexWrap="wrap" gap="6px 16px" alignItems="center" paddingTop="8px">
                    {preview.instead.map((line) => (
                        <Button
                            key={line}
                            type="button"
                            height="auto"
                            paddingBlock="8px"
                            whiteSpace="normal"
                            textAlign="start"
                            onClick={() => onTake(line)}
                        >
                            {line}
                        </Button>
                    ))}
                    {kind !== null && hasForm(kind) && (
                        <Button type="button" onClick={() => onForm(kind)}>
                            {words.toForm}
                        </Button>
                    )}
                    {preview.fish_id !== null && (
                        <Link to="/fish/$id" params={{ id: preview.fish_id }} onClick={onGo}>
                            {words.toFish}
                        </Link>
                    )}
                    {preview.system_id !== null && (
                        <Link to="/systems/$id" params={{ id: preview.system_id }} onClick={onGo}>
                            {words.toSystem}
                        </Link>
                    )}
                </Box>
            )}
        </>
    )
}

/** What cannot be said in a line is filled in, of whom it names. */
function Form({
    kind,
    about,
    onDone,
}: {
    kind: EntryKind
    about: QuickPreview | undefined
    onDone: () => void
}) {
    const { today } = useKeeper()
    const all = useQuery(fishListQuery).data ?? []
    return (
        <NearestForm
            kind={kind}
            all={all}
            fish={all.find(({ id }) => id === about?.fish_id)}
            home={about?.system_id ?? undefined}
            today={today}
            onDone={onDone}
        />
    )
}

function Examples({ onTake }: { onTake: (line: string) => void }) {
    return (
        <>
            <chakra.p color="ink2">{words.examplesTitle}</chakra.p>
            <Box display="flex" flexWrap="wrap" columnGap="16px">
                {words.examples.map((line) => (
                    <Button
                        key={line}
                        type="button"
                        variant="plain"
                        paddingInline="0"
                        onClick={() => onTake(line)}
                    >
                        {line}
                    </Button>
                ))}
            </Box>
        </>
    )
}

/** Names that begin with the word that is being typed, to be taken with a tap. */
function Completions({ typed, onComplete }: { typed: string; onComplete: (line: string) => void }) {
    const fish = useQuery(fishListQuery).data ?? []
    const systems = useQuery(systemsQuery).data ?? []
    const names = namesFor(
        typed,
        [...fish, ...systems].map(({ name }) => name),
    )
    return names.length === 0 ? null : (
        <Box role="group" aria-label={words.names} display="flex" flexWrap="wrap" gap="8px">
            {names.map((name) => (
                <Button key={name} type="button" onClick={() => onComplete(completed(typed, name))}>
                    {name}
                </Button>
            ))}
        </Box>
    )
}
