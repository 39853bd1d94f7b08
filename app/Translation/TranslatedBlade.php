<?php

declare(strict_types=1);

namespace App\Translation;

use Illuminate\View\Compilers\BladeCompiler;

/** Compiles every template once a language: the texts of templates are English, other languages have theirs put in their place before. */
final class TranslatedBlade extends BladeCompiler
{
    /** @param string $path of a template */
    public function getCompiledPath($path): string
    {
        $locale = app()->getLocale();
        if ($locale === config('app.fallback_locale')) {
            return parent::getCompiledPath($path);
        }

        return $this->cachePath.'/'.hash('xxh128', $path.@filemtime(lang_path("{$locale}.json"))).".{$locale}.{$this->compiledExtension}";
    }

    /** @param string $value a template */
    public function compileString($value): string
    {
        if (app()->getLocale() !== config('app.fallback_locale')) {
            $value = (new Template($value))->translated(static fn(string $text): string => __($text));
        }

        return parent::compileString($value);
    }
}
