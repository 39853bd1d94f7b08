<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\StaleScheme;
use App\Board\RefusedValue;
use App\Examination\BookCheck;
use App\Examination\KeptReports;
use App\Http\Requests\BoardRequest;
use App\Models\Scheme;
use App\Pages\BoardPage;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The answer to everything done on the board: the plan, the chosen element and the findings as they now are. */
final readonly class BoardAnswer
{
    public function __construct(private BookCheck $check, private KeptReports $reports) {}

    /**
     * Refusals come back as 422, a stale version as 409, both with the board as it is and the reason beside it.
     *
     * @param callable(): Scheme $change
     * @param string|null        $select id of what is chosen when it succeeds; null: what was chosen before
     */
    public function to(BoardRequest $request, Scheme $scheme, callable $change, ?string $select = null): Response|StreamedResponse
    {
        [$status, $message, $field] = [200, null, null];
        try {
            $scheme = $change();
        } catch (StaleScheme) {
            [$status, $message, $scheme] = [
                409,
                __('Somebody else has changed this scheme. It is shown as it is now; what you did is not made yet.'),
                $scheme->fresh() ?? $scheme,
            ];
        } catch (RefusedValue $e) {
            [$status, $message, $field] = [422, $e->getMessage(), $e->key];
        } catch (RefusedEdit|UnreadableLayout|UnreadableLength $e) {
            [$status, $message] = [422, $e->getMessage()];
        }
        $asked = $request->asked();
        $page = $this->page($scheme, $request, $asked->storey(), $status === 200 ? ($select ?? $asked->select()) : $asked->select());
        $message = $page->sentence($message);

        return BoardParts::for($request)->answer(
            $page,
            ['message' => $message, 'refusedField' => $field, 'typed' => $asked->fields(), 'isStale' => $status === 409],
            $status,
            $message,
        );
    }

    public function page(Scheme $scheme, Request $request, string $storey, string $select): BoardPage
    {
        $several = array_slice(array_values(array_filter($request->array('ids'), is_string(...))), 0, 500);

        // what has just been changed has not been looked at before
        return BoardPage::of(
            scheme: $scheme,
            check: $this->check,
            reports: $request->isMethod('get') ? $this->reports : $this->check,
            storey: $storey,
            select: $select,
            opened: $request->string('finding')->value(),
            several: count($several) > 1 ? $several : [],
        );
    }
}
