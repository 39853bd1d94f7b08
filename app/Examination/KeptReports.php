<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Review\KeptReport;
use Heurema\Review\Report;
use Heurema\Spatial\Home;
use Illuminate\Contracts\Cache\Repository;

/**
 * Reports, each worked out once for a document, what it is held against, and the code that does so: what nobody has changed is looked at
 * again.
 */
final readonly class KeptReports
{
    private const SECONDS = 7 * 24 * 3600;

    public function __construct(private BookCheck $check, private Repository $cache) {}

    public function report(Home $home, Basis $basis): Report
    {
        $key = 'report '.$this->stamp($home, $basis);
        $packed = $this->cache->get($key);
        $kept = is_string($packed) ? Packed::unpack($packed) : null;
        try {
            if ($kept !== null) {
                return KeptReport::read($kept, $home, $this->check->books($basis));
            }
        } catch (\JsonException|\UnexpectedValueException) {
            // it is worked out anew
        }
        $report = $this->check->report($home, $basis);
        $this->cache->put($key, Packed::pack(KeptReport::write($report)), self::SECONDS);

        return $report;
    }

    private function stamp(Home $home, Basis $basis): string
    {
        return hash(
            'xxh128',
            json_encode(
                [
                    $home->layout->toArray(), $basis->books, $basis->settings, $basis->brief,
                    app()->getLocale(), $this->check->stamp(), config('rules.code'),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
