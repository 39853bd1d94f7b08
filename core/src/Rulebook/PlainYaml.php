<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** YAML as rules are written in it: without anchors and aliases, by which a few lines could stand for more than any memory holds. */
final class PlainYaml
{
    /** One at the beginning of a value. */
    private const REFERENCE = '/(?:^\s*-\s+|:\s+|[\[{,]\s*)[&*][\p{L}\p{N}_-]/u';

    /** @throws ParseException with the line */
    public static function parse(string $yaml): mixed
    {
        foreach (explode("\n", $yaml) as $number => $line) {
            // what stands in quotes is text
            if (preg_match(self::REFERENCE, (string) preg_replace('/"(?:\\\\.|[^"\\\\])*"|\'[^\']*\'/', '""', $line)) === 1) {
                throw new ParseException(Text::of('Anchors (&) and aliases (*) are not read: write it out.'), $number + 1, trim($line));
            }
        }

        return Yaml::parse($yaml);
    }
}
