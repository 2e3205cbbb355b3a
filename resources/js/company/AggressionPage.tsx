import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from '@tanstack/react-router'
import { aggressionQuery, fishListQuery } from '../api/queries'
import type { AggressionSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { WriteDown } from '../entry/WriteDown'
import { aggressionWords as words } from '../messages/aggression'
import { Broods } from './Broods'
import { Cases } from './Cases'
import { AroundTable, Lights, LossTable, PairsTable } from './Patterns'
import { RankPicture } from './RankPicture'
import { Standings } from './Standings'
import { WatchClock } from './WatchClock'

/** Who goes for whom in one system: said, then drawn over the year, then in figures. */
export function AggressionPage() {
    const { id } = useParams({ from: '/systems/$id/company' })
    return (
        <Waiting key={id} query={useQuery(aggressionQuery(id))}>
            {(sheet) => <Sheet sheet={sheet} system={id} />}
        </Waiting>
    )
}

function Sheet({ sheet, system }: { sheet: AggressionSheet; system: number }) {
    const { today } = useKeeper()
    useNameSheet(words.title({ name: sheet.name }), words.comment)
    const all = useQuery(fishListQuery).data ?? []
    const residents = all.filter((fish) => fish.home.system_id === system)
    const [first, ...others] = sheet.sentences
    return (
        <>
            <SheetHead
                sentence={first ?? words.quiet}
                comment={[words.here({ name: sheet.name }), ...others].join(' ')}
            />
            <SheetBody columns="minmax(0, 1fr) 380px">
                <Box display="flex" flexDirection="column" gap="24px" minWidth="0" gridColumn={{ lg: 2 }}>
                    {residents.length > 1 && <WriteDown kinds={['incident']} all={residents} today={today} />}
                    <Cases sheet={sheet} system={system} today={today} said={first} />
                    <WatchClock sheet={sheet} system={system} />
                    {sheet.lights.length > 0 && <Lights lights={sheet.lights} />}
                    {sheet.pairs.length > 0 && <PairsTable pairs={sheet.pairs} />}
                    <chakra.p>
                        <Link to="/systems/$id" params={{ id: system }}>
                            {words.back}
                        </Link>
                    </chakra.p>
                </Box>
                <Box
                    display="flex"
                    flexDirection="column"
                    gap="24px"
                    minWidth="0"
                    gridColumn={{ lg: 1 }}
                    gridRow={{ lg: 1 }}
                >
                    <RankPicture sheet={sheet} fish={residents} today={today} />
                    {sheet.standings.length > 0 && <Standings standings={sheet.standings} fish={residents} />}
                    <Broods system={system} residents={residents} today={today} />
                    {sheet.losses.length > 0 && <LossTable losses={sheet.losses} today={today} />}
                    {sheet.around.length > 0 && <AroundTable rows={sheet.around} today={today} />}
                </Box>
            </SheetBody>
        </>
    )
}
