import { systemsWords } from '../messages/systems'
import { Box, chakra } from '@chakra-ui/react'
import type { SystemPreview, SystemSheet, Units } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { Fact } from '../frame/Fact'
import { Fold } from '../frame/Fold'
import { useKeeper } from '../frame/keeper'
import { useIsNarrow } from '../frame/useIsNarrow'
import { useWidth } from '../frame/useWidth'
import { metres } from '../units/length'
import { floorLoad, weight } from '../units/mass'
import { floorArea, volume } from '../units/volume'
import { Pool } from './Pool'
import { layPools } from './pools'

const MAX_HEIGHT = 240

interface Props {
    preview: SystemPreview | undefined
    kind: SystemSheet['kind']
}

/** What a system comes to while it is typed: its outline to scale, water, floor and weight. */
export function Preview({ preview, kind }: Props) {
    const { units } = useKeeper()
    const [box, width] = useWidth<HTMLDivElement>()
    const isNarrow = useIsNarrow()
    return (
        <Fold title={systemsWords.form.comesTo} says={says(preview, units)}>
            <Box ref={box} paddingTop="10px">
                {preview === undefined ? (
                    <chakra.p color="ink2">{systemsWords.form.typing}</chakra.p>
                ) : (
                    width > 0 && <Outline preview={preview} width={width} />
                )}
            </Box>
            {preview !== undefined && (
                <chakra.dl margin="0">
                    <Fact isLong name={systemsWords.form.litres}>
                        {preview.water_litres === preview.litres
                            ? volume(preview.litres, units)
                            : systemsWords.form.withSump({
                                  litres: volume(preview.litres, units),
                                  all: volume(preview.water_litres, units),
                              })}
                    </Fact>
                    <Fact isLong name={systemsWords.form.floor}>
                        {floorArea(preview.floor_mm2, units)}
                    </Fact>
                    <Fact isLong term="swimming" name={systemsWords.form.run}>
                        {metres(Math.max(...preview.basins.map((one) => one.swim_length_mm)), units)}
                    </Fact>
                    <Fact isLong term="turning" name={systemsWords.form.turning}>
                        {metres(Math.max(...preview.basins.map((one) => one.turning_width_mm)), units)}
                    </Fact>
                    <Fact isLong name={systemsWords.form.pump}>
                        {systemsWords.form.anHour({
                            litres: volume(preview.turnover_least_litres, units),
                        })}
                    </Fact>
                    <Fact isLong term="weight" name={systemsWords.form.weight}>
                        {weight(preview.weight_kg, units)}
                    </Fact>
                    <Fact isLong name={systemsWords.form.floorLoad}>
                        {floorLoad(preview.floor_load_kg_m2, units)}
                    </Fact>
                </chakra.dl>
            )}
            {!isNarrow && <Cautions preview={preview} kind={kind} />}
        </Fold>
    )
}

/** What can hurt somebody is never folded: on a phone it stands before the button that saves. */
export function Cautions({ preview, kind }: Props) {
    const said = [
        ...(preview?.is_heavy === true ? [systemsWords.form.engineer] : []),
        ...(kind === 'pond' ? [systemsWords.form.pond] : []),
    ]
    return said.map((one) => (
        <chakra.p
            key={one}
            paddingTop="8px"
            borderInlineStart="6px solid"
            borderColor="close"
            paddingInlineStart="12px"
            marginTop="8px"
        >
            {one}
        </chakra.p>
    ))
}

/** Folded it keeps its height while sizes are typed under it: the field that is typed in stays where it is. */
function says(preview: SystemPreview | undefined, units: Units): string {
    return preview === undefined
        ? systemsWords.form.typing
        : systemsWords.form.inShort({
              litres: volume(preview.litres, units),
              weight: weight(preview.weight_kg, units),
              heavy: String(preview.is_heavy),
          })
}

function Outline({ preview, width }: { preview: SystemPreview; width: number }) {
    const { units } = useKeeper()
    const { pools, size } = layPools(preview.basins)
    const scale = Math.min((width - 20) / size[0], MAX_HEIGHT / size[1])
    const height = size[1] * scale
    return (
        <svg width={width} height={height + 48} aria-hidden="true">
            <g transform="translate(10 8)">
                {pools.map((pool, i) => (
                    <Pool key={i} pool={pool} scale={scale} />
                ))}
                <DimensionLine
                    x1={0}
                    x2={size[0] * scale}
                    y={height + 22}
                    label={systemsWords.form.sides({
                        long: metres(size[0], units),
                        wide: metres(size[1], units),
                    })}
                />
            </g>
        </svg>
    )
}
