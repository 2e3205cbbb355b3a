<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Picture\ErrorCause;
use Biomegas\Picture\ErrorShare;
use Biomegas\Picture\LengthInPicture;
use Biomegas\Picture\Sharpening;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A length read from a picture.')]
final readonly class PictureLength
{
    public function __construct(
        #[OA\Property] public float $length_mm,
        #[OA\Property(description: 'Relative standard error.')] public float $error,
        #[OA\Property(description: 'Eight in ten such fish are at least as long.')] public float $low_mm,
        #[OA\Property(description: 'And at most so long.')] public float $high_mm,
        #[OA\Property] public string $sentence,
        /** @var list<PictureErrorShare> */
        #[OA\Property(description: 'What makes it uncertain, the most first.', type: 'array', items: new OA\Items(ref: PictureErrorShare::class))] public array $causes,
        #[OA\Property(description: 'What would make the next one surer; null: nothing by much.')] public ?string $advice,
    ) {
    }

    public static function from(LengthInPicture $read, Messages $says): self
    {
        $figure = fn (float $mm): MeasuredFigure => MeasuredFigure::of(Length::ofMillimetres($mm));

        return new self(
            round($read->mm, 1), round($read->error, 4), round($read->lowMm, 1), round($read->highMm, 1),
            $says->say(Finding::of('picture.read', length: $figure($read->mm), error: self::perCent($read->error), low: $figure($read->lowMm), high: $figure($read->highMm))),
            array_map(fn (ErrorShare $share): PictureErrorShare => new PictureErrorShare($says->label($share->cause), round($share->error, 4), round($share->share, 3)), $read->causes),
            $says->sayIf(self::advice($read->sharpening, self::perCent($read->error))),
        );
    }

    private static function advice(?Sharpening $sharpening, string $now): ?Finding
    {
        if ($sharpening === null) {
            return null;
        }
        $then = self::perCent($sharpening->error);

        return match ($sharpening->cause) {
            ErrorCause::Depth => Finding::of('picture.wait_until_near', then: $then, now: $now),
            ErrorCause::Distance => Finding::of('picture.measure_the_distance', then: $then, now: $now),
            ErrorCause::Heading => Finding::of('picture.wait_until_square', then: $then, now: $now),
            default => Finding::of('picture.go_nearer', then: $then, now: $now),
        };
    }

    private static function perCent(float $error): string
    {
        return number_format(100 * $error, $error < 0.0995 ? 1 : 0, '.', '').' %';
    }
}
