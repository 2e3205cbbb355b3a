<?php

declare(strict_types=1);

namespace App\Pictures;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Intervention\Image\Encoders\JpegEncoder;
use Intervention\Image\Exceptions\DecoderException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;

/** Turns a picture upright and makes its sizes anew, so that nothing that was hidden in the file comes along: no place, no camera. */
final readonly class PictureSizes
{
    /** A decoded picture and its upright copy. */
    private const MEMORY = '640M';

    private const WHITE = 'ffffff';

    /**
     * @param  array<string, string>  $jpegs  by size
     * @param  string|null  $takenAt  "YYYY-MM-DD HH:MM" as the camera noted it
     */
    private function __construct(
        public array $jpegs,
        public int $width,
        public int $height,
        public ?string $takenAt,
    ) {
    }

    /** @throws InvalidEntry when it cannot be decoded */
    public static function of(ReceivedPicture $received): self
    {
        ini_set('memory_limit', self::MEMORY);
        try {
            $picture = ImageManager::gd(autoOrientation: true, blendingColor: self::WHITE)->read($received->bytes);
        } catch (DecoderException) {
            throw ReceivedPicture::refused(Finding::of('picture.cut_off'));
        }
        $takenAt = self::momentOf($picture);
        $jpegs = [];
        // From the largest down: each is made of the one before.
        foreach (array_reverse(PictureSize::cases()) as $size) {
            if ($size->pixels() !== null) {
                $picture->scaleDown($size->pixels(), $size->pixels());
            }
            [$width, $height] = [$width ?? $picture->width(), $height ?? $picture->height()];
            $jpegs[$size->value] = $picture->encode(new JpegEncoder($size->quality(), strip: true))->toString();
        }

        return new self($jpegs, $width, $height, $takenAt);
    }

    /** Of the picture in full: one that is sent again bears the same. */
    public function sha256(): string
    {
        return hash('sha256', $this->jpegs[PictureSize::Full->value]);
    }

    private static function momentOf(ImageInterface $picture): ?string
    {
        $noted = $picture->exif('EXIF.DateTimeOriginal');

        return is_string($noted) && preg_match('/^(\d{4}):(\d{2}):(\d{2}) (\d{2}:\d{2})/', $noted, $part) === 1 ? "{$part[1]}-{$part[2]}-{$part[3]} {$part[4]}" : null;
    }
}
