<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\HelpPage;
use Illuminate\View\View;

/** The documents of the product, to be read beside its pages. */
final readonly class HelpController
{
    public function index(): View
    {
        return view('help', ['page' => HelpPage::of('start') ?? abort(404)]);
    }

    public function show(string $page): View
    {
        return view('help', ['page' => HelpPage::of($page) ?? abort(404)]);
    }
}
