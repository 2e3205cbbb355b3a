import { Box, Button, chakra, Field, Textarea } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../api/refused'
import type { SitterHome, SitterSheet, Tick } from '../api/types'
import { momentNow } from '../entry/timeNow'
import { messages } from '../messages'
import { sitterWords as words } from '../messages/sitter'
import { dropEntry } from '../offline/outbox'
import { keepTick, keptTick, keptTicksQuery, sentOrKept } from './keptTicks'
import type { SitterTask, Ticked } from './queries'
import { sitterRoundQuery, tick as send, untick } from './queries'

interface Props {
    home: SitterHome
    task: SitterTask
    title: string
    /** What to do. */
    sentences: readonly string[]
    /** How it went; null: not done yet. */
    tick: Tick | null
    /** How it can go, the usual first; none: there is nothing to tick. */
    outcomes: readonly Tick['outcome'][]
    /** With a box each on paper. */
    days: readonly string[]
}

/** One thing to do: the sentence, a broad button for how it usually goes, smaller ones for the rest. */
export function TaskBox({ home, task, title, sentences, tick, outcomes, days }: Props) {
    const client = useQueryClient()
    const [saying, setSaying] = useState(false)
    const show = (sheet: SitterSheet): unknown => client.setQueryData(sitterRoundQuery.queryKey, sheet)
    const waits = (): Promise<void> => client.invalidateQueries({ queryKey: keptTicksQuery.queryKey })
    const write = useMutation({
        mutationFn: (ticked: Ticked) => sentOrKept(send(ticked), () => keepTick(ticked)),
        onSuccess: (sheet) => {
            setSaying(false)
            return sheet === 'kept' ? waits() : show(sheet)
        },
    })
    const takeBack = useMutation({
        mutationFn: async () => {
            const kept = keptTick(await client.query(keptTicksQuery), home.system_id, task)
            return kept === undefined ? untick(home.system_id, task) : dropEntry(kept.id)
        },
        onSuccess: (sheet) => (sheet === undefined ? waits() : show(sheet)),
    })
    const error = write.error ?? takeBack.error
    const save = (outcome: Tick['outcome'], note: string | null): void =>
        write.mutate({ system: home.system_id, task, outcome, note, at: momentNow() })
    return (
        <Box paddingTop="10px">
            <Box>
                <b>{title}.</b> {sentences.join(' ')}
            </Box>
            <Box aria-live="polite">
                {tick !== null ? (
                    <Done
                        tick={tick}
                        undoLabel={words.undoLabel({ what: words.outcomes[tick.outcome], home: home.name })}
                        onUndo={() => takeBack.mutate()}
                    />
                ) : saying ? (
                    <SayForm
                        home={home.name}
                        isSending={write.isPending}
                        onSend={(note) => save('not-fine', note)}
                        onCancel={() => setSaying(false)}
                    />
                ) : (
                    <Outcomes
                        home={home.name}
                        outcomes={outcomes}
                        isSending={write.isPending}
                        onChoose={(outcome) =>
                            outcome === 'not-fine' ? setSaying(true) : save(outcome, null)
                        }
                    />
                )}
            </Box>
            {outcomes.length > 0 && <PaperBoxes days={days} />}
            {error !== null && (
                <chakra.p role="alert" color="over" fontWeight={600} paddingTop="6px">
                    {error instanceof Refused ? error.message : messages.frame.unreachable}
                </chakra.p>
            )}
        </Box>
    )
}

interface OutcomesProps {
    home: string
    outcomes: readonly Tick['outcome'][]
    isSending: boolean
    onChoose: (outcome: Tick['outcome']) => void
}

/** How it can have gone: the usual is the broadest. */
function Outcomes({ home, outcomes, isSending, onChoose }: OutcomesProps) {
    return (
        <Box display="flex" flexWrap="wrap" gap="10px" paddingTop="8px" _print={{ display: 'none' }}>
            {outcomes.map((outcome, i) => (
                <Button
                    key={outcome}
                    variant={i === 0 ? 'solid' : 'outline'}
                    flex={i === 0 ? '2 1 150px' : '1 1 110px'}
                    minHeight="54px"
                    paddingInline="8px"
                    disabled={isSending}
                    aria-label={words.of({ outcome: words.outcomes[outcome], home })}
                    onClick={() => onChoose(outcome)}
                >
                    {words.outcomes[outcome]}
                </Button>
            ))}
        </Box>
    )
}

/** On paper, where nothing can be tapped: a box for each day. */
function PaperBoxes({ days }: { days: readonly string[] }) {
    return (
        <Box
            aria-hidden="true"
            display="none"
            gap="8px"
            flexWrap="wrap"
            paddingTop="4px"
            _print={{ display: 'flex' }}
        >
            {days.map((day) => (
                <span key={day}>☐ {Number(day.slice(-2))}</span>
            ))}
        </Box>
    )
}

function Done({ tick, undoLabel, onUndo }: { tick: Tick; undoLabel: string; onUndo: () => void }) {
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            gap="10px"
            minHeight={{ base: '54px', _print: 0 }}
        >
            <chakra.span fontWeight={800}>
                <span aria-hidden="true">✓ </span>
                {words.ticked({ outcome: words.outcomes[tick.outcome], time: tick.time })}
            </chakra.span>
            {tick.note !== null && <span>{tick.note}</span>}
            <Button variant="plain" aria-label={undoLabel} onClick={onUndo} _print={{ display: 'none' }}>
                {words.undo}
            </Button>
        </Box>
    )
}

interface SayProps {
    home: string
    isSending: boolean
    onSend: (note: string) => void
    onCancel: () => void
}

/** Something is wrong: what was seen, in a few words. */
function SayForm({ home, isSending, onSend, onCancel }: SayProps) {
    const [note, setNote] = useState('')
    return (
        <chakra.form
            paddingTop="8px"
            display="flex"
            flexDirection="column"
            gap="10px"
            onSubmit={(event) => {
                event.preventDefault()
                onSend(note)
            }}
        >
            <Field.Root>
                <Field.Label>{words.noteTitle({ home })}</Field.Label>
                <Textarea
                    rows={3}
                    maxLength={500}
                    value={note}
                    onChange={(event) => setNote(event.target.value)}
                />
                <Field.HelperText>{words.noteHelp}</Field.HelperText>
            </Field.Root>
            <Box display="flex" gap="10px">
                <Button type="submit" variant="solid" flex="2" minHeight="54px" disabled={isSending}>
                    {words.save}
                </Button>
                <Button type="button" flex="1" minHeight="54px" onClick={onCancel}>
                    {messages.frame.cancel}
                </Button>
            </Box>
        </chakra.form>
    )
}
