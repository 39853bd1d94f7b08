<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    protected static function demoFile(string $name = 'orchard-terrace'): string
    {
        return dirname(__DIR__)."/database/demo/{$name}.json";
    }
}
