import { write } from '../api/client'
import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { fishListQuery } from '../api/queries'
import type { QuarantineRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { fishById, fishOptions } from '../entry/entries'
import { useEntry } from '../entry/useEntry'
import { longDay, shortDay } from '../units/day'
import { LookForm, TreatmentForm } from './HealthForms'
import { useWrite } from '../entry/useWrite'

type Slip = { kind: 'begin' } | { kind: 'look' | 'treat'; row: QuarantineRow }

/** Who is in quarantine, until when, and what is still missing. */
export function Quarantines({ rows }: { rows: readonly QuarantineRow[] }) {
    const [slip, openSlip] = useState<Slip | null>(null)
    const close = (): void => openSlip(null)
    const titles = {
        begin: movesWords.quarantine.begin,
        look: movesWords.quarantine.look,
        treat: movesWords.quarantine.treat,
    }
    return (
        <Section
            title={movesWords.quarantine.title}
            aside={
                <Button marginBottom="6px" onClick={() => openSlip({ kind: 'begin' })}>
                    {movesWords.quarantine.begin}
                </Button>
            }
        >
            {rows.length === 0 && (
                <chakra.p color="ink2" paddingTop="8px">
                    {movesWords.quarantine.none}
                </chakra.p>
            )}
            {rows.map((row) => (
                <Row key={row.id} row={row} onSlip={(kind) => openSlip({ kind, row })} />
            ))}
            <PaperDialog title={slip === null ? '' : titles[slip.kind]} open={slip !== null} onClose={close}>
                {slip?.kind === 'begin' && <Begin onDone={close} />}
                {slip?.kind === 'look' && (
                    <LookForm fish={slip.row.fish_id} name={slip.row.name} onDone={close} />
                )}
                {slip?.kind === 'treat' && <TreatmentForm fish={slip.row.fish_id} onDone={close} />}
            </PaperDialog>
        </Section>
    )
}

function Row({ row, onSlip }: { row: QuarantineRow; onSlip: (kind: 'look' | 'treat') => void }) {
    const { today } = useKeeper()
    const release = useWrite(
        'POST',
        '/api/v1/quarantines/{quarantine}/release',
        { quarantine: row.id },
        {
            notice: () => movesWords.quarantine.released({ name: row.name }),
        },
    )
    return (
        <Box
            paddingBlock="10px"
            borderBottom="1px solid"
            borderColor="rule"
            display="flex"
            flexDirection="column"
            gap="6px"
        >
            <Box>
                <Link to="/fish/$id" params={{ id: row.fish_id }}>
                    {row.name}
                </Link>{' '}
                <chakra.span color="ink2">
                    {movesWords.quarantine.ends({ day: longDay(row.ends, today) })}
                </chakra.span>
            </Box>
            <chakra.p fontWeight={700} color={row.may_leave ? 'fit' : 'close'}>
                {row.sentence}
            </chakra.p>
            {row.treatments.map((one) => (
                <chakra.p key={one.id} color="ink2">
                    {movesWords.quarantine.course({
                        from: shortDay(one.from, today),
                        until: shortDay(one.until, today),
                        product: messages.labels.products[one.product_class],
                    })}
                    {one.dose === null ? '' : `, ${one.dose}`}
                </chakra.p>
            ))}
            {row.looks[0] !== undefined && (
                <chakra.p color="ink2">
                    {shortDay(row.looks[0].date, today)}:{' '}
                    {row.looks[0].is_eating ? movesWords.quarantine.eats : movesWords.quarantine.eatsNot}
                    {row.looks[0].sign === null ? '' : `, ${row.looks[0].sign}`}
                </chakra.p>
            )}
            <Box display="flex" flexWrap="wrap" gap="10px">
                <Button onClick={() => onSlip('look')}>{movesWords.quarantine.look}</Button>
                <Button onClick={() => onSlip('treat')}>{movesWords.quarantine.treat}</Button>
                <Button variant="plain" onClick={() => release.save(undefined)}>
                    {movesWords.quarantine.release}
                </Button>
            </Box>
            {release.error !== undefined && (
                <chakra.p role="alert" color="over">
                    {release.error}
                </chakra.p>
            )}
        </Box>
    )
}

interface BeginTyped {
    fish_id: string
    date: string
    days: string
    credit: string
}

const { Text, Choice } = fieldsOf<BeginTyped>()

function Begin({ onDone }: { onDone: () => void }) {
    const { today } = useKeeper()
    const all = useQuery(fishListQuery).data ?? []
    const form = useForm<BeginTyped>({ defaultValues: { fish_id: '', date: today, days: '', credit: '' } })
    const who = useWatch({ control: form.control, name: 'fish_id' })
    const entry = useEntry(
        '/api/v1/fish/{fish}/quarantines',
        { fish: Number(who) },
        {
            undo: (recorded) =>
                write('DELETE', '/api/v1/quarantines/{quarantine}', { quarantine: recorded.id }),
            notice: () => movesWords.quarantine.begun({ name: fishById(all, who)?.name ?? '' }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={movesWords.quarantine.begin}
            onCancel={onDone}
            onSave={({ date, days, credit }) =>
                entry.save({
                    date,
                    days: days === '' ? null : Number(days),
                    credit: credit === '' ? null : Number(credit),
                })
            }
        >
            <Choice
                name="fish_id"
                label={movesWords.quarantine.fish}
                placeholder={movesWords.choose}
                options={fishOptions(all)}
            />
            <Text name="date" label={movesWords.quarantine.from} type="date" max={today} />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text
                    name="days"
                    label={movesWords.quarantine.days}
                    inputMode="numeric"
                    help={movesWords.quarantine.daysHelp}
                />
                <Text name="credit" label={movesWords.quarantine.credit} inputMode="numeric" />
            </Box>
        </FieldForm>
    )
}
