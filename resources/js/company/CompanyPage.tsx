import { Box, chakra } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { companyQuery, systemsQuery } from '../api/queries'
import type { CompanySheet, PairRow } from '../api/types'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { ChoiceField } from '../log/fields'
import { companyWords as words } from '../messages/company'
import { Grid } from './Grid'
import { PairBox } from './PairBox'
import { headline } from './sentences'

/** Every two of a system or of the place held against each other. */
export function CompanyPage() {
    useNameSheet(words.title, words.comment)
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
                    <Box padding={{ base: '10px 2px 0', md: '10px 10px 0' }} maxWidth="320px">
                        <WhoseField value={system} onChange={setSystem} />
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

function Pairs({ sheet }: { sheet: CompanySheet }) {
    const [wanted, choose] = useState<PairRow | undefined>()
    const chosen =
        sheet.pairs.find((pair) => pair.one === wanted?.one && pair.other === wanted.other) ??
        sheet.pairs.find(({ verdict }) => verdict === 'avoid') ??
        sheet.pairs.find(({ verdict }) => verdict === 'watch')
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 360px' }}
            columnGap="28px"
            rowGap="20px"
            padding={{ base: '14px 2px 24px', md: '14px 10px 24px' }}
            alignItems="start"
        >
            <Box minWidth={0}>
                <Grid sheet={sheet} chosen={chosen} onChoose={choose} />
                {sheet.more > 0 && <chakra.p paddingTop="8px">{words.more({ n: sheet.more })}</chakra.p>}
            </Box>
            <Box order={{ base: -1, lg: 0 }} position={{ lg: 'sticky' }} top="16px" aria-live="polite">
                {chosen === undefined ? (
                    <chakra.p color="ink2">{sheet.pairs.length === 0 ? '' : words.choose}</chakra.p>
                ) : (
                    <PairBox pair={chosen} sheet={sheet} />
                )}
            </Box>
        </Box>
    )
}
