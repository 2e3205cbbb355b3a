import { useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import { useNotices } from '../frame/notice'
import { words } from '../words/en'

/** Takes an entry out and says so at the foot. */
export function useTakeOut(): (path: string, said?: string) => void {
    const client = useQueryClient()
    const { say } = useNotices()
    return (path, said = words.undone) => {
        void write('DELETE', path)
            .then(() => client.invalidateQueries({ queryKey: logKey }))
            .then(() => say({ text: said }))
            .catch((error: unknown) => say({ text: error instanceof Refused ? error.message : words.unreachable }))
    }
}
