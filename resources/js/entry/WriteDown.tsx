import { entryWords } from '../messages/entry'
import { Box, Button } from '@chakra-ui/react'
import { Suspense, useState } from 'react'
import type { FishRow } from '../api/types'
import { Drawing } from '../frame/Drawing'
import { onDemand } from '../frame/onDemand'
import { PaperDialog } from '../frame/PaperDialog'
import type { EntryKind } from './entries'

const CountForm = onDemand(() => import('./CountForm'), 'CountForm')
const IncidentForm = onDemand(() => import('./IncidentForm'), 'IncidentForm')
const LengthSlip = onDemand(() => import('./LengthSlip'), 'LengthSlip')
const LossForm = onDemand(() => import('./LossForm'), 'LossForm')
const MoveForm = onDemand(() => import('./MoveForm'), 'MoveForm')
const TestSlip = onDemand(() => import('./WaterSlip'), 'TestSlip')
const ChangeSlip = onDemand(() => import('./WaterSlip'), 'ChangeSlip')

const forms = {
    length: { Form: LengthSlip, title: entryWords.lengthTitle, act: entryWords.length },
    test: { Form: TestSlip, title: entryWords.testTitle, act: entryWords.test },
    change: { Form: ChangeSlip, title: entryWords.changeTitle, act: entryWords.change },
    incident: { Form: IncidentForm, title: entryWords.incidentTitle, act: entryWords.incident },
    loss: { Form: LossForm, title: entryWords.lossTitle, act: entryWords.loss },
    move: { Form: MoveForm, title: entryWords.moveTitle, act: entryWords.move },
    count: { Form: CountForm, title: entryWords.countTitle, act: entryWords.count },
} as const

interface Props {
    kinds: readonly EntryKind[]
    all: readonly FishRow[]
    fish?: FishRow
    today: string
}

/** One button for each thing that can be written down; each opens its slip. */
export function WriteDown({ kinds, all, fish, today }: Props) {
    const [open, setOpen] = useState<EntryKind | null>(null)
    const close = (): void => setOpen(null)
    const shown = open === null ? null : forms[open]
    return (
        <>
            <Box display="flex" flexWrap="wrap" gap="10px">
                {kinds.map((kind) => (
                    <Button key={kind} flex="1" paddingInline="8px" onClick={() => setOpen(kind)}>
                        {forms[kind].act}
                    </Button>
                ))}
            </Box>
            <PaperDialog title={shown?.title ?? ''} open={open !== null} onClose={close}>
                {shown !== null && (
                    <Suspense fallback={<Drawing />}>
                        <shown.Form all={all} fish={fish} today={today} onDone={close} />
                    </Suspense>
                )}
            </PaperDialog>
        </>
    )
}
