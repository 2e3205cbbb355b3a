<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Growth\LengthQuestion;
use Biomegas\Growth\LengthReview;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Measure\Units;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was typed, read and held against what is known of the fish. Nothing is saved.')]
final readonly class Review
{
    public function __construct(
        #[OA\Property(description: 'As the length that the species is stated in, like all lengths here.')] public float $length_mm,
        #[OA\Property(description: 'As read, in the unit of the facility.')] public string $reads,
        #[OA\Property(description: 'The same in the other unit.')] public string $other_unit,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $expected_mm,
        #[OA\Property(ref: '#/components/schemas/LastLength', nullable: true)] public ?LastLength $before,
        #[OA\Property(type: 'string', enum: LengthQuestion::class, nullable: true)] public ?LengthQuestion $question,
    ) {
    }

    public static function from(Length $length, LengthReview $review, Units $units): self
    {
        $before = $review->before;

        return new self(
            round($review->statedMm, 1),
            (new Messages($units, app()->getLocale()))->figure(MeasuredFigure::of($length)),
            (new Messages($units->otherLengths(), app()->getLocale()))->figure(MeasuredFigure::of($length)),
            Band::from($review->expected),
            $before === null ? null : new LastLength($before->date->toIso(), round((float) $review->beforeMm, 1), $before->method),
            $review->question,
        );
    }
}
