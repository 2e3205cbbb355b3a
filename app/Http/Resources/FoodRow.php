<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Feeding\FoodStore;
use Biomegas\Facility\Diet;
use Biomegas\Food\FoodForm;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\Stock;
use Biomegas\Food\Taking;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A food of the place, and what is left of it.')]
final readonly class FoodRow
{
    /**
     * @param  list<string>  $taken_by
     * @param  list<array{species: string, taking: string}>  $own_word
     */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: FoodForm::class)] public string $form,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Diet::class))] public array $taken_by,
        #[OA\Property] public float $protein_percent,
        #[OA\Property] public float $dry_matter_percent,
        #[OA\Property(type: 'string', enum: FoodUnit::class)] public string $unit,
        #[OA\Property] public float $grams_each,
        #[OA\Property] public ?float $pack,
        #[OA\Property] public ?float $price,
        #[OA\Property] public ?int $keeps_days,
        #[OA\Property] public bool $is_fish,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['species', 'taking'], properties: [new OA\Property(property: 'species', type: 'string'), new OA\Property(property: 'taking', type: 'string', enum: Taking::class)], type: 'object'))] public array $own_word,
        #[OA\Property(description: 'In its unit; null: it was neither bought nor counted.')] public ?float $left,
        #[OA\Property(description: 'In its unit, on a usual day.')] public float $per_day,
        #[OA\Property(ref: RunOutSpan::class, nullable: true)] public ?RunOutSpan $runs_out,
        #[OA\Property(format: 'date')] public ?string $opened_on,
        #[OA\Property(description: 'What is wrong with its books or its age; null: nothing.')] public ?string $doubt,
        #[OA\Property(description: 'Nobody may have it as the place is kept.')] public bool $is_forbidden,
    ) {
    }

    public static function from(Stock $stock, FacilitySnapshot $kept): self
    {
        $food = $stock->food;
        $doubt = $stock->doubt($kept->facility->date);
        $words = [];
        foreach ($food->ownWord as $species => $taking) {
            $words[] = ['species' => $species, 'taking' => $taking->value];
        }

        return new self(
            FoodStore::id($food), $food->name, $food->form->value, array_map(fn (Diet $diet): string => $diet->value, $food->takenBy),
            round(100 * $food->protein, 1), round(100 * $food->dryMatter, 1), $food->unit->value, $food->gramsEach, $food->pack, $food->price, $food->keepsDays, $food->isFish, $words,
            $stock->left === null ? null : round($stock->left, 1), round($stock->perDay, 2), $stock->runOut === null ? null : RunOutSpan::from($stock->runOut),
            $stock->opened?->toIso(), $doubt === null ? null : $kept->says()->say($doubt), $food->isForbidden($kept->facility->rulebook),
        );
    }
}
