<?php

declare(strict_types=1);

namespace App\Http;

use App\Pages\BoardPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * The parts of the board that an answer draws anew, each sent as soon as it is drawn: the plan first, the findings when they are
 * worked out. The browser says which parts it has, by their hashes; what has not changed is not sent again.
 */
final readonly class BoardParts
{
    public const HEADER = 'X-Board-Parts';

    /** Why something was not done, encoded as in an address. */
    public const REFUSED = 'X-Board-Refused';

    /** In the order in which they are sent: what is sent together is shown together. */
    private const PLAN = ['board.message', 'board.state', 'board.inspector', 'board.storeys', 'board.note', 'board.guide', 'plan'];
    private const FINDINGS = ['board.marks', 'review.witness', 'board.letter', 'board.findings', 'board.checked'];

    /** @param list<string>|null $known null: a browser that takes the answer only as a whole */
    private function __construct(private ?array $known) {}

    public static function for(Request $request): self
    {
        return new self($request->headers->has(self::HEADER) ? explode(' ', $request->headers->get(self::HEADER) ?? '') : null);
    }

    /**
     * @param array<string, mixed> $data    what the views need beside the page
     * @param string|null          $refused why it was not done
     */
    public function answer(BoardPage $page, array $data = [], int $status = 200, ?string $refused = null): Response|StreamedResponse
    {
        $data = ['page' => $page, 'message' => null, 'refusedField' => null, 'typed' => [], 'isStale' => false, ...$data];
        if ($this->known === null) {
            $html = '';
            foreach ([...self::PLAN, ...self::FINDINGS] as $view) {
                $html .= view($view, $data)->render();
            }

            return response($html, $status);
        }

        return response()->stream(function () use ($data): void {
            foreach ([self::PLAN, self::FINDINGS] as $views) {
                self::send(implode('', array_map(fn(string $view): string => $this->part($view, $data), $views)));
            }
        }, $status, [
            self::HEADER => 'yes',
            ...($refused === null ? [] : [self::REFUSED => rawurlencode($refused)]),
            'Content-Type' => 'text/html; charset=UTF-8',
        ]);
    }

    /**
     * @param view-string          $view
     * @param array<string, mixed> $data
     */
    private function part(string $view, array $data): string
    {
        $html = view($view, $data)->render();
        $hash = hash('xxh3', $view.$html);

        return "<!--part {$hash}-->".(in_array($hash, $this->known ?? [], true) ? '' : $html).'<!--/part-->';
    }

    private static function send(string $parts): void
    {
        echo $parts;
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
