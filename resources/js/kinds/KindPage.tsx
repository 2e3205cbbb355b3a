import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from '@tanstack/react-router'
import { write } from '../api/client'
import { kindQuery, systemsQuery } from '../api/queries'
import type { KindSheet } from '../api/types'
import { useUnit } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { useWrite } from '../log/useWrite'
import { projected } from '../units/length'
import { acquireWords } from '../words/acquire'
import { claimSentence, kindSentence, kindWordsOf, layerWords, temperWords } from '../words/kinds'
import { KindDialog } from './KindDialog'
import { KindPicture } from './KindPicture'
import { KindValues } from './KindValues'

/** What a kind becomes, to scale, and all that is known of it. */
export function KindPage({ id }: { id: number }) {
    return <Waiting query={useQuery(kindQuery(id))}>{(sheet) => <Sheet sheet={sheet} />}</Waiting>
}

function Sheet({ sheet }: { sheet: KindSheet }) {
    const { kind } = sheet
    const unit = useUnit()
    const systems = useQuery(systemsQuery).data ?? []
    useNameSheet(kind.common_name, kind.scientific_name)
    const life = sheet.description.lifespan_years as { low: number; high: number } | undefined
    const comment = [
        kind.sold_at_mm === null ? '' : `Sold at about ${projected(kind.sold_at_mm, unit)}`,
        life === undefined ? '' : `lives ${acquireWords.years(life.low, life.high)}`,
        temperWords[kind.temperament] ?? '',
        layerWords[kind.layer],
    ]
        .filter((part) => part !== '')
        .join(', ')
    return (
        <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' }}>
            <Box>
                <SheetHead sentence={kindSentence(sheet, unit)} comment={`${comment}.`} />
                <KindPicture sheet={sheet} systems={systems} />
                <Box
                    padding={{ base: '16px 2px', md: '16px 10px' }}
                    display="flex"
                    flexDirection="column"
                    gap="20px"
                >
                    <KindValues sheet={sheet} />
                </Box>
            </Box>
            <Box
                borderInlineStart={{ lg: '1.6px solid' }}
                borderColor={{ lg: 'ink' }}
                padding={{ base: '8px 2px 24px', lg: '16px 14px 24px 22px' }}
                display="flex"
                flexDirection="column"
                gap="18px"
            >
                <Box display="flex" gap="10px" flexWrap="wrap">
                    <Link to="/weigh-up" search={{ kind: kind.common_name }}>
                        <Button variant="solid" as="span">
                            {kindWordsOf.weigh}
                        </Button>
                    </Link>
                    <KindDialog sheet={sheet} />
                    {!sheet.is_shipped && kind.here === 0 && <TakeOut sheet={sheet} />}
                </Box>
                <Section title={kindWordsOf.claims}>
                    {sheet.claims.length === 0 && <chakra.p color="ink2">{kindWordsOf.noClaims}</chakra.p>}
                    <ul>
                        {sheet.claims.map((claim, i) => (
                            <chakra.li key={i} borderBottom="1px solid" borderColor="rule" paddingBlock="5px">
                                <b>{projected(claim.length_mm, unit)}</b>, {claimSentence(claim)}{' '}
                                <chakra.span color="ink2">
                                    ({claim.source === '' ? kindWordsOf.memory : claim.source})
                                </chakra.span>
                            </chakra.li>
                        ))}
                    </ul>
                </Section>
                <Section title={kindWordsOf.alike}>
                    {sheet.look_alikes.length === 0 && (
                        <chakra.p color="ink2">{kindWordsOf.noAlike}</chakra.p>
                    )}
                    <ul>
                        {sheet.look_alikes.map((one) => (
                            <chakra.li
                                key={one.name}
                                borderBottom="1px solid"
                                borderColor="rule"
                                paddingBlock="5px"
                            >
                                {one.kind_id === null ? (
                                    <b>{one.name}</b>
                                ) : (
                                    <Link to="/kinds/$id" params={{ id: String(one.kind_id) }}>
                                        {one.name}
                                    </Link>
                                )}
                                : {one.marks}; {kindWordsOf.showsFrom(projected(one.shows_at_mm, unit))}.
                            </chakra.li>
                        ))}
                    </ul>
                </Section>
                {sheet.inspections.length > 0 && (
                    <Section title={kindWordsOf.inspections}>
                        <ul>
                            {sheet.inspections.map((one) => (
                                <chakra.li
                                    key={one.what}
                                    borderBottom="1px solid"
                                    borderColor="rule"
                                    paddingBlock="5px"
                                >
                                    {kindWordsOf.every(one.every_days)}: {one.what}
                                </chakra.li>
                            ))}
                        </ul>
                    </Section>
                )}
                {(sheet.protected !== null || sheet.hazards.length > 0) && (
                    <Section title={kindWordsOf.cautions}>
                        <ul>
                            {[...(sheet.protected === null ? [] : [sheet.protected]), ...sheet.hazards].map(
                                (one) => (
                                    <chakra.li key={one} paddingBlock="5px" color="close" fontWeight={600}>
                                        {one}
                                    </chakra.li>
                                ),
                            )}
                        </ul>
                    </Section>
                )}
            </Box>
        </Box>
    )
}

function TakeOut({ sheet }: { sheet: KindSheet }) {
    const navigate = useNavigate()
    const remove = useWrite<undefined>({
        method: 'DELETE',
        path: `kinds/${sheet.kind.id}`,
        said: () => kindWordsOf.removed(sheet.kind.common_name),
        undo: () => write('POST', 'kinds', { description: sheet.description, form: sheet.kind.form }),
        onDone: () => navigate({ to: '/kinds' }),
    })
    return (
        <Button variant="plain" disabled={remove.isSaving} onClick={() => remove.save(undefined)}>
            {kindWordsOf.remove}
        </Button>
    )
}
