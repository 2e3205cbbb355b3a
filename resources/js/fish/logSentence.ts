import type { CountKind, LogLine, LossKind, Ration, Temper } from '../api/types'
import { messages } from '../messages'
import { companyWords } from '../messages/company'
import { longDay } from '../units/day'
import type { LengthUnit } from '../units/length'
import { measured } from '../units/length'

/** One line of what happened to a fish. */
export function logSentence(line: LogLine, name: string, unit: LengthUnit, today: string): string {
    switch (line.type) {
        case 'incident':
            return incidentSentence(line, name)
        case 'loss':
            return lossSentence(line, today)
        case 'count':
            return messages.fish.logged.count({
                n: line.count ?? 0,
                how: messages.labels.counts[line.kind as CountKind],
            })
        case 'inspection':
            return inspectionSentence(line)
        case 'makeup':
            return makeupSentence(line)
        case 'parting':
        case 'joining':
            return betweenSentence(line, name)
        default:
            return changeSentence(line, unit, today)
    }
}

function incidentSentence(line: LogLine, name: string): string {
    const [actor, target] = line.is_actor === true ? [name, line.other ?? ''] : [line.other ?? '', name]
    const told = { actor, target, act: line.act === null ? '' : messages.labels.acts[line.act] }
    return line.harm === null || line.harm === 'none'
        ? messages.fish.logged.incident(told)
        : messages.fish.logged.harmed({ ...told, harm: messages.labels.harms[line.harm] })
}

function makeupSentence({ males, females, count }: LogLine): string {
    const told = { males: males ?? 0, females: females ?? 0, n: count ?? 0 }
    return told.males + told.females === 0
        ? messages.fish.logged.sized(told)
        : messages.fish.logged.madeUp(told)
}

/** One left a shoal, or came back to it; told on the sheets of both. */
function betweenSentence(line: LogLine, name: string): string {
    const [one, shoal] = line.is_actor === true ? [name, line.other ?? ''] : [line.other ?? '', name]
    return messages.fish.logged[line.type === 'parting' ? 'parted' : 'joined']({ one, shoal })
}

function inspectionSentence(line: LogLine): string {
    const what = messages.fish.logged.inspected({ what: line.kind ?? '' })
    return line.cause === null ? what : messages.fish.logged.because({ what, cause: line.cause })
}

function lossSentence(line: LogLine, today: string): string {
    const said = messages.fish.logged
    const n = line.count ?? 1
    const other = line.other ?? ''
    if (line.is_actor === true) {
        return told(said.ate({ n, other }), line, today)
    }
    const how = messages.labels.losses[line.kind as LossKind]
    const bare = n > 1 ? said.losses({ n, how }) : said.loss({ how })
    const what = other === '' ? bare : said.eatenBy({ what: bare, other })
    return told(
        line.sex === null ? what : said.lostOf({ what, sex: messages.labels.sexes[line.sex] }),
        line,
        today,
    )
}

/** With what is known besides: since when, why, and what was learnt. */
function told(loss: string, { from, cause, lesson }: LogLine, today: string): string {
    const said = messages.fish.logged
    const seen = from === null ? loss : said.lastSeen({ what: loss, day: longDay(from, today) })
    const why = cause === null ? seen : said.because({ what: seen, cause })
    return lesson === null ? why : said.learnt({ what: why, lesson })
}

/** Something about the fish itself was changed; "to" is empty where nothing is known any more. */
function changeSentence(line: LogLine, unit: LengthUnit, today: string): string {
    const said = messages.fish.logged
    const [from, to] = [line.from ?? '', line.to ?? '']
    const isKnown = to !== ''
    switch (line.type) {
        case 'move':
            return said.move({ from, to })
        case 'species':
            return said.species({ from: from.toLowerCase(), to: to.toLowerCase() })
        case 'candidates':
            return isKnown ? said.candidates({ to: to.toLowerCase() }) : said.noCandidates
        case 'sex':
            return isKnown
                ? said.sexed({ to: messages.labels.sexes[to as 'male' | 'female'] })
                : said.sexUnknown
        case 'hatched':
            return isKnown ? said.hatched({ day: longDay(to, today) }) : said.hatchUnknown
        case 'temper':
            return isKnown ? said.temper({ to: companyWords.temper.tempers[to as Temper] }) : said.temperAsLog
        case 'adult':
            return isKnown ? said.adult({ length: measured(Number(to), unit) }) : said.adultAsSpecies
        default:
            return said.fed({
                from: messages.labels.rations[from as Ration],
                to: messages.labels.rations[to as Ration],
            })
    }
}
