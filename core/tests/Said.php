<?php

declare(strict_types=1);

namespace Heurema\Tests;

use Heurema\Units\UnitSystem;
use Heurema\Words\Message;
use Heurema\Words\Wording;

/** What messages come to in words. */
final class Said
{
    public static function one(?Message $message, UnitSystem $units = UnitSystem::Metric): string
    {
        return $message === null ? '' : Wording::english($units->notation())->say($message);
    }

    /**
     * @param list<Message> $messages
     *
     * @return list<string>
     */
    public static function all(array $messages, UnitSystem $units = UnitSystem::Metric): array
    {
        return Wording::english($units->notation())->all($messages);
    }
}
