<?php

declare(strict_types=1);

namespace App\Security;

use Illuminate\Support\Carbon;

/** One place where somebody is signed in. */
final readonly class SignedIn
{
    private const BROWSERS = ['Edg/' => 'Edge', 'OPR/' => 'Opera', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari'];
    private const SYSTEMS = ['Windows' => 'Windows', 'Android' => 'Android', 'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Mac OS' => 'a Mac', 'Linux' => 'Linux'];

    public function __construct(public string $key, public string $address, private string $agent, public Carbon $last, public bool $isThis) {}

    /** `Firefox on Linux` */
    public function browser(): string
    {
        return ($this->named(self::BROWSERS) ?? 'A browser').' on '.($this->named(self::SYSTEMS) ?? 'some machine');
    }

    /** @param array<string, string> $names by the sign of each in what a browser says it is */
    private function named(array $names): ?string
    {
        foreach ($names as $sign => $name) {
            if (str_contains($this->agent, $sign)) {
                return $name;
            }
        }

        return null;
    }
}
