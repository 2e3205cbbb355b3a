import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { todayQuery } from '../api/queries'
import { RecordLength } from '../fish/RecordLength'
import { entryWords } from '../messages/entry'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { ChoiceField } from './fields'

/** A length of whoever is due first, or of another one; it goes on to the next who is due. */
export function LengthSlip({ all, fish, onDone }: EntryProps) {
    const due = useQuery(todayQuery).data?.measure[0]
    const [who, choose] = useState(String(fish?.id ?? due ?? ''))
    const chosen = fishById(all, who)
    return (
        <>
            <ChoiceField
                label={entryWords.fish}
                placeholder={entryWords.choose}
                options={fishOptions(all)}
                value={who}
                onChange={choose}
            />
            {chosen !== undefined && (
                <RecordLength
                    key={chosen.id}
                    fish={chosen}
                    onDone={onDone}
                    onNext={(next) => choose(String(next))}
                />
            )}
        </>
    )
}
