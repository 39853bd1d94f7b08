<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyScheme;
use App\Models\Scheme;
use Illuminate\Http\RedirectResponse;

/** Copies of schemes, to try something else. */
final class SchemeController
{
    public function store(Scheme $scheme, CopyScheme $action): RedirectResponse
    {
        return redirect()->route('board', $action->copy($scheme));
    }
}
