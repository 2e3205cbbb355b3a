<?php

declare(strict_types=1);

namespace Tests\Api;

/** One answer everywhere, over the whole demo. */
final class OneAnswerTest extends ApiTestCase
{
    use OneAnswer;
}
