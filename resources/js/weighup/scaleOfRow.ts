/**
 * The scale at which drawings stand side by side in a row, where none takes
 * less room than the words over it: those that would are given that much, and
 * the others share what is left.
 */
export function scaleOfRow(breadths: readonly number[], least: number, room: number): number {
    let [left, scale] = [room, 0]
    const wide = [...breadths].sort((a, b) => a - b)
    while (wide.length > 0) {
        scale = left / wide.reduce((sum, breadth) => sum + breadth, 0)
        if ((wide[0] ?? 0) * scale >= least) {
            break
        }
        wide.shift()
        left -= least
    }
    return scale
}
