import { skipToken, useQuery } from '@tanstack/react-query'
import { placeQuery } from '../api/queries'
import { useKeeper } from '../frame/keeper'
import { ownerWords } from '../messages/owner'
import { settingsWords as words } from '../messages/settings'
import { ago } from '../units/moment'
import { backupsQuery, lettersQuery, peopleQuery, secretsQuery, sittersQuery } from './queries'
import type { SheetName } from './sheets'

interface Says {
    text: string
    /** Something is to be done about it. */
    isWarning: boolean
}

/** How things stand on a sheet, in one line. */
export function useSays(name: SheetName): Says {
    const isOwner = useKeeper().role === 'owner'
    const says: Record<SheetName, () => Says> = {
        account: () => calm(words.says.account),
        files: () => calm(words.says.files),
        place: usePlace(isOwner && name === 'place'),
        people: usePeople(isOwner && name === 'people'),
        sitter: useSitters(isOwner && name === 'sitter'),
        letters: useLetters(isOwner && name === 'letters'),
        backups: useBackups(isOwner && name === 'backups'),
        secrets: useSecrets(isOwner && name === 'secrets'),
    }
    return says[name]()
}

const calm = (text: string): Says => ({ text, isWarning: false })
const nothing = (): Says => calm('')

/** Asks only for what the line is about. */
const when = <Q extends { queryKey: readonly unknown[] }>(isWanted: boolean, query: Q): Q =>
    isWanted ? query : { ...query, queryFn: skipToken }

function usePlace(isWanted: boolean): () => Says {
    const place = useQuery(when(isWanted, placeQuery)).data
    return () =>
        place === undefined
            ? nothing()
            : calm(
                  words.says.place({
                      units: ownerWords.unitNames[place.unit_system],
                      zone: place.time_zone,
                      currency: place.currency ?? 'none',
                  }),
              )
}

function usePeople(isWanted: boolean): () => Says {
    const people = useQuery(when(isWanted, peopleQuery)).data
    return () =>
        people === undefined
            ? nothing()
            : calm(
                  words.says.people({
                      n: people.people.filter((one) => !one.is_closed).length,
                      invited: people.invitations.length,
                  }),
              )
}

function useSitters(isWanted: boolean): () => Says {
    const sitters = useQuery(when(isWanted, sittersQuery)).data
    return () =>
        sitters === undefined
            ? nothing()
            : calm(words.says.sitter({ n: sitters.filter((one) => !one.is_over).length }))
}

function useLetters(isWanted: boolean): () => Says {
    const post = useQuery(when(isWanted, lettersQuery)).data
    return () =>
        post === undefined
            ? nothing()
            : {
                  text: words.says.letters({
                      state: post.problem === null ? (post.is_mailed ? 'mailed' : 'kept') : 'problem',
                      at: post.at,
                  }),
                  isWarning: post.problem !== null,
              }
}

function useBackups(isWanted: boolean): () => Says {
    const backups = useQuery(when(isWanted, backupsQuery)).data
    const last = backups?.backups[0]
    return () =>
        backups === undefined
            ? nothing()
            : {
                  text: words.says.backups({
                      n: backups.backups.length,
                      old: backups.is_old ? 'yes' : 'no',
                      last: last === undefined ? '' : ago(last.made_at),
                  }),
                  isWarning: backups.is_old,
              }
}

function useSecrets(isWanted: boolean): () => Says {
    const secrets = useQuery(when(isWanted, secretsQuery)).data
    return () =>
        secrets === undefined
            ? nothing()
            : calm(
                  words.says.secrets({
                      n: secrets.probes.length,
                      calendar: secrets.calendar ? 'yes' : 'no',
                  }),
              )
}
