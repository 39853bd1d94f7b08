<?php

declare(strict_types=1);

namespace Tests\Operating;

use GuzzleHttp\Client;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/** Somebody with a browser, his cookies and the token of his pages. */
final class Visitor
{
    private string $token = '';

    public function __construct(private readonly Client $client) {}

    public function signIn(string $email, string $password): void
    {
        $this->token = self::found('/name="_token" value="([^"]+)"/', $this->page('/sign-in'));
        $this->post('/sign-in', ['_token' => $this->token, 'email' => $email, 'password' => $password]);
        $this->token = self::found('/csrf-token" content="([^"]+)"/', $this->page('/'));
    }

    public function get(string $path): ResponseInterface
    {
        return $this->client->get($path);
    }

    /** What a page shows that has to be there. */
    public function page(string $path): string
    {
        $answer = $this->get($path);

        return $answer->getStatusCode() === 200
            ? (string) $answer->getBody()
            : throw new \RuntimeException("{$path} answered {$answer->getStatusCode()}.");
    }

    /** @param array<string, string|int> $values */
    public function post(string $path, array $values): ResponseInterface
    {
        return $this->client->post($path, ['form_params' => ['_token' => $this->token, ...$values]]);
    }

    /**
     * @param array<string, string|int> $values
     * @param int                       $delay  ms before it is sent
     */
    public function send(string $path, array $values, int $delay): PromiseInterface
    {
        return $this->client->postAsync($path, ['form_params' => ['_token' => $this->token, ...$values], 'delay' => $delay]);
    }

    /**
     * The same so many times at once; all are led to the same page.
     *
     * @param array<string, string|int> $values
     */
    public function press(int $times, string $path, array $values): void
    {
        $answers = Utils::all(array_map(fn(): PromiseInterface => $this->send($path, $values, 0), range(1, $times)))->wait();
        $led = array_unique(array_map(
            static fn(mixed $answer): string => $answer instanceof ResponseInterface
                ? $answer->getStatusCode().' '.$answer->getHeaderLine('Location')
                : '',
            is_array($answers) ? $answers : [],
        ));
        if (count($led) !== 1 || !str_starts_with($led[0] ?? '', '302 ')) {
            throw new \RuntimeException("{$path} led to: ".implode(', ', $led));
        }
    }

    public static function found(string $pattern, string $html): string
    {
        return preg_match($pattern, $html, $found) === 1 ? $found[1] ?? '' : throw new \RuntimeException("Not found: {$pattern}");
    }
}
