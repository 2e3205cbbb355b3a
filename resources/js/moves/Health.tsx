import { write } from '../api/client'
import { useWrite } from '../entry/useWrite'
import { movesWords } from '../messages/moves'
import { Box, Button } from '@chakra-ui/react'
import { useState } from 'react'
import { PaperDialog } from '../frame/PaperDialog'
import { useCalledFor } from '../frame/useCalledFor'
import { LookForm, TreatmentForm } from './HealthForms'

/** A look at a fish or a treatment, on its own sheet. */
export function Health({ fish, name }: { fish: number; name: string }) {
    const isLookWanted = useCalledFor('look')
    const [slip, openSlip] = useState<'look' | 'treat' | null>(isLookWanted ? 'look' : null)
    const close = (): void => openSlip(null)
    const watch = useWrite(
        'POST',
        '/api/v1/fish/{fish}/watches',
        { fish },
        {
            notice: () => movesWords.watchBegun({ name }),
            undo: ({ id }) => write('DELETE', '/api/v1/watches/{watch}', { watch: id }),
        },
    )
    return (
        <>
            <Box display="flex" flexWrap="wrap" gap="10px">
                <Button flex="1" onClick={() => openSlip('look')}>
                    {movesWords.quarantine.look}
                </Button>
                <Button flex="1" disabled={watch.isSaving} onClick={() => watch.save(undefined)}>
                    {movesWords.watchIt}
                </Button>
                <Button flex="1" onClick={() => openSlip('treat')}>
                    {movesWords.quarantine.treat}
                </Button>
            </Box>
            {watch.error !== undefined && <p role="alert">{watch.error}</p>}
            <PaperDialog
                title={slip === 'treat' ? movesWords.quarantine.treat : movesWords.quarantine.look}
                open={slip !== null}
                onClose={close}
            >
                {slip === 'look' && <LookForm fish={fish} name={name} onDone={close} />}
                {slip === 'treat' && <TreatmentForm fish={fish} onDone={close} />}
            </PaperDialog>
        </>
    )
}
