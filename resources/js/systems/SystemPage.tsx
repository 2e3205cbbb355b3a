import { useQuery } from '@tanstack/react-query'
import { useParams, useSearch } from '@tanstack/react-router'
import { systemQuery } from '../api/queries'
import type { SystemPage as Page } from '../api/types'
import { HomeFeeding } from '../food/HomeFeeding'
import { useKeeper } from '../frame/keeper'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { LogPart } from '../log/LogPart'
import { systemsWords } from '../messages/systems'
import { Camera } from '../picture/Camera'
import { Pictures } from '../picture/Pictures'
import { metres } from '../units/length'
import { volume } from '../units/volume'
import { BeforeAfter } from './BeforeAfter'
import { Columns } from './Columns'
import { Load } from './Load'
import { PlanSheet } from './PlanSheet'
import { Probes } from './Probes'
import { Ready } from './Ready'
import type { SystemSheetName } from './sheets'
import { SheetTabs } from './SheetTabs'
import { Sums } from './Sums'
import { SystemHead } from './SystemHead'
import { Water } from './Water'
import { WaterEntries } from './WaterEntries'

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
                    <Other page={page} shown={shown} />
                </>
            )}
        </>
    )
}

function Other({ page, shown }: { page: Page; shown: Exclude<SystemSheetName, 'plan'> }) {
    const { id, name, fish } = page.system
    switch (shown) {
        case 'water':
            return (
                <Columns
                    left={<Water page={page} />}
                    right={
                        <>
                            <WaterEntries page={page} />
                            <Probes page={page} />
                        </>
                    }
                />
            )
        case 'load':
            return <Columns left={<Load page={page} />} right={<BeforeAfter page={page} />} />
        case 'feeding':
            return <Columns left={fish.length > 0 ? <HomeFeeding system={id} /> : systemsWords.empty} />
        case 'preparation':
            return <Columns left={<Ready page={page} />} />
        case 'sums':
            return <Columns left={<Sums page={page} />} />
        case 'diary':
            return (
                <Columns
                    left={<LogPart of={{ system: id }} />}
                    right={
                        <>
                            <Pictures of={{ system: id }} name={name} />
                            <Camera system={id} />
                        </>
                    }
                />
            )
    }
}
