<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\MeasureList;
use Heurema\Measure\Catalogue\Catalogue;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What rule books can ask about. */
final class MeasureController
{
    public function index(Request $request, Catalogue $catalogue): View
    {
        $search = mb_substr($request->string('q')->trim()->value(), 0, 100);

        return view('measures', ['list' => new MeasureList($catalogue, $search), 'search' => $search]);
    }
}
