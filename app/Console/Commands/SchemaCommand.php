<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutSchema;
use Illuminate\Console\Command;

/** Writes the JSON Schema of layout documents from what their elements say of themselves. */
final class SchemaCommand extends Command
{
    protected $signature = 'heurema:schema';

    protected $description = 'Write core/schema, the JSON Schema of layout documents';

    public function handle(LayoutSchema $schema): int
    {
        $file = 'core/schema/layout-'.Layout::VERSION.'.schema.json';
        file_put_contents(base_path($file), $schema->json());
        $this->line("{$file} is written.");

        return self::SUCCESS;
    }
}
