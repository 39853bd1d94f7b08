<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * The layers of the core and of the application, held by PHPStan: each knows only those before it, and the core knows none of the
 * application. So no folders depend on each other in a circle.
 */
final class LayersTest
{
    /** From the ground up; within a layer, the folders that the rest of it rests on come first. */
    private const CORE = [
        'Language', 'Units', 'Words', 'Geometry',
        'Layout\Words', 'Layout\Schema', 'Layout\Upgrade', 'Layout', 'Layout\Edit', 'Layout\Intake',
        'Spatial\Subject', 'Spatial\Stair', 'Spatial', 'Spatial\Run',
        'Scene', 'Projection',
        'Ifc\Step', 'Ifc\Shape', 'Ifc\Mapping', 'Ifc\Writing',
        'Drafting', 'Kitchen',
        'Measure', 'Measure\Door', 'Measure\Window', 'Measure\Room', 'Measure\Ramp', 'Measure\BeyondOpening', 'Measure\Dwelling',
        'Measure\Catalogue',
        'Rulebook\Language', 'Rulebook',
        'Brief', 'Review',
    ];

    private const APPLICATION = [
        'Translation',
        'Casts', 'Drawing', 'Files', 'Intake', 'Queue', 'Briefs', 'Models', 'Policies', 'Examination', 'Rulings', 'Security', 'Mail',
        'Sheets', 'Letters', 'Pictures', 'Exchange',
        'Board', 'Board\Acts', 'Actions', 'Pages\Inspector', 'Pages', 'Backup', 'Http', 'Console', 'Providers',
    ];

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
    public function each_layer_of_the_core_knows_only_those_before_it(): iterable
    {
        return self::inOrder('Heurema', self::CORE);
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function each_layer_of_the_application_knows_only_those_before_it(): iterable
    {
        return self::inOrder('App', self::APPLICATION);
    }

    /**
     * @param list<string> $layers
     *
     * @return iterable<Rule>
     */
    private static function inOrder(string $root, array $layers): iterable
    {
        foreach (array_slice($layers, 0, -1, true) as $height => $layer) {
            yield PHPat::rule()
                ->classes(self::folder($root, $layer, $layers))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn(string $above) => self::folder($root, $above, $layers), array_slice($layers, $height + 1)))
                ->because('arrows point one way');
        }
    }

    /**
     * The classes of a layer; those of its folders only where they are no layers of their own.
     *
     * @param list<string> $layers
     */
    private static function folder(string $root, string $layer, array $layers): \PHPat\Selector\SelectorInterface
    {
        $isSplit = array_filter($layers, static fn(string $other): bool => str_starts_with($other, "{$layer}\\")) !== [];
        $name = preg_quote("{$root}\\{$layer}\\", '/');

        return $isSplit ? Selector::classname("/^{$name}[^\\\\]+$/", true) : Selector::inNamespace("{$root}\\{$layer}");
    }
}
