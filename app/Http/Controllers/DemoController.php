<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Feeding\ShippedFoods;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenApi\Attributes as OA;

/** The demo to look around in: Heron Lock, two years of history. */
final readonly class DemoController
{
    /** Tables that hold nothing of systems and fish. */
    private const STAY = ['migrations', 'sqlite_sequence', 'users', 'sign_ins', 'invitations', 'password_reset_tokens', 'letters', 'tasks', 'jobs', 'recorded_requests', 'facilities', 'species'];

    #[OA\Post(path: '/api/v1/demo', operationId: 'loadDemo')]
    #[Idempotent]
    #[AnswersNothing('Its systems and fish are here.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'The place is not empty.')]
    public function store(): Response
    {
        if (System::query()->exists() || Fish::query()->exists()) {
            throw InvalidEntry::because('demo', Finding::of('entry.demo_into_empty'));
        }
        $settings = FacilitySettings::query()->firstOrFail();
        (new HeronLockSeeder)->fill($settings);
        $settings->update(['is_demo' => true]);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/demo', operationId: 'clearDemo')]
    #[Idempotent]
    #[AnswersNothing('The place is empty, with what was written into the demo gone too; species and rulebook stay.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'It is not the demo.')]
    public function destroy(): Response
    {
        $settings = FacilitySettings::query()->firstOrFail();
        if (! $settings->is_demo) {
            throw InvalidEntry::because('demo', Finding::of('entry.not_the_demo'));
        }
        DB::statement('pragma defer_foreign_keys = on');
        $tables = array_diff(Schema::getTableListing(schemaQualified: false), self::STAY);
        // The log empties itself with what it tells of.
        foreach (array_filter($tables, fn (string $table): bool => ! str_starts_with($table, 'log_')) as $table) {
            DB::table($table)->delete();
        }
        // With the prices of the demo gone.
        ShippedFoods::install();
        $settings->update(['is_demo' => false, 'calendar_token' => null]);

        return response()->noContent();
    }
}
