import { Box, Button, chakra, Field, Input, Textarea } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { write } from '../api/client'
import type { ImportKind, ImportRow, Packages } from '../api/types'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useDelete } from '../entry/useUndo'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago } from '../units/moment'
import { Column, Columns, Help, Line } from './Columns'
import { FileLink } from '../frame/FileLink'
import { importsQuery, isUnderWay, packagesQuery } from './queries'
import { ReadPackage } from './ReadPackage'
import { TaskBar } from './TaskBar'

const words = settingsWords.files

/** What goes out and what comes in. */
export function FilesSheet() {
    const isOwner = useKeeper().role === 'owner'
    return (
        <>
            <SheetHead sentence={words.headline} comment={words.comment} />
            <Columns>
                <Column>
                    <BringIn />
                    <Earlier />
                </Column>
                <Column>
                    {isOwner && <Package />}
                    <Tables />
                </Column>
            </Columns>
        </>
    )
}

function Package() {
    return (
        <Section title={words.package}>
            <Help>{words.packageHelp}</Help>
            <Waiting query={useQuery(packagesQuery)}>{(packages) => <MakePackage {...packages} />}</Waiting>
        </Section>
    )
}

function MakePackage({ made, read, is_empty }: Packages) {
    const make = useWrite('POST', '/api/v1/packages', {}, {})
    return (
        <Box display="flex" flexDirection="column" gap="10px" paddingTop="10px" alignItems="flex-start">
            <Button disabled={make.isSaving || isUnderWay(made)} onClick={() => make.save(undefined)}>
                {words.make}
            </Button>
            <TaskBar task={made} />
            {made?.state === 'done' && (
                <Box display="flex" flexWrap="wrap" alignItems="center" gap="10px">
                    <FileLink href={`/api/v1/tasks/${made.id}/file`}>{words.fetch}</FileLink>
                    <chakra.span color="ink2">{words.made({ when: ago(made.begun_at) })}</chakra.span>
                </Box>
            )}
            {(is_empty || isUnderWay(read)) && <ReadPackage task={read} />}
        </Box>
    )
}

function Tables() {
    return (
        <Section title={words.tables}>
            <Help>{words.tablesHelp}</Help>
            <Box display="flex" flexWrap="wrap" columnGap="14px">
                {Object.entries(words.table).map(([table, name]) => (
                    <FileLink key={table} href={`/api/v1/tables/${table}`}>
                        {name}
                    </FileLink>
                ))}
            </Box>
            <FileLink href="/api/v1/scenario">{words.scenario}</FileLink>
            <Help>
                {words.scenarioHelp} {words.calendar} {words.drawings}
            </Help>
        </Section>
    )
}

/** A table from elsewhere: nothing is written before it has been looked at. */
function BringIn() {
    const navigate = useNavigate()
    const [kind, setKind] = useState<ImportKind>('lengths')
    const [text, setText] = useState('')
    const [name, setName] = useState('')
    const bring = useWrite(
        'POST',
        '/api/v1/imports',
        {},
        {
            onDone: (sheet) => navigate({ to: '/settings/imports/$id', params: { id: sheet.import.id } }),
        },
    )
    const choose = async (file: File | undefined): Promise<void> => {
        if (file !== undefined) {
            setName(file.name)
            setText(await textOf(file))
        }
    }
    return (
        <Section title={words.in}>
            <Help>{words.inHelp}</Help>
            <chakra.form
                display="flex"
                flexDirection="column"
                gap="14px"
                paddingTop="10px"
                onSubmit={(event) => {
                    event.preventDefault()
                    bring.save({ kind, text, name: name === '' ? words.pasted : name })
                }}
            >
                <ChoiceField
                    label={words.kind}
                    value={kind}
                    options={optionsOf(words.kinds)}
                    onChange={(chosen) => setKind(chosen as ImportKind)}
                    error={bring.fieldError('kind')}
                />
                <Field.Root>
                    <Field.Label>{words.choose}</Field.Label>
                    <Input
                        type="file"
                        accept=".csv,.tsv,.txt,text/csv,text/plain"
                        paddingBlock="8px"
                        onChange={(event) => void choose(event.target.files?.[0])}
                    />
                </Field.Root>
                <Field.Root invalid={bring.fieldError('text') !== undefined}>
                    <Field.Label>{words.paste}</Field.Label>
                    <Textarea
                        rows={6}
                        fontFamily="mono"
                        fontSize="note"
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <Field.ErrorText role="alert">{bring.fieldError('text')}</Field.ErrorText>
                </Field.Root>
                {bring.otherError(['kind', 'text']) !== undefined && (
                    <p role="alert">{bring.otherError(['kind', 'text'])}</p>
                )}
                <Button type="submit" variant="solid" minHeight="50px" disabled={bring.isSaving}>
                    {words.bring}
                </Button>
            </chakra.form>
        </Section>
    )
}

/** In UTF-8, or as spreadsheets of Windows write it. */
async function textOf(file: File): Promise<string> {
    const bytes = await file.arrayBuffer()
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    } catch {
        return new TextDecoder('windows-1252').decode(bytes)
    }
}

function Earlier() {
    const imports = useQuery(importsQuery).data ?? []
    return imports.length === 0 ? null : (
        <Section title={words.earlier}>
            <chakra.ul>
                {imports.map((one) => (
                    <EarlierLine key={one.id} row={one} />
                ))}
            </chakra.ul>
        </Section>
    )
}

function EarlierLine({ row }: { row: ImportRow }) {
    const navigate = useNavigate()
    const remove = useDelete('/api/v1/imports')
    return (
        <Line
            acts={
                <>
                    <Button
                        variant="plain"
                        aria-label={words.lookLabel({ name: row.name })}
                        onClick={() => void navigate({ to: '/settings/imports/$id', params: { id: row.id } })}
                    >
                        {words.look}
                    </Button>
                    {row.written > 0 && row.state !== 'undone' && (
                        <Button
                            variant="plain"
                            aria-label={words.undoLabel({ name: row.name })}
                            onClick={() =>
                                remove(
                                    () => write('DELETE', '/api/v1/imports/{import}', { import: row.id }),
                                    words.undone,
                                )
                            }
                        >
                            {words.undo}
                        </Button>
                    )}
                </>
            }
        >
            {words.importSays({
                name: row.name,
                kind: words.kinds[row.kind],
                state: row.state,
                n: row.written,
            })}
            {row.brought_at !== null && <Box color="ink2">{ago(row.brought_at)}</Box>}
        </Line>
    )
}
