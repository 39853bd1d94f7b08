<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SunRequest;
use Heurema\Scene\SunPosition;
use Illuminate\Http\JsonResponse;

/** Where the sun stands at a place, a date and an hour of true solar time. */
final class SunController
{
    public function __invoke(SunRequest $request): JsonResponse
    {
        $sun = SunPosition::at(
            $request->float('latitude'),
            new \DateTimeImmutable($request->string('date')->value()),
            $request->float('hour'),
        );
        $where = sprintf('%.1f° over the horizon, %.0f° from north through east', $sun->altitude, $sun->azimuth);

        return response()->json([
            'direction' => $sun->direction($request->float('north')),
            'words' => $sun->altitude > 0.0 ? __('The sun stands :where.', ['where' => $where]) : __('The sun is below the horizon.'),
        ]);
    }
}
