<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\LostConnectionDetector;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** The answer while a server that this one rests on is away: what is the matter, and that it is worth asking again. */
final class Unavailable
{
    /** Seconds after which to ask again. */
    public const AGAIN_AFTER = 5;

    /** Null for what is no fault of such a server. */
    public static function answer(\Throwable $fault): ?Response
    {
        $what = self::what($fault);

        return $what === null
            ? null
            : response()->view(
                'unavailable',
                ['what' => $what],
                503,
                ['Retry-After' => (string) self::AGAIN_AFTER, 'X-Board-Refused' => rawurlencode($what)],
            );
    }

    /** Which server is away, in a sentence. */
    public static function what(\Throwable $fault): ?string
    {
        return match (true) {
            $fault instanceof \RedisException => __('The server that keeps sign-ins and jobs does not answer.'),
            (
                $fault instanceof QueryException || $fault instanceof \PDOException
            ) && self::isLost($fault) => __('The database does not answer.'),
            default => null,
        };
    }

    private static function isLost(\Throwable $fault): bool
    {
        return (new LostConnectionDetector())->causedByLostConnection($fault);
    }
}
