import { Box, Button } from '@chakra-ui/react'
import { useState } from 'react'
import { ToCopy } from '../frame/ToCopy'
import { settingsWords } from '../messages/settings'

const words = settingsWords.link

/** A link that is shown once, to be handed over. */
export function LinkBox({ url, help }: { url: string; help: string }) {
    const [isCopied, setCopied] = useState(false)
    return (
        <Box display="flex" flexDirection="column" gap="12px">
            <p>{help}</p>
            <ToCopy>{url}</ToCopy>
            <Box aria-live="polite">
                <Button
                    variant="solid"
                    onClick={() => void navigator.clipboard.writeText(url).then(() => setCopied(true))}
                >
                    {isCopied ? words.copied : words.copy}
                </Button>
            </Box>
        </Box>
    )
}
