import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from '@tanstack/react-router'
import { useState } from 'react'
import { write } from '../api/client'
import type { ImportSheet } from '../api/types'
import { CheckField } from '../entry/CheckField'
import { useDelete } from '../entry/useUndo'
import { useWrite } from '../entry/useWrite'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { Column, Columns } from './Columns'
import { ImportReading } from './ImportReading'
import { ImportRows } from './ImportRows'
import { importQuery, isUnderWay } from './queries'
import { BackToSettings } from './SettingsSheet'
import { TaskBar } from './TaskBar'

const words = settingsWords.import

/** A table of entries: how it is read, every row, and the way to write it or to take it back. */
export function ImportPage() {
    const { id } = useParams({ from: '/settings/imports/$id' })
    useNameSheet(settingsWords.files.in, settingsWords.title)
    return (
        <>
            <BackToSettings />
            <Waiting query={useQuery(importQuery(id))}>{(sheet) => <Sheet sheet={sheet} />}</Waiting>
        </>
    )
}

function Sheet({ sheet }: { sheet: ImportSheet }) {
    const { import: row, counts, total } = sheet
    const isOpen = row.state === 'read' || row.state === 'reading'
    return (
        <>
            <SheetHead
                sentence={words.headline({
                    name: row.name,
                    state: row.state === 'read' ? 'other' : row.state,
                    n: row.written,
                    good: counts.good,
                })}
                comment={words.comment({ total, ...counts })}
            />
            <Box padding={{ base: '10px 2px 0', md: '10px 10px 0' }}>
                <TaskBar task={sheet.task} />
            </Box>
            <Columns>
                <Section title={words.rows}>
                    <ImportRows sheet={sheet} />
                </Section>
                <Column>
                    {isOpen && (
                        <>
                            <Write sheet={sheet} />
                            <Section title={words.how}>
                                <ImportReading key={JSON.stringify(sheet.columns)} sheet={sheet} />
                            </Section>
                        </>
                    )}
                    {row.written > 0 && row.state !== 'undone' && <TakeBack id={row.id} />}
                </Column>
            </Columns>
        </>
    )
}

function Write({ sheet: { import: row, counts, task } }: { sheet: ImportSheet }) {
    const navigate = useNavigate()
    const remove = useDelete('/api/v1/imports')
    const [withDoubtful, setWithDoubtful] = useState(false)
    const act = useWrite(
        'POST',
        '/api/v1/imports/{import}/writing',
        { import: row.id },
        { notice: () => words.written, undo: () => takeBack(row.id) },
    )
    const n = counts.good + (withDoubtful ? counts.doubtful : 0)
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {counts.doubtful > 0 && (
                <CheckField label={words.withDoubtful} checked={withDoubtful} onChange={setWithDoubtful} />
            )}
            {act.error !== undefined && <p role="alert">{act.error}</p>}
            <Button
                variant="solid"
                minHeight="50px"
                disabled={n === 0 || act.isSaving || isUnderWay(task)}
                onClick={() => act.save({ with_doubtful: withDoubtful })}
            >
                {words.write({ n })}
            </Button>
            <Button
                variant="plain"
                onClick={() => {
                    remove(() => takeBack(row.id), words.discarded)
                    void navigate({ to: '/settings/$sheet', params: { sheet: 'files' } })
                }}
            >
                {words.discard}
            </Button>
        </Box>
    )
}

function TakeBack({ id }: { id: number }) {
    const remove = useDelete('/api/v1/imports')
    return (
        <chakra.div>
            <Button onClick={() => remove(() => takeBack(id), settingsWords.files.undone)}>
                {settingsWords.files.undo}
            </Button>
        </chakra.div>
    )
}

const takeBack = (id: number): Promise<unknown> => write('DELETE', '/api/v1/imports/{import}', { import: id })
