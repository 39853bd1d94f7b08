<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Scheme;
use App\Pages\ElementList;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is drawn on a storey of a scheme, in words. */
final readonly class ElementController
{
    public function index(Request $request, Scheme $scheme): View
    {
        return view('board.elements', ['list' => new ElementList($scheme, $request->string('storey')->value())]);
    }
}
