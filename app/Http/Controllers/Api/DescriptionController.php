<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\ApiDescription;
use Illuminate\Http\JsonResponse;

/** What the API is, as programs read it: OpenAPI 3.1. */
final class DescriptionController
{
    public function __invoke(): JsonResponse
    {
        return response()->json(ApiDescription::read(), options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
