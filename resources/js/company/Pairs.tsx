import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { CompanySheet, PairRow } from '../api/types'
import { companyWords as words } from '../messages/company'
import { Grid } from './Grid'
import { PairBox } from './PairBox'
import { SheetBody } from '../frame/SheetBody'

/** The grid, and beside it why the chosen two may share a home or not. */
export function Pairs({ sheet }: { sheet: CompanySheet }) {
    const [wanted, choose] = useState<PairRow | undefined>()
    const chosen =
        sheet.pairs.find((pair) => pair.one === wanted?.one && pair.other === wanted.other) ??
        sheet.pairs.find(({ verdict }) => verdict === 'avoid') ??
        sheet.pairs.find(({ verdict }) => verdict === 'watch')
    return (
        <SheetBody columns="minmax(0, 1fr) 360px">
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
        </SheetBody>
    )
}
