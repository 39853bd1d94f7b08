<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A made-up home as a file, to be handed in by who has none at hand. */
final readonly class ExampleHomeController
{
    public function __invoke(): BinaryFileResponse
    {
        return response()->download(
            database_path('demo/heron-bungalow.json'),
            'example home.json',
            ['Content-Type' => 'application/json'],
        );
    }
}
