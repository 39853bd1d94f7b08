<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Facades\File;
use Symfony\Component\Yaml\Yaml;

/** The description of the API, with the schema of reports in it. */
final class ApiDescription
{
    /** @return array<string, mixed> an OpenAPI 3.1 document */
    public static function read(): array
    {
        /** @var array{components: array{schemas: array<string, mixed>}} $description */
        $description = Yaml::parseFile(resource_path('api/openapi.yaml'));
        $report = File::get(base_path('core/schema/findings-1.schema.json'));
        $description['components']['schemas']['Report'] = json_decode($report, true, flags: JSON_THROW_ON_ERROR);

        return $description;
    }
}
