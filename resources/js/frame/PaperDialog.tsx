import { Suspense, useState } from 'react'
import { onDemand } from './onDemand'
import type { Props } from './PaperSlip'

const Slip = onDemand(() => import('./PaperSlip'), 'PaperSlip')

/** A slip of paper over the sheet; its script comes when the first one is opened. */
export function PaperDialog(props: Props) {
    const [wasOpened, setWasOpened] = useState(props.open)
    if (props.open && !wasOpened) {
        setWasOpened(true)
    }
    return wasOpened ? (
        <Suspense fallback={null}>
            <Slip {...props} />
        </Suspense>
    ) : null
}
