import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { aggressionQuery } from '../api/queries'
import type { SystemPage } from '../api/types'
import { Section } from '../frame/Section'
import { systemsWords } from '../messages/systems'

const words = systemsWords.company

const SAID = 2

/** What is worth saying of who goes for whom here, and the way to the rest; nothing where one lives alone. */
export function Company({ system }: { system: SystemPage['system'] }) {
    const sheet = useQuery(aggressionQuery(system.id)).data
    if (sheet === undefined || (sheet.acts === 0 && system.fish.length < 2)) {
        return null
    }
    return (
        <Section
            title={words.title}
            aside={
                <Link to="/systems/$id/company" params={{ id: system.id }}>
                    {words.more}
                </Link>
            }
        >
            <p>{sheet.acts === 0 ? words.quiet : sheet.sentences.slice(0, SAID).join(' ')}</p>
        </Section>
    )
}
