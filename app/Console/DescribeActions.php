<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Lernfall\Bay\Rooms;
use Lernfall\Format\ActionSchemaFormat;

final class DescribeActions extends Command
{
    protected $signature = 'api:actions';

    protected $description = 'Print the schema of actions, put together from the procedures of the bay';

    public function handle(): int
    {
        $this->line(json_encode(ActionSchemaFormat::write(Rooms::procedures()), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

        return self::SUCCESS;
    }
}
