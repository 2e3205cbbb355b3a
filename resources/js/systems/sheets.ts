/** The sheets of a home; the first is its plan. */
export const SYSTEM_SHEETS = ['plan', 'water', 'load', 'feeding', 'preparation', 'sums', 'diary'] as const

export type SystemSheetName = (typeof SYSTEM_SHEETS)[number]

/** Which sheet an address means; none: the plan. */
export function systemSearch({ sheet }: Record<string, unknown>): { sheet?: SystemSheetName } {
    const named = SYSTEM_SHEETS.find((one) => one === sheet)
    return named === undefined ? {} : { sheet: named }
}
