<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use App\Models\User;
use Biomegas\Finding\Finding;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Whoever only records mends and takes back what they wrote themselves; what others wrote is for keepers. */
final readonly class OwnEntriesAlone
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User || ! $user->role->mayKeep()) {
            foreach ($request->route()?->parameters() ?? [] as $name => $entry) {
                $row = $name === 'line' ? (array) DB::table('log_lines')->where('id', $entry)->first(['user_id']) : ($entry instanceof Model ? $entry->getAttributes() : []);
                if ($row !== [] && ($row['user_id'] ?? null) !== $user?->id) {
                    return Problems::of(403, Finding::of('problem.not_yours'));
                }
            }
        }

        return $next($request);
    }
}
