<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Units\UnitSystem;

/** Where a home is built: the rule books and the units that are usual there. */
enum Country: string
{
    case UnitedStates = 'us';
    case England = 'uk';
    case Australia = 'au';
    case India = 'in';
    case Elsewhere = 'other';

    public function words(): string
    {
        return match ($this) {
            self::UnitedStates => __('United States'),
            self::England => __('England'),
            self::Australia => __('Australia'),
            self::India => __('India'),
            self::Elsewhere => __('elsewhere'),
        };
    }

    /** @return list<string> ids of rule books; the drawing itself is checked everywhere */
    public function books(): array
    {
        return [...match ($this) {
            self::UnitedStates => ['us-irc-2021'],
            self::England => ['uk-part-m', 'uk-part-k', 'uk-part-f-b', 'uk-space'],
            self::Australia => ['au-ncc-2022', 'au-livable'],
            self::India => ['in-nbc-2016'],
            self::Elsewhere => ['practice-home'],
        }, 'drawing'];
    }

    public function units(): UnitSystem
    {
        return $this === self::UnitedStates ? UnitSystem::Imperial : UnitSystem::Metric;
    }

    /**
     * The country whose books some are.
     *
     * @param list<string> $books ids
     */
    public static function ofBooks(array $books): self
    {
        foreach ($books as $book) {
            $country = self::tryFrom(explode('-', $book)[0]);
            if ($country !== null) {
                return $country;
            }
        }

        return self::Elsewhere;
    }
}
