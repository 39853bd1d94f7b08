<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Scheme;
use App\Pages\FixtureList;
use Illuminate\View\View;

/** What can be placed in a scheme. */
final readonly class FixtureController
{
    public function index(Scheme $scheme): View
    {
        return view('board.fixtures', ['list' => new FixtureList($scheme)]);
    }
}
