<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('heurema:prune')->dailyAt('03:30')->withoutOverlapping()->onOneServer();
