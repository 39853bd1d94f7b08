<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Contracts\Translation\HasLocalePreference;
use Illuminate\Support\Traits\Localizable;

/** Whoever gets a mail reads it in his own language, whoever sends it. */
final class InLanguageOf
{
    use Localizable;

    /** @param \Closure(): Notice $write */
    public static function write(HasLocalePreference $reader, \Closure $write): Notice
    {
        $written = (new self())->withLocale($reader->preferredLocale() ?? config()->string('app.locale'), $write);

        return $written instanceof Notice ? $written : throw new \LogicException('A notice was to be written.');
    }
}
