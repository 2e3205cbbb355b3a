<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * One who keeps the fish.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Keeper', 'email' => "keeper-{$this->number()}@biomegas.example", 'password' => 'secret of the house', 'role' => Role::Keeper];
    }

    public function owner(): self
    {
        return $this->state(['role' => Role::Owner]);
    }

    public function helper(): self
    {
        return $this->state(['role' => Role::Helper]);
    }

    public function viewer(): self
    {
        return $this->state(['role' => Role::Viewer]);
    }

    private function number(): int
    {
        return User::query()->count() + 1;
    }
}
