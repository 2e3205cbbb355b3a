import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useNotices } from './notice'
import { useSheetTitle } from './sheetTitle'

/** The foot of the sheet: what was last written, with a way back, and the title block. */
export function Foot({ onWrite }: { onWrite: () => void }) {
    const { notice } = useNotices()
    const [title, note] = useSheetTitle()
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
                paddingInline="10px"
                fontSize="17px"
            >
                {notice === null ? (
                    <Button variant="plain" onClick={onWrite}>
                        {messages.frame.write}
                    </Button>
                ) : (
                    <>
                        <span>{notice.text}</span>
                        {notice.undo !== undefined && (
                            <Button variant="plain" onClick={notice.undo}>
                                {messages.frame.undo}
                            </Button>
                        )}
                    </>
                )}
                <Box
                    marginInlineStart="auto"
                    display={{ base: 'none', md: 'block' }}
                    color="ink2"
                    fontSize="15px"
                >
                    <chakra.kbd
                        fontFamily="mono"
                        border="1.4px solid"
                        borderColor="edge"
                        borderRadius="3px"
                        paddingInline="7px"
                    >
                        ?
                    </chakra.kbd>{' '}
                    {messages.frame.keysTitle.toLowerCase()}
                </Box>
            </Box>
            <Box
                borderInlineStart="1.6px solid"
                borderColor="ink"
                padding="6px 10px 0 16px"
                minWidth="250px"
                display={{ base: 'none', md: 'block' }}
            >
                <Box fontWeight={800} fontSize="17px">
                    {title}
                </Box>
                <Box color="ink2" fontSize="14.5px" lineHeight="20px">
                    {note}
                </Box>
            </Box>
        </Box>
    )
}
