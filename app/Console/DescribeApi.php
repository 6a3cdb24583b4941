<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use OpenApi\Generator;

/** Prints the API description, gathered from the attributes of controllers, requests and resources. */
final class DescribeApi extends Command
{
    protected $signature = 'api:describe';

    protected $description = 'Print the API description as OpenAPI JSON';

    public function handle(): int
    {
        $description = (new Generator)->setVersion('3.1.0')->generate([app_path('Http')]);
        $this->line((string) $description?->toJson());

        return self::SUCCESS;
    }
}
