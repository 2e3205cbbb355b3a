<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

/** The inside of a body of water. All sizes in millimetres, areas in square millimetres. */
interface Shape
{
    /** The straight run that a swimmer has. */
    public function swimLength(): float;

    /** The room across that run in which a fish turns. */
    public function turningWidth(): float;

    public function depth(): float;

    public function floorArea(): float;

    /**
     * The inside edge from above: corners in order, x to the right and y
     * toward the viewer, none below zero. Curves are many short sides.
     *
     * @return list<array{float, float}>
     */
    public function outline(): array;
}
