/** The tail of a ray is longer than its disc, which is what is measured. */
const RAY_WITH_TAIL = 1.3

interface Drawn {
    form: string
    mm: number
}

/** How far a drawing from the side reaches, in millimetres of what is drawn. */
export const reachOf = ({ form, mm }: Drawn): number => (form === 'ray' ? RAY_WITH_TAIL * mm : mm)

/** Of a list that is drawn to one scale; 1 where there is nothing to draw. */
export const longestReach = (all: readonly Drawn[]): number => Math.max(1, ...all.map(reachOf))
