import { messages } from '../messages'
import { keyWords } from '../messages/keys'
import { Box, Button, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { CheckField } from '../entry/CheckField'
import { PaperDialog } from './PaperDialog'
import { useLettersOn } from './usePlaceKeys'

const KEYS = [
    { keys: 'T F S', what: keyWords.walk },
    { keys: 'P M C O W', what: keyWords.plan },
    { keys: 'L K R E', what: keyWords.shelf },
    { keys: '[ ]', what: keyWords.week },
    { keys: '{ }', what: keyWords.month },
    { keys: 'N', what: keyWords.write },
    { keys: '/', what: keyWords.find },
    { keys: 'U', what: keyWords.undo },
    { keys: '?', what: keyWords.help },
    { keys: 'Esc', what: keyWords.leave },
]

/** The help sheet of shortcuts. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
    const [lettersOn, setLettersOn] = useLettersOn()
    return (
        <PaperDialog title={messages.frame.keysTitle} open={open} onClose={onClose}>
            <Box as="dl" display="grid" gridTemplateColumns="112px 1fr" rowGap="6px">
                {KEYS.map(({ keys, what }) => (
                    <Box key={keys} display="contents">
                        <chakra.dt fontFamily="mono" fontWeight={700}>
                            {keys}
                        </chakra.dt>
                        <chakra.dd>{what}</chakra.dd>
                    </Box>
                ))}
            </Box>
            <CheckField label={keyWords.keysOff} checked={lettersOn} onChange={setLettersOn} />
            <Link to="/words" onClick={onClose}>
                {keyWords.words}
            </Link>
            <Button onClick={onClose} alignSelf="flex-end">
                {messages.frame.close}
            </Button>
        </PaperDialog>
    )
}
