import { useQuery } from '@tanstack/react-query'
import { placeQuery, systemsQuery } from '../api/queries'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { PictureRoom } from '../picture/PictureRoom'
import { Column, Columns, Help } from './Columns'
import { PlaceForm } from './PlaceForm'
import { Rhythm } from './Rhythm'
import { Route } from './Route'

const words = settingsWords.place

/** How the place is called and measured, how it is walked, and when what is done. */
export function PlaceSheet() {
    const { facility } = useKeeper()
    const systems = useQuery(systemsQuery)
    const [first, last] = [systems.data?.[0], systems.data?.at(-1)]
    return (
        <>
            <SheetHead
                sentence={
                    first === undefined || last === undefined
                        ? words.headlineEmpty({ place: facility })
                        : words.headline({ place: facility, first: first.name, last: last.name })
                }
                comment={words.history}
            />
            <Columns>
                <Column>
                    <Section title={words.route}>
                        <Help>{words.routeHelp}</Help>
                        <Waiting query={systems}>{(all) => <Route systems={all} />}</Waiting>
                    </Section>
                    <Section title={words.rhythm}>
                        <Help>{words.rhythmHelp}</Help>
                        <Waiting query={useQuery(placeQuery)}>{(place) => <Rhythm place={place} />}</Waiting>
                    </Section>
                </Column>
                <Column>
                    <PlaceForm />
                    <Section title={words.language}>
                        <Help>{words.languageSays}</Help>
                    </Section>
                    <PictureRoom />
                </Column>
            </Columns>
        </>
    )
}
