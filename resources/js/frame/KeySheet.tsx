import { Box, Button, chakra } from '@chakra-ui/react'
import { words } from '../words/en'
import { PaperDialog } from './PaperDialog'
import { useLettersOn } from './usePlaceKeys'

/** The help sheet of shortcuts. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
    const [lettersOn, setLettersOn] = useLettersOn()
    return (
        <PaperDialog title={words.keysTitle} open={open} onClose={onClose}>
            <Box as="dl" display="grid" gridTemplateColumns="90px 1fr" rowGap="6px">
                {words.keys.map(([keys, what]) => (
                    <Box key={keys} display="contents">
                        <chakra.dt fontFamily="mono" fontWeight={700}>
                            {keys}
                        </chakra.dt>
                        <chakra.dd>{what}</chakra.dd>
                    </Box>
                ))}
            </Box>
            <chakra.label display="flex" gap="10px" alignItems="center" minHeight="44px">
                <chakra.input
                    type="checkbox"
                    width="22px"
                    height="22px"
                    accentColor="accent"
                    checked={lettersOn}
                    onChange={(event) => setLettersOn(event.target.checked)}
                />
                {words.keysOff}
            </chakra.label>
            <Button onClick={onClose} alignSelf="flex-end">
                {words.close}
            </Button>
        </PaperDialog>
    )
}
