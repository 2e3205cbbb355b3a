import { Box, Button } from '@chakra-ui/react'
import { useState } from 'react'
import { PaperDialog } from '../frame/PaperDialog'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'

/** The demo is what is here: it goes, with all that was written into it, when its keeper has looked around. */
export function ClearDemo() {
    const [asks, ask] = useState(false)
    const clear = useWrite(
        'DELETE',
        '/api/v1/demo',
        {},
        { notice: () => messages.today.demoCleared, onDone: () => ask(false) },
    )
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="12px"
            padding={{ base: '6px 2px 0', md: '6px 10px 0' }}
        >
            {messages.today.isDemo}
            <Button variant="plain" onClick={() => ask(true)}>
                {messages.today.clearDemo}
            </Button>
            <PaperDialog title={messages.today.clearDemoTitle} open={asks} onClose={() => ask(false)}>
                <p>{messages.today.clearDemoHelp}</p>
                {clear.error !== undefined && <p role="alert">{clear.error}</p>}
                <Box display="flex" gap="12px" justifyContent="flex-end" paddingTop="14px">
                    <Button onClick={() => ask(false)}>{messages.frame.cancel}</Button>
                    <Button variant="solid" disabled={clear.isSaving} onClick={() => clear.save(undefined)}>
                        {messages.today.clearDemoAct}
                    </Button>
                </Box>
            </PaperDialog>
        </Box>
    )
}
