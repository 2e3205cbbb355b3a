import { entryWords } from '../messages/entry'
import { Box, Button, chakra } from '@chakra-ui/react'
import { Suspense, useState } from 'react'
import type { ReactNode } from 'react'
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
    fish?: FishRow | undefined
    home?: number | undefined
    today: string
    /** Beside them. */
    children?: ReactNode
}

/** One button for each thing that can be written down; each opens its slip. */
export function WriteDown({ kinds, children, ...about }: Props) {
    const [open, setOpen] = useState<EntryKind | null>(null)
    const close = (): void => setOpen(null)
    return (
        <>
            <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(112px, 1fr))" gap="10px">
                {kinds.map((kind) => (
                    <Button key={kind} paddingInline="8px" onClick={() => setOpen(kind)}>
                        {forms[kind].act}
                    </Button>
                ))}
                {children}
            </Box>
            <PaperDialog title={open === null ? '' : forms[open].title} open={open !== null} onClose={close}>
                {open !== null && <EntrySlip kind={open} {...about} onDone={close} />}
            </PaperDialog>
        </>
    )
}

interface SlipProps extends Omit<Props, 'kinds' | 'children'> {
    kind: EntryKind
    onDone: () => void
}

/** The fields of one of them. */
function EntrySlip({ kind, all, fish, home, today, onDone }: SlipProps) {
    const { Form } = forms[kind]
    return (
        <Suspense fallback={<Drawing />}>
            <Form all={all} fish={fish} home={home} today={today} onDone={onDone} />
        </Suspense>
    )
}

/** The same on a slip that is open already, under its own name. */
export const NearestForm = ({ kind, ...about }: SlipProps) => (
    <Box as="section" aria-label={forms[kind].title} display="flex" flexDirection="column" gap="12px">
        <chakra.h3 fontWeight={800}>{forms[kind].title}</chakra.h3>
        <EntrySlip kind={kind} {...about} />
    </Box>
)

/** Of what can be written in a line, what has a form. */
export const hasForm = (kind: string): kind is EntryKind => kind in forms
