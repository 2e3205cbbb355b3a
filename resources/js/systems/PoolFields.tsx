import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { usualTanksQuery } from '../api/queries'
import type { PoolForm, SystemRequest } from '../api/types'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { useUnit } from '../frame/keeper'
import { sizesOf } from './form'
import { OutlineGrid } from './OutlineGrid'

interface Props {
    kind: SystemRequest['kind']
    pool: PoolForm
    index: number
    isOneOfMany: boolean
    onChange: (pool: PoolForm) => void
    onRemove: () => void
    error: (field: string) => string | undefined
}

type TankSizes = Pick<PoolForm, 'length' | 'width' | 'depth' | 'glass'>

/** Fills in all sizes of a tank at once. */
function UsualTank({ onChoose }: { onChoose: (sizes: TankSizes) => void }) {
    const tanks = useQuery(usualTanksQuery).data ?? []
    const said = systemsWords.form
    const choose = (at: string): void => {
        const tank = tanks[Number(at)]
        if (at !== '' && tank !== undefined) {
            const { length, width, depth, glass } = tank
            onChoose({ length, width, depth, glass })
        }
    }
    return (
        <Box gridColumn={{ base: '1 / -1', md: '2 / -1' }}>
            <ChoiceField
                label={said.usualTank}
                options={[
                    { value: '', text: said.chooseTank },
                    ...tanks.map((tank, i) => ({ value: String(i), text: said.tankSizes(tank) })),
                ]}
                value=""
                onChange={choose}
            />
        </Box>
    )
}

/** The shape of one pool and its sizes. */
export function PoolFields({ kind, pool, index, isOneOfMany, onChange, onRemove, error }: Props) {
    const { word } = useUnit()
    return (
        <chakra.fieldset border="none" padding="0" margin="0" minWidth="0">
            <chakra.legend fontWeight={800} paddingBottom="6px">
                {isOneOfMany ? systemsWords.form.pool({ n: index + 1 }) : systemsWords.form.onePool}
            </chakra.legend>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
                gap="12px"
                alignItems="start"
            >
                <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
                    <ChoiceField
                        label={systemsWords.form.shape}
                        options={optionsOf(systemsWords.form.shapes)}
                        value={pool.type}
                        onChange={(type) => onChange({ ...pool, type: type as PoolForm['type'] })}
                    />
                </Box>
                {kind === 'tank' && pool.type === 'box' && (
                    <UsualTank onChoose={(sizes) => onChange({ ...pool, ...sizes, outside: true })} />
                )}
                {pool.type === 'outline' && (
                    <OutlineGrid
                        points={pool.points ?? []}
                        onChange={(points) => onChange({ ...pool, points })}
                        error={error(`pools.${index}.points`)}
                    />
                )}
                {sizesOf[pool.type].map((size) => (
                    <TextField
                        key={size}
                        label={systemsWords.form.sizes[size]}
                        unit={word}
                        value={pool[size] ?? ''}
                        onChange={(value) => onChange({ ...pool, [size]: value })}
                        error={error(`pools.${index}.${size}`)}
                    />
                ))}
                {pool.type !== 'outline' && (
                    <>
                        <Box alignSelf="end">
                            <CheckField
                                label={systemsWords.form.outside}
                                checked={pool.outside ?? false}
                                onChange={(outside) => onChange({ ...pool, outside })}
                            />
                        </Box>
                        {pool.outside === true && (
                            <TextField
                                label={systemsWords.form.glass}
                                unit={word}
                                value={pool.glass ?? ''}
                                onChange={(glass) => onChange({ ...pool, glass })}
                                error={error(`pools.${index}.glass`)}
                            />
                        )}
                    </>
                )}
            </Box>
            {isOneOfMany && (
                <Button type="button" variant="plain" onClick={onRemove}>
                    {systemsWords.form.removePool}
                </Button>
            )}
        </chakra.fieldset>
    )
}
