import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useLocation, useSearch } from '@tanstack/react-router'
import { fishListQuery, systemsQuery } from '../api/queries'
import { Fold } from '../frame/Fold'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { addFishWords } from '../messages/addFish'
import { ManyFish } from './ManyFish'
import { OneFish } from './OneFish'

/** Fish that one keeps already, with their past lengths. */
export function AddFishPage() {
    useNameSheet(addFishWords.title)
    const { system } = useSearch({ strict: false })
    const { hash } = useLocation()
    return (
        <Waiting query={useQuery(systemsQuery)}>
            {(systems) => (
                <>
                    <SheetHead sentence={addFishWords.headline} comment={addFishWords.comment} />
                    <SoFar />
                    <Box
                        padding={{ base: '12px 0 24px', md: '12px 10px 24px' }}
                        display="flex"
                        flexDirection="column"
                        gap="24px"
                    >
                        {systems.length === 0 ? (
                            <NoSystem />
                        ) : (
                            <>
                                <Section title={addFishWords.one}>
                                    <Box paddingTop="10px">
                                        <OneFish
                                            systems={systems.map(({ name }) => name)}
                                            livesIn={systems.find((one) => one.id === system)?.name}
                                        />
                                    </Box>
                                </Section>
                                <Box id="many">
                                    <Fold
                                        title={addFishWords.many}
                                        says={addFishWords.manySay}
                                        on="every width"
                                        beginsOpen={hash === 'many'}
                                    >
                                        <Box paddingTop="10px">
                                            <ManyFish />
                                        </Box>
                                    </Fold>
                                </Box>
                            </>
                        )}
                    </Box>
                </>
            )}
        </Waiting>
    )
}

/** What is in already, and what it was for. */
function SoFar() {
    const all = useQuery(fishListQuery).data ?? []
    return all.length === 0 ? null : (
        <chakra.p paddingInline={{ base: '2px', md: '10px' }} paddingTop="6px">
            <Link to="/fish">{addFishWords.here({ n: all.length })}</Link>{' '}
            <Link to="/plan">{addFishWords.next}</Link>
        </chakra.p>
    )
}

function NoSystem() {
    return (
        <Box>
            <p>{addFishWords.noSystem}</p>
            <Button asChild marginTop="12px" textDecoration="none">
                <Link to="/systems/new">{addFishWords.addSystem}</Link>
            </Button>
        </Box>
    )
}
