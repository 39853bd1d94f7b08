<?php

declare(strict_types=1);

namespace App\Board;

use App\Pages\BoardPage;
use Illuminate\Http\Response;

/**
 * The parts of the board that an answer draws anew. The browser says which it has, by their hashes; what has not changed is not
 * sent again.
 */
final readonly class Parts
{
    public const HEADER = 'X-Board-Parts';
    private const VIEWS = ['plan', 'board.note', 'board.storeys', 'board.state', 'board.inspector', 'board.findings'];

    /** @param string $known as HEADER had it in the answer before */
    public function __construct(private string $known) {}

    /** @param array<string, mixed> $data what the views need beside the page */
    public function answer(BoardPage $page, array $data, int $status = 200): Response
    {
        $data = ['page' => $page, 'oob' => true, 'message' => null, 'refusedField' => null, 'typed' => [], 'isStale' => false, ...$data];
        $known = explode(' ', $this->known);
        $html = view('board.message', $data)->render();
        $hashes = [];
        foreach (self::VIEWS as $view) {
            $part = view($view, $data)->render();
            $hashes[] = $hash = hash('xxh3', $view.$part);
            $html .= in_array($hash, $known, true) ? '' : $part;
        }

        return response($html, $status)->header(self::HEADER, implode(' ', $hashes));
    }
}
