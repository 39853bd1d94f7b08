<?php

declare(strict_types=1);

/*
 * How many lines of each kind the project has, and what share of code and tests the tests are: bin/test --count.
 */

const KINDS = [
    'tests of the core' => '#^core/tests/.*\.(php|py)$#',
    'tests of the application' => '#^tests/(Feature|Architecture|TestCase)\b.*\.php$#',
    'tests at the browser' => '#^tests/Browser/.*\.php$#',
    'tests of the arrangement of servers' => '#^tests/Operating/.*\.php$#',
    'trial of the tests' => '#^tests/Mutation/.*\.php$#',
    'tests of the scripts' => '#^resources/js/tests/.*\.js$#',
    'core' => '#^core/src/.*\.php$#',
    'application' => '#^(app|config|routes|database|bootstrap)/.*\.php$#',
    'pages' => '#^resources/views/.*\.php$#',
    'scripts' => '#^resources/js/.*\.js$#',
    'styles' => '#^resources/scss/.*\.scss$#',
    'commands and benchmarks' => '#^(bin|bench|operating|\.ci)/#',
    'rule books, their examples among them' => '#^core/rulebooks/.*\.yaml$#',
    'documentation' => '#^(docs/.*|[A-Z]+)\.md$#',
];

/** Neither code nor tests. */
const BESIDE = ['rule books, their examples among them', 'documentation'];

chdir(dirname(__DIR__, 2));
$lines = array_fill_keys(array_keys(KINDS), 0);
foreach (explode("\n", trim((string) shell_exec('git ls-files'))) as $file) {
    foreach (KINDS as $kind => $pattern) {
        if (preg_match($pattern, $file) === 1) {
            $lines[$kind] += count(file($file) ?: []);

            break;
        }
    }
}
foreach ($lines as $kind => $count) {
    printf("%-40s %7d\n", $kind, $count);
}
$isTest = static fn(string $kind): bool => str_starts_with($kind, 'test');
$tests = array_sum(array_filter($lines, $isTest, ARRAY_FILTER_USE_KEY)) + $lines['trial of the tests'];
$all = array_sum(array_diff_key($lines, array_flip(BESIDE)));
printf("%-40s %6.1f %%\n", 'tests among code and tests', 100 * $tests / $all);
