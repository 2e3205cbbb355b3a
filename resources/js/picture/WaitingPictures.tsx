import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { filesIn } from '../api/files'
import { useKeeper } from '../frame/keeper'
import { offlineWords } from '../messages/offline'
import { keptQuery } from '../offline/queries'
import type { PicturesOf } from './queries'
import { isOf } from './upload'
import { WaitingPrint } from './WaitingPrint'

/** Of these, what waits on this device. */
export function WaitingPictures({ of }: { of: PicturesOf }) {
    const entries = useQuery(keptQuery(useKeeper().id)).data ?? []
    const waiting = entries.filter((entry) => entry.refusal === undefined && isOf(entry, of))
    return waiting.length === 0 ? null : (
        <Box display="flex" flexWrap="wrap" alignItems="center" gap="10px">
            {waiting.flatMap(({ id, body }) =>
                filesIn(body).map((file) => <WaitingPrint key={id} file={file} alt={offlineWords.picture} />),
            )}
            <chakra.span color="close">{offlineWords.waits}</chakra.span>
        </Box>
    )
}
