import { useQuery } from '@tanstack/react-query'
import { useParams, useSearch } from '@tanstack/react-router'
import { Suspense } from 'react'
import { systemQuery } from '../api/queries'
import type { SystemPage as Page } from '../api/types'
import { Drawing } from '../frame/Drawing'
import { useKeeper } from '../frame/keeper'
import { onDemand } from '../frame/onDemand'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { systemsWords } from '../messages/systems'
import { metres } from '../units/length'
import { volume } from '../units/volume'
import { PlanSheet } from './PlanSheet'
import type { SystemSheetName } from './sheets'
import { SheetTabs } from './SheetTabs'
import { SystemHead } from './SystemHead'

const OtherSheet = onDemand(() => import('./OtherSheet'), 'OtherSheet')

/** One system, a sheet for each thing that is asked of it. */
export function SystemPage() {
    const { id } = useParams({ from: '/systems/$id' })
    const { sheet = 'plan' } = useSearch({ from: '/systems/$id' })
    return (
        <Waiting key={id} query={useQuery(systemQuery(id))}>
            {(page) => <Sheets page={page} shown={sheet} />}
        </Waiting>
    )
}

function Sheets({ page, shown }: { page: Page; shown: SystemSheetName }) {
    const { system } = page
    const { units } = useKeeper()
    useNameSheet(
        systemsWords.title({ name: system.name }),
        systemsWords.measures({
            depth: metres(system.basins[0]?.depth_mm ?? 0, units),
            volume: volume(system.water_litres, units),
        }),
    )
    return (
        <>
            <SheetTabs system={system} shown={shown} />
            {shown === 'plan' ? (
                <PlanSheet page={page} />
            ) : (
                <>
                    <SystemHead page={page} at={0} />
                    <Suspense fallback={<Drawing />}>
                        <OtherSheet page={page} shown={shown} />
                    </Suspense>
                </>
            )}
        </>
    )
}
