<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every model has a factory that makes a row of it. */
final class FactoriesTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{class-string<Model>}> */
    public static function models(): iterable
    {
        foreach (new \DirectoryIterator(__DIR__.'/../../app/Models') as $file) {
            $class = 'App\\Models\\'.$file->getBasename('.php');
            if (is_subclass_of($class, Model::class)) {
                yield $file->getBasename('.php') => [$class];
            }
        }
    }

    /** @param class-string<Model> $model */
    #[DataProvider('models')]
    public function test_a_factory_makes_a_row(string $model): void
    {
        $row = Factory::factoryForModel($model)->createOne();
        self::assertTrue($row->exists);
        self::assertSame(1, $model::query()->count());
    }
}
