<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Facility\FacilityReader;
use App\Http\Problems;
use App\Models\FacilitySettings;
use App\Models\Sitter;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets a sitter in by the secret of the link, on the days that were agreed, to their own page and nothing else; what waited on their phone is heard a little later. */
final readonly class SitterLink
{
    private const ATTRIBUTE = 'sitter';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $sitter = Sitter::ofSecret((string) $request->bearerToken());
        if ($sitter === null) {
            return Problems::of(404, Finding::of('problem.no_sitter_link'));
        }
        // What was done on the last day and waited on a phone without a network.
        $isLate = ! $request->isMethod('GET') && $request->filled('at');
        $today = FacilityReader::today(FacilitySettings::query()->firstOrFail());
        if ($sitter->isOver($today) && ! ($isLate && $sitter->mayBeHeardOn($today))) {
            return Problems::of(403, Finding::of('sitter.day_over', from: LocalDate::fromIso($sitter->from), until: LocalDate::fromIso($sitter->until)));
        }
        if (! $sitter->hasBegun($today)) {
            return Problems::of(403, Finding::of('sitter.not_begun', from: LocalDate::fromIso($sitter->from)));
        }
        $request->attributes->set(self::ATTRIBUTE, $sitter);

        return $next($request);
    }

    public static function sitter(Request $request): Sitter
    {
        $sitter = $request->attributes->get(self::ATTRIBUTE);
        assert($sitter instanceof Sitter);

        return $sitter;
    }
}
