<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** What makes a length from a picture uncertain. */
enum ErrorCause: string
{
    /** Where the marks were set along the fish. */
    case Marks = 'marks';
    case Scale = 'scale';
    /** How far the camera stands. */
    case Distance = 'distance';
    /** How deep the fish swims. */
    case Depth = 'depth';
    case Heading = 'heading';
    /** Where the camera stands square to the pane. */
    case Foot = 'foot';
}
