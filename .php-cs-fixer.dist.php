<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;
use PhpCsFixer\Runner\Parallel\ParallelConfigFactory;

return (new Config())
    ->setParallelConfig(ParallelConfigFactory::detect())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/.php-cs-fixer.cache')
    ->setRules([
        '@PER-CS' => true,
        'array_syntax' => ['syntax' => 'short'],
        'concat_space' => ['spacing' => 'none'],
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'no_empty_phpdoc' => true,
        'ordered_imports' => true,
        'phpdoc_align' => false,
        'single_line_empty_body' => true,
        'single_quote' => true,
        'strict_comparison' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'match', 'parameters']],
    ])
    ->setFinder((new Finder())->in([__DIR__.'/app', __DIR__.'/bootstrap', __DIR__.'/core', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/tests'])->exclude('cache')->append([__DIR__.'/artisan']));
