import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useNotices } from './notice'
import { useSheetNote } from './sheetTitle'

/** The foot of the sheet: what was last written, with a way back, and the line on which the next thing is. */
export function Foot({ onWrite }: { onWrite: () => void }) {
    const { notice, say } = useNotices()
    const note = useSheetNote()
    return (
        <Box
            as="footer"
            position="sticky"
            bottom={{ base: '62px', md: 0 }}
            zIndex={9}
            background="paper"
            marginInline="14px"
            minHeight="58px"
            borderTop="1.6px solid"
            borderColor="ink"
            display={{ base: notice === null ? 'none' : 'flex', md: 'flex' }}
            alignItems="stretch"
        >
            <Box
                role="status"
                flex="1"
                display="flex"
                alignItems="center"
                gap="12px"
                // On a phone the mark of the place reaches up here.
                padding={{ base: '6px 10px 16px', md: '6px 10px' }}
                fontSize="said"
                lineHeight="22px"
            >
                {notice !== null && (
                    <>
                        <span>{notice.text}</span>
                        {notice.undo !== undefined && (
                            <Button variant="plain" onClick={notice.undo}>
                                {messages.frame.undo}
                            </Button>
                        )}
                        <chakra.button
                            type="button"
                            aria-label={messages.frame.putAway}
                            minWidth="44px"
                            minHeight="44px"
                            marginInlineStart={{ base: 'auto', md: '0' }}
                            border="0"
                            background="none"
                            color="ink2"
                            fontSize="title"
                            cursor="pointer"
                            // Whoever is typing goes on typing.
                            onPointerDown={(event) => event.preventDefault()}
                            onMouseDown={(event) => event.preventDefault()}
                            onClick={() => say(null)}
                        >
                            ×
                        </chakra.button>
                    </>
                )}
                <Box
                    marginInlineStart="auto"
                    display={{ base: 'none', md: 'block' }}
                    color="ink2"
                    fontSize="note"
                >
                    <Key>?</Key> {messages.frame.keysTitle.toLowerCase()}
                </Box>
            </Box>
            <Box
                borderInlineStart="1.6px solid"
                borderColor="ink"
                padding="8px 10px 4px 16px"
                width="380px"
                display={{ base: 'none', md: 'block' }}
            >
                <PencilLine onWrite={onWrite} />
                <Box color="ink2" fontSize="note" lineHeight="20px" truncate>
                    {note}
                </Box>
            </Box>
        </Box>
    )
}

/** Opens the slip on which a line is written; it lies where the eye rests when something has been seen. */
function PencilLine({ onWrite }: { onWrite: () => void }) {
    return (
        <chakra.button
            type="button"
            aria-keyshortcuts="n"
            display="flex"
            justifyContent="space-between"
            alignItems="center"
            width="100%"
            minHeight="30px"
            paddingInline="8px"
            background="fresh"
            border="0"
            borderBottom="1.6px solid"
            borderColor="edge"
            color="accent"
            fontWeight={600}
            fontSize="text"
            cursor="pointer"
            onClick={onWrite}
        >
            {messages.frame.write}
            <Key>N</Key>
        </chakra.button>
    )
}

function Key({ children }: { children: string }) {
    return (
        <chakra.kbd
            aria-hidden="true"
            fontFamily="mono"
            fontWeight={400}
            color="ink2"
            border="1.4px solid"
            borderColor="edge"
            borderRadius="3px"
            paddingInline="8px"
        >
            {children}
        </chakra.kbd>
    )
}
