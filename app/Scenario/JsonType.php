<?php

declare(strict_types=1);

namespace App\Scenario;

/** What a value of a JSON document is. */
enum JsonType: string
{
    case List = 'array';
    case Truth = 'boolean';
    case WholeNumber = 'integer';
    case Nothing = 'null';
    case Number = 'number';
    case Object = 'object';
    case Text = 'string';
}
