import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { todayQuery } from '../api/queries'
import type { DueRow, SystemSheet } from '../api/types'
import { entryWords } from '../messages/entry'
import { WaterTestForm } from '../systems/WaterTestForm'
import { WaterWorkForm } from '../systems/WaterWorkForm'
import type { EntryProps } from './entries'
import { ChoiceField } from './fields'

/** What a test found, of the home where one is due or of another. */
export const TestSlip = (props: EntryProps) => (
    <WaterSlip {...props} due={['danger', 'test']} Form={WaterTestForm} />
)

/** A water change, or work at a filter. */
export const ChangeSlip = (props: EntryProps) => (
    <WaterSlip {...props} due={['change']} Form={WaterWorkForm} />
)

interface Props extends EntryProps {
    /** What is due where it is offered first. */
    due: readonly DueRow['kind'][]
    Form: (props: { system: SystemSheet; today: string; onDone: () => void }) => React.ReactNode
}

function WaterSlip({ due, Form, home, today: day, onDone }: Props) {
    const today = useQuery(todayQuery).data
    const [where, choose] = useState(
        String(home ?? today?.due.find(({ kind }) => due.includes(kind))?.system_id ?? ''),
    )
    const system = today?.systems.find(({ id }) => String(id) === where)
    return (
        <>
            <ChoiceField
                label={entryWords.home}
                placeholder={entryWords.choose}
                options={(today?.systems ?? []).map(({ id, name }) => ({ value: String(id), text: name }))}
                value={where}
                onChange={choose}
            />
            {system !== undefined && <Form key={system.id} system={system} today={day} onDone={onDone} />}
        </>
    )
}
