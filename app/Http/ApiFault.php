<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\StaleScheme;
use App\Files\UnwrittenFile;
use App\Intake\UnreadableHomeFile;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What went wrong, as programs are told: a status code, a message, and the values that it is about. */
final class ApiFault
{
    public static function concerns(Request $request): bool
    {
        return $request->is('api/*');
    }

    /** Null for what the framework answers by itself, or what a page is drawn for. */
    public static function answer(\Throwable $fault, Request $request): ?JsonResponse
    {
        if (!self::concerns($request)) {
            return null;
        }

        return match (true) {
            $fault instanceof AuthenticationException => self::say(
                __('Send a valid token.'),
                401,
                headers: ['WWW-Authenticate' => 'Bearer'],
            ),
            $fault instanceof UnreadableHomeFile, $fault instanceof RefusedEdit => self::say($fault->getMessage(), 422, 'file'),
            $fault instanceof StaleScheme => self::say($fault->getMessage(), 409),
            $fault instanceof UnreadableRuleBook, $fault instanceof UnreadableLayout => self::say($fault->getMessage(), 503),
            $fault instanceof UnwrittenFile => self::say($fault->getMessage(), 507),
            default => self::unavailable($fault),
        };
    }

    private static function unavailable(\Throwable $fault): ?JsonResponse
    {
        $what = Unavailable::what($fault);

        return $what === null ? null : self::say($what, 503, headers: ['Retry-After' => (string) Unavailable::AGAIN_AFTER]);
    }

    /** @param array<string, string> $headers */
    private static function say(string $message, int $status, ?string $value = null, array $headers = []): JsonResponse
    {
        return response()->json(
            ['message' => $message, ...($value === null ? [] : ['errors' => [$value => [$message]]])],
            $status,
            $headers,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
