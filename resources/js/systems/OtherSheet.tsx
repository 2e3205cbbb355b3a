import type { SystemPage as Page } from '../api/types'
import { HomeFeeding } from '../food/HomeFeeding'
import { LogPart } from '../log/LogPart'
import { systemsWords } from '../messages/systems'
import { Camera } from '../picture/Camera'
import { Pictures } from '../picture/Pictures'
import { BeforeAfter } from './BeforeAfter'
import { Columns } from './Columns'
import { Load } from './Load'
import { Nitrate } from './Nitrate'
import { Probes } from './Probes'
import { Ready } from './Ready'
import type { SystemSheetName } from './sheets'
import { Sums } from './Sums'
import { Water } from './Water'
import { WaterEntries } from './WaterEntries'

interface Props {
    page: Page
    shown: Exclude<SystemSheetName, 'plan'>
}

/** What is asked of a home besides its plan; its scripts come when one of these sheets is opened. */
export function OtherSheet({ page, shown }: Props) {
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
            return (
                <Columns
                    left={<Load page={page} />}
                    right={
                        <>
                            <Nitrate load={page.load} />
                            <BeforeAfter page={page} />
                        </>
                    }
                />
            )
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
