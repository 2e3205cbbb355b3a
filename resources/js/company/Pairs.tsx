import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { CompanySheet, PairRow } from '../api/types'
import { companyWords as words } from '../messages/company'
import { Grid } from './Grid'
import { PairBox } from './PairBox'

/** The grid, and beside it why the chosen two may share a home or not. */
export function Pairs({ sheet }: { sheet: CompanySheet }) {
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
