import type { PlanPage } from '../api/types'

type Breach = PlanPage['breaches'][number]

/** Those who stay out of rule in one home, for one reason and as long, told once. */
export function together(breaches: readonly Breach[]): (Breach & { names: string[] })[] {
    const told = new Map<string, Breach & { names: string[] }>()
    for (const breach of breaches) {
        const key = [breach.system, breach.from, breach.until, breach.says].join('|')
        const others = told.get(key)?.names ?? []
        told.set(key, { ...breach, names: [...others, breach.name] })
    }
    return [...told.values()]
}
