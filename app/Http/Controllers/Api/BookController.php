<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Examination\BookList;
use App\Examination\ListedBook;
use Illuminate\Http\JsonResponse;

/** The rule books that a home can be held against. */
final class BookController
{
    public function index(BookList $list): JsonResponse
    {
        return response()->json(['data' => array_map(
            static fn(ListedBook $book): array => ['id' => $book->id, 'title' => $book->title, 'amends' => $book->amends],
            $list->books(),
        )]);
    }
}
