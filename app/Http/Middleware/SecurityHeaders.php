<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a browser may do with an answer: scripts, styles, fonts and requests of this server alone, no page of it in anybody's frame, nothing
 * told to other sites. A style sheet within a document is allowed by its hash. Behind TLS cookies go over TLS alone.
 */
final class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none'";

    /** What a page that is framed by another one of this server carries. */
    public const FRAMED = 'X-Framed-Here';

    private const PERMISSIONS = 'accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), microphone=(), '
        .'midi=(), payment=(), usb=()';

    /** Seconds for which a browser asks for this host over TLS alone: a year. */
    private const TLS_FOR = 31_536_000;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->isSecure()) {
            config(['session.secure' => true]);
        }
        $response = $next($request);
        header_remove('X-Powered-By');
        $headers = $response->headers;
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', self::PERMISSIONS);
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age='.self::TLS_FOR);
        }
        if (preg_match('~^(text/html|image/svg\+xml)~', (string) $headers->get('Content-Type')) === 1) {
            $headers->set('Content-Security-Policy', self::policy((string) $response->getContent(), $headers->has(self::FRAMED)));
        }
        $headers->remove(self::FRAMED);

        return $response;
    }

    private static function policy(string $content, bool $isFramed): string
    {
        preg_match_all('~<style>(.*?)</style>~s', $content, $styles);
        $hashes = array_map(
            static fn(string $style): string => " 'sha256-".base64_encode(hash('sha256', $style, true))."'",
            array_unique($styles[1]),
        );

        return str_replace("style-src 'self'", "style-src 'self'".implode('', $hashes), self::POLICY)."; frame-ancestors '"
            .($isFramed ? 'self' : 'none')."'";
    }
}
