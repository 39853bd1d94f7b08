<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Pages\MeasureList;
use Illuminate\Console\Command;

/** Writes docs/measures.md from what the measures say of themselves. */
final class MeasuresCommand extends Command
{
    protected $signature = 'heurema:measures';

    protected $description = 'Write docs/measures.md, the list of all measures';

    public function handle(MeasureList $list): int
    {
        file_put_contents(base_path('docs/measures.md'), $list->markdown());
        $this->line('docs/measures.md is written.');

        return self::SUCCESS;
    }
}
