import { write } from '../api/client'
import type { DueRow } from '../api/types'
import { momentNow } from '../entry/timeNow'
import { messages } from '../messages'

/** What is sent when all is well with one thing that is due; null: a tap does not settle it. */
export function answerTo(due: DueRow, today: string) {
    const looked = messages.today.looked({ name: due.name })
    switch (due.kind) {
        case 'watch':
            return {
                label: messages.today.allGood,
                notice: looked,
                send: () =>
                    write(
                        'POST',
                        '/api/v1/watches/{watch}/checks',
                        { watch: due.of_id ?? 0 },
                        { at: momentNow(), has_eaten: false, exceptions: [] },
                    ),
                undo: (check: number) => write('DELETE', '/api/v1/watch-checks/{check}', { check }),
            }
        case 'quarantine':
            return {
                label: messages.today.eatsWell,
                notice: looked,
                send: () =>
                    write(
                        'POST',
                        '/api/v1/fish/{fish}/health-observations',
                        { fish: due.fish_id ?? 0 },
                        { date: today, is_eating: true, sign: null },
                    ),
                undo: (observation: number) =>
                    write('DELETE', '/api/v1/health-observations/{observation}', { observation }),
            }
        case 'inspection':
            return {
                label: messages.today.allFine,
                notice: messages.today.inspected({ name: due.name }),
                send: () =>
                    write(
                        'POST',
                        '/api/v1/fish/{fish}/inspections',
                        { fish: due.fish_id ?? 0 },
                        { date: today, what: due.inspect },
                    ),
                undo: (inspection: number) =>
                    write('DELETE', '/api/v1/inspections/{inspection}', { inspection }),
            }
        default:
            return null
    }
}
