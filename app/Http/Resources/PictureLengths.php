<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Picture\LengthInPicture;
use Biomegas\Picture\ShoalInPicture;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What is read from the marks on a picture.')]
final readonly class PictureLengths
{
    public function __construct(
        /** @var list<PictureLength> */
        #[OA\Property(description: 'One for each fish that is marked.', type: 'array', items: new OA\Items(ref: PictureLength::class))] public array $lengths,
        #[OA\Property(description: 'Of several: how many at least, and how long they are.')] public ?string $shoal,
    ) {
    }

    /** @param  non-empty-list<LengthInPicture>  $lengths */
    public static function from(array $lengths): self
    {
        $says = Messages::ofFacility();
        $shoal = count($lengths) > 1 ? ShoalInPicture::of($lengths) : null;
        $figure = fn (float $mm): MeasuredFigure => MeasuredFigure::of(Length::ofMillimetres($mm));

        return new self(
            array_map(fn (LengthInPicture $one): PictureLength => PictureLength::from($one, $says), $lengths),
            $shoal === null ? null : $says->say(Finding::of('picture.shoal', n: $shoal->atLeast, mean: $figure($shoal->meanMm), spread: $figure($shoal->spreadMm))),
        );
    }
}
