<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ElementNames;
use App\Examination\BookCheck;
use App\Http\BoardAnswer;
use App\Http\Requests\ItemAnswerRequest;
use App\Letters\LetterProgress;
use App\Models\Scheme;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The items of the letter that is out, as the board shows them. */
final readonly class LetterItemController
{
    /** Which edit settled an item. */
    public function show(Scheme $scheme, int $number, BookCheck $check): Response
    {
        $edit = LetterProgress::of($scheme)?->settledBy($number, $check);
        $words = (new ElementNames(new Home($scheme->layout)))->say($edit->words ?? '');

        return response(
            $edit === null
                ? __('by none of the edits since the letter')
                : "by “{$words}”, {$edit->user->name}, {$edit->created_at->format('j F Y, H:i')}",
            200,
            ['Content-Type' => 'text/plain; charset=UTF-8'],
        );
    }

    /** What is said to an item; it is kept with the scheme until the next submission carries it. */
    public function update(ItemAnswerRequest $request, Scheme $scheme, BoardAnswer $answer): Response|StreamedResponse
    {
        return $answer->to($request, $scheme, static function () use ($request, $scheme): Scheme {
            $item = $request->item();
            if (LetterProgress::of($scheme)?->has($item) !== true) {
                throw new RefusedEdit(__('The letter that is out has no such item.'));
            }
            $answers = [...($scheme->answers ?? []), $item => $request->words()];
            $scheme->update(['answers' => array_filter($answers, static fn(string $words): bool => $words !== '')]);

            return $scheme;
        });
    }
}
