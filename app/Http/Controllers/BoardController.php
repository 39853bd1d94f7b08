<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Actions\StaleScheme;
use App\Board\Act;
use App\Board\Acts\Acts;
use App\Board\Draws;
use App\Board\InWords;
use App\Board\NewElements;
use App\Board\RefusedValue;
use App\Drawing\DimensionStyle;
use App\Drawing\TrialDrawing;
use App\Examination\BookCheck;
use App\Examination\KeptReports;
use App\Http\BoardParts;
use App\Http\Requests\BoardRequest;
use App\Http\Requests\ItemAnswerRequest;
use App\Letters\LetterProgress;
use App\Models\Scheme;
use App\Pages\BoardPage;
use App\Pages\ElementList;
use App\Pages\FixtureList;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Spatial\Home;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The board: everything done on it is answered with the plan, the chosen element and the findings as they now are. */
final readonly class BoardController
{
    public function __construct(private ChangeScheme $changes, private BookCheck $check, private KeptReports $reports) {}

    public function show(Request $request, Scheme $scheme): Response|StreamedResponse
    {
        $page = $this->page($scheme, $request, $request->string('storey')->value(), $request->string('select')->value());
        $isPart = $request->headers->has(BoardParts::HEADER);

        return $isPart ? BoardParts::for($request)->answer($page) : response()->view('board', ['page' => $page]);
    }

    /** What is drawn on a storey, in words. */
    public function elements(Request $request, Scheme $scheme): Response
    {
        return response()->view('board.elements', ['list' => new ElementList($scheme, $request->string('storey')->value())]);
    }

    /** What can be placed. */
    public function fixtures(Scheme $scheme): Response
    {
        return response()->view('board.fixtures', ['list' => new FixtureList($scheme)]);
    }

    public function act(BoardRequest $request, Scheme $scheme, string $act): Response|StreamedResponse
    {
        $act = Acts::named($act) ?? abort(404);

        $make = fn(): Scheme => $this->changes->wasMade($scheme, $request->sentAs())
            ? $scheme
            : $this->changes->edit(
                $scheme,
                $request->person(),
                $request->version(),
                $act->edit($request->asked(), $scheme->layout),
                $request->sentAs(),
            );

        return $this->guarded($request, $scheme, $make, $this->atHand($request, $scheme, $act));
    }

    /** What an act would come to, drawn over the plan; nothing is changed. */
    public function try(BoardRequest $request, Scheme $scheme, string $act, Editor $editor): Response
    {
        $act = Acts::named($act) ?? abort(404);
        try {
            $edited = $editor->apply($scheme->layout, $act->edit($request->asked(), $scheme->layout));
            $trial = new TrialDrawing(
                new Home($edited->layout),
                $edited->patch,
                $request->asked()->storey(),
                $this->atHand($request, $scheme, $act),
            );

            return response($trial->draw());
        } catch (RefusedEdit|RefusedValue|UnreadableLayout|UnreadableLength $e) {
            return response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }
    }

    /** How the plans of the scheme are dimensioned: a matter of looking, not of the layout. */
    public function dimension(Request $request, Scheme $scheme): Response|StreamedResponse
    {
        $words = array_map(
            static fn(string $key): string => $request->string($key)->value(),
            ['outside' => 'outside', 'datum' => 'datum', 'units' => 'units', 'precision' => 'precision', 'marks' => 'marks'],
        );
        $style = DimensionStyle::from([...$words, 'inside' => $request->boolean('inside')]);
        $scheme->update(['dimensions' => $style->toArray()]);

        return BoardParts::for($request)->answer($this->page(
            $scheme,
            $request,
            $request->string('storey')->value(),
            $request->string('select')->value(),
        ));
    }

    /** What is said to an item of the letter that is out; it is kept with the scheme until the next hand-in carries it. */
    public function answer(ItemAnswerRequest $request, Scheme $scheme): Response|StreamedResponse
    {
        $item = $request->item();
        if (LetterProgress::of($scheme)?->has($item) !== true) {
            return $this->guarded(
                $request,
                $scheme,
                static fn(): Scheme => throw new RefusedEdit('The letter that is out has no such item.'),
            );
        }
        $scheme->update([
            'answers' => array_filter(
                [...($scheme->answers ?? []), $item => $request->words()],
                static fn(string $words): bool => $words !== '',
            ),
        ]);

        return $this->guarded($request, $scheme, static fn(): Scheme => $scheme);
    }

    /** Which edit settled an item of the letter that is out. */
    public function settledBy(Scheme $scheme, int $number): Response
    {
        $edit = LetterProgress::of($scheme)?->settledBy($number, $this->check);
        $words = (new InWords(new Home($scheme->layout)))->say($edit->words ?? '');

        return response(
            $edit === null
                ? 'by none of the edits since the letter'
                : "by “{$words}”, {$edit->user->name}, {$edit->created_at->format('j F Y, H:i')}",
            200,
            ['Content-Type' => 'text/plain; charset=UTF-8'],
        );
    }

    public function undo(BoardRequest $request, Scheme $scheme): Response|StreamedResponse
    {
        return $this->guarded($request, $scheme, fn(): Scheme => $this->changes->undo($scheme, $request->version()));
    }

    public function redo(BoardRequest $request, Scheme $scheme): Response|StreamedResponse
    {
        return $this->guarded($request, $scheme, fn(): Scheme => $this->changes->redo($scheme, $request->version()));
    }

    /** The id of what is chosen after an act: what it draws, else what was chosen before. */
    private function atHand(BoardRequest $request, Scheme $scheme, Act $act): string
    {
        return $act instanceof Draws ? (new NewElements($scheme->layout))->nextId($act->list()) : $request->asked()->select();
    }

    /**
     * Refusals come back as 422, a stale version as 409, both with the board as it is and the reason beside it.
     *
     * @param callable(): Scheme $change
     */
    private function guarded(BoardRequest $request, Scheme $scheme, callable $change, ?string $select = null): Response|StreamedResponse
    {
        [$status, $message, $field] = [200, null, null];
        try {
            $scheme = $change();
        } catch (StaleScheme) {
            [$status, $message, $scheme] = [
                409,
                'Somebody else has changed this scheme. It is shown as it is now; what you did is not made yet.',
                $scheme->fresh() ?? $scheme,
            ];
        } catch (RefusedValue $e) {
            [$status, $message, $field] = [422, $e->getMessage(), $e->key];
        } catch (RefusedEdit|UnreadableLayout|UnreadableLength $e) {
            [$status, $message] = [422, $e->getMessage()];
        }
        $page = $this->page(
            $scheme,
            $request,
            $request->asked()->storey(),
            $status === 200 ? ($select ?? $request->asked()->select()) : $request->asked()->select(),
        );

        $message = $page->sentence($message);

        return BoardParts::for($request)->answer(
            $page,
            ['message' => $message, 'refusedField' => $field, 'typed' => $request->asked()->fields(), 'isStale' => $status === 409],
            $status,
            $message,
        );
    }

    private function page(Scheme $scheme, Request $request, string $storey, string $select): BoardPage
    {
        $several = array_slice(array_values(array_filter($request->array('ids'), is_string(...))), 0, 500);

        // what has just been changed has not been looked at before
        return BoardPage::of(
            $scheme,
            $this->check,
            $request->isMethod('get') ? $this->reports : $this->check,
            $storey,
            $select,
            $request->string('finding')->value(),
            count($several) > 1 ? $several : [],
        );
    }
}
