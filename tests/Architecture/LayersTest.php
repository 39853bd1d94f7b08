<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core's layers, held by PHPStan: each knows only those before it, and none knows the application. */
final class LayersTest
{
    /** From the ground up. */
    private const LAYERS = ['Units', 'Geometry', 'Layout', 'Spatial', 'Drafting', 'Measure', 'Rulebook', 'Review'];

    #[TestRule]
    public function the_core_knows_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Heurema'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Database'))
            ->because('the core runs and is tested alone');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function each_layer_knows_only_those_before_it(): iterable
    {
        foreach (self::LAYERS as $height => $layer) {
            $above = array_slice(self::LAYERS, $height + 1);
            if ($above === []) {
                continue;
            }

            yield PHPat::rule()
                ->classes(Selector::inNamespace("Heurema\\{$layer}"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn(string $name) => Selector::inNamespace("Heurema\\{$name}"), $above))
                ->because('arrows point one way, from what was drawn to what was found');
        }
    }
}
