import { Button } from '@chakra-ui/react'
import { useState } from 'react'
import type { ArrangementRequest } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import type { Refusals } from '../entry/FieldForm'
import { stepWords } from '../messages/steps'
import type { EditableStep } from './StepEditor'
import { StepEditor } from './StepEditor'

interface Props {
    steps: readonly EditableStep[]
    unit: string
    isArranged: boolean
    entry: Refusals & { save: (arrangement: ArrangementRequest, options: { onSuccess: () => void }) => void }
}

/** A button that lays the steps of a job out to be arranged. */
export function EditSteps({ entry, ...rest }: Props) {
    const [open, setOpen] = useState(false)
    const close = (): void => setOpen(false)
    return (
        <>
            <Button variant="plain" className="no-print" onClick={() => setOpen(true)}>
                {stepWords.edit}
            </Button>
            <PaperDialog title={stepWords.title} open={open} onClose={close}>
                {open && (
                    <StepEditor
                        {...rest}
                        entry={entry}
                        onSave={(arrangement) => entry.save(arrangement, { onSuccess: close })}
                        onCancel={close}
                    />
                )}
            </PaperDialog>
        </>
    )
}
