<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\Sex;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Some leave a shoal and are kept and counted by themselves; or one goes back into it. */
final readonly class Parting
{
    /**
     * @param  string  $size  as its keeper calls those of one size; '': of any
     * @return SizeClass|null of the size that was asked for
     *
     * @throws InvalidEntry when there are not so many of that sort, or nobody would be left
     */
    public static function check(Fish $shoal, int $there, int $count, ?Sex $sex, string $size): ?SizeClass
    {
        if ($count < 1 || $count >= $there) {
            throw InvalidEntry::because('count', Finding::of('group.part_of', fish: $shoal->name, there: $there));
        }
        $sexes = $shoal->sexes();
        $most = match ($sex) {
            Sex::Male => $sexes->males + $sexes->unknown,
            Sex::Female => $sexes->females + $sexes->unknown,
            null => $there,
        };
        if ($count > $most) {
            throw InvalidEntry::because('sex', Finding::of('group.not_so_many', most: $most));
        }

        return $size === '' ? null : self::ofSize($shoal, $count, $size);
    }

    private static function ofSize(Fish $shoal, int $count, string $size): SizeClass
    {
        $class = $shoal->makeup?->sizeCalled($size) ?? throw InvalidEntry::because('size', Finding::of('group.no_such_size', size: $size, fish: $shoal->name));

        return $count <= $class->count ? $class : throw InvalidEntry::because('size', Finding::of('group.not_so_many', most: $class->count));
    }

    /** @throws InvalidEntry when the two are not of one species in one home */
    public static function checkReturn(Fish $fish, Fish $shoal): void
    {
        $refusal = match (true) {
            $fish->key === $shoal->key => Finding::of('group.joins_itself'),
            $fish->species->key !== $shoal->species->key => Finding::of('group.joins_other_species', fish: $fish->name, species: $fish->species->commonName, shoal: $shoal->name),
            $fish->currentSystem() !== $shoal->currentSystem() => Finding::of('group.joins_elsewhere', fish: $fish->name, shoal: $shoal->name),
            default => null,
        };
        if ($refusal !== null) {
            throw InvalidEntry::because('into', $refusal);
        }
    }
}
