<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;

/** A made-up home as a file, to be handed in by who has none at hand. */
final readonly class ExampleHomeController
{
    public function __invoke(): Response
    {
        return response(File::get(database_path('demo/heron-bungalow.json')), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="example home.json"',
        ]);
    }
}
