<?php

declare(strict_types=1);

namespace App\Mail;

/** Links in mails start from the address that is configured, whatever host a request came in by. */
final class Link
{
    /** @param mixed $parameters of the route */
    public static function to(string $route, mixed $parameters): string
    {
        $address = config('app.url');

        return rtrim(is_string($address) ? $address : '', '/').route($route, $parameters, false);
    }
}
