<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Measure\Measure;
use Heurema\Measure\Measures;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Subject\Subject;

/** All measures there are, by name: the classes that say so by `Measures`, and the short ones. Each is made when it is asked for first. */
final class Catalogue
{
    /** That of every book that comes back from where it was kept. */
    private static ?self $standard = null;

    /** @var array<string, class-string<SubjectMeasure<covariant Subject>>>|null what was found before */
    private static ?array $kept = null;

    /**
     * @param array<string, Measure|class-string<SubjectMeasure<covariant Subject>>> $measures by name; a class stands for what it makes
     *                                                                                         under that name
     */
    private function __construct(private array $measures) {}

    /** @param list<Measure> $measures */
    public static function of(array $measures): self
    {
        return new self(array_combine(array_map(static fn(Measure $measure): string => $measure->name(), $measures), $measures));
    }

    /** @param array<string, class-string<SubjectMeasure<covariant Subject>>>|null $found as found() found it */
    public static function remember(?array $found): void
    {
        self::$kept = $found;
    }

    public static function standard(): self
    {
        if (self::$standard === null) {
            $short = [...DrawnFacts::all(), ...DerivedFacts::all()];
            self::$standard = new self([
                ...self::$kept ?? self::found(),
                ...array_combine(array_map(static fn(Measure $measure): string => $measure->name(), $short), $short),
            ]);
        }

        return self::$standard;
    }

    /**
     * Measures are code, not data: a catalogue that comes back from where it was kept is the standard one.
     *
     * @return array{}
     */
    public function __serialize(): array
    {
        return [];
    }

    /** @param array{} $nothing */
    public function __unserialize(array $nothing): void
    {
        $this->measures = self::standard()->measures;
    }

    public function get(string $name): ?Measure
    {
        $measure = $this->measures[$name] ?? null;

        return is_string($measure) ? $this->measures[$name] = new $measure($name) : $measure;
    }

    /** @return list<Measure> in the order of the alphabet */
    public function all(): array
    {
        $names = array_keys($this->measures);
        sort($names);

        return array_values(array_filter(array_map($this->get(...), $names)));
    }

    /**
     * Looks for the classes that measure; whoever keeps what it finds hands it to remember().
     *
     * @return array<string, class-string<SubjectMeasure<covariant Subject>>> by name
     */
    public static function found(): array
    {
        $found = [];
        /** @var \SplFileInfo $file */
        foreach (new \RegexIterator(
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__))),
            '/\.php$/',
        ) as $file) {
            $class = 'Heurema\\Measure\\'.strtr(substr($file->getPathname(), strlen(dirname(__DIR__)) + 1, -strlen('.php')), '/', '\\');
            if (is_subclass_of($class, SubjectMeasure::class)) {
                $found += array_fill_keys(array_keys(Measures::on($class)), $class);
            }
        }

        ksort($found);

        return $found;
    }
}
