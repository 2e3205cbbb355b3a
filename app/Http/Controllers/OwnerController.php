<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Feeding\ShippedFoods;
use App\Http\Problems;
use App\Http\Requests\OwnerRequest;
use App\Http\Resources\Session;
use App\Models\FacilitySettings;
use App\Models\Role;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\Takes;
use App\Species\ShippedSpecies;
use Biomegas\Finding\Finding;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** The first run: whoever comes first becomes the owner, and nobody after. */
final readonly class OwnerController
{
    #[OA\Post(path: '/api/v1/owner', operationId: 'createOwner')]
    #[Takes('OwnerRequest')]
    #[Answers(201, 'Session', 'Created and signed in.')]
    #[Answers(409, 'Problem', 'There is an owner already.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function store(OwnerRequest $request): JsonResponse
    {
        $owner = DB::transaction(function () use ($request): ?User {
            if (User::query()->exists()) {
                return null;
            }
            FacilitySettings::query()->create([
                'name' => $request->input('facility'),
                'unit_system' => $request->input('unit_system'),
                'time_zone' => $request->input('time_zone'),
                'currency' => $request->input('currency'),
                'horizon_days' => 1095,
                'rulebook' => [],
            ]);

            ShippedSpecies::install();
            ShippedFoods::install();

            $owner = User::query()->create([...$request->safe(['name', 'email', 'password']), 'role' => Role::Owner]);
            Auth::login($owner);
            $request->session()->regenerate();

            return $owner;
        });
        if ($owner === null) {
            return Problems::of(409, Finding::of('problem.has_owner'));
        }

        return response()->json(Session::of($owner, FacilitySettings::query()->first()), 201);
    }
}
