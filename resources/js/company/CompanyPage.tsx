import { Box } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { companyQuery, systemsQuery } from '../api/queries'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { Chips } from '../entry/Chips'
import { ChoiceField, optionsOf } from '../entry/fields'
import { companyWords as words } from '../messages/company'
import { MixView } from './MixView'
import { Pairs } from './Pairs'
import { headline } from './sentences'

type Mode = keyof typeof words.modes

/** Every two of a system or of the place held against each other, or some that are only thought of together. */
export function CompanyPage() {
    useNameSheet(words.title)
    const [mode, setMode] = useState<Mode>('all')
    const modes = (
        <Chips
            label={words.mode}
            options={optionsOf(words.modes)}
            chosen={[mode]}
            onToggle={(value) => setMode(value as Mode)}
        />
    )
    return mode === 'mix' ? <MixView modes={modes} /> : <Residents modes={modes} />
}

function Residents({ modes }: { modes: ReactNode }) {
    const [system, setSystem] = useState('')
    const query = useQuery({
        ...companyQuery(system === '' ? undefined : Number(system)),
        placeholderData: keepPreviousData,
    })
    return (
        <Waiting query={query}>
            {(sheet) => (
                <>
                    <SheetHead sentence={headline(sheet)} comment={words.comment} />
                    <Box
                        display="flex"
                        flexWrap="wrap"
                        gap="12px 30px"
                        alignItems="end"
                        padding={{ base: '10px 2px 0', md: '10px 10px 0' }}
                    >
                        {modes}
                        <Box width="320px">
                            <WhoseField value={system} onChange={setSystem} />
                        </Box>
                    </Box>
                    <Pairs sheet={sheet} />
                </>
            )}
        </Waiting>
    )
}

function WhoseField({ value, onChange }: { value: string; onChange: (system: string) => void }) {
    const systems = useQuery(systemsQuery).data ?? []
    return (
        <ChoiceField
            label={words.whose}
            value={value}
            onChange={onChange}
            options={[
                { value: '', text: words.all },
                ...systems.map(({ id, name }) => ({ value: String(id), text: name })),
            ]}
        />
    )
}
