<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\OpenApi\CommonProblems;
use App\OpenApi\CompleteSchemas;
use Illuminate\Console\Command;
use OpenApi\Generator;
use Symfony\Component\Finder\Finder;

/** Writes openapi.json from the attributes on controllers, requests and resources. */
final class DescribeApiCommand extends Command
{
    protected $signature = 'biomegas:openapi {file=openapi.json}';

    protected $description = 'Describe the API in openapi.json';

    public function handle(): int
    {
        $generator = (new Generator)->setVersion('3.1.0');
        $generator->addProcessor(new CompleteSchemas);
        $generator->addProcessor(new CommonProblems);
        $openapi = $generator->generate((new Finder)->files()->in(app_path('Http'))->name('*.php')->sortByName());
        if ($openapi === null || ! $openapi->validate()) {
            $this->error('The attributes do not describe a valid API.');

            return self::FAILURE;
        }
        file_put_contents(base_path($this->argument('file')), $openapi->toJson().PHP_EOL);

        return self::SUCCESS;
    }
}
