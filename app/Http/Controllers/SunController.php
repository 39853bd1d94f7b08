<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SunRequest;
use Heurema\Scene\SunPosition;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;
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

        $written = new MetricNotation();

        return response()->json([
            'direction' => $sun->direction($request->float('north')),
            'words' => $sun->altitude > 0.0 ? __('The sun stands :altitude over the horizon, :azimuth from north through east.', [
                'altitude' => $written->write(Amount::angle($sun->altitude)),
                'azimuth' => round($sun->azimuth).'°',
            ]) : __('The sun is below the horizon.'),
        ]);
    }
}
