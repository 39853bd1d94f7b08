<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PinRemark;
use App\Http\Requests\RemarkRequest;
use App\Models\RefusedRuling;
use App\Models\Remark;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Remarks pinned to the plan. */
final readonly class RemarkController
{
    public function __construct(private PinRemark $action) {}

    public function store(RemarkRequest $request, Revision $revision, #[CurrentUser] User $user): RedirectResponse
    {
        $remark = $request->remark();
        abort_if($revision->layout->storey($remark['storey']) === null, 404);

        return self::answer($revision, $remark['storey'], fn() => $this->action->pin($revision, $user, $remark));
    }

    /** It goes into the letter as an item of its own, or stays out of it. */
    public function update(Revision $revision, Remark $remark, #[CurrentUser] User $user): RedirectResponse
    {
        return self::answer($revision, $remark->storey, fn() => $this->action->write($revision, $user, $remark));
    }

    public function destroy(Revision $revision, Remark $remark, #[CurrentUser] User $user): RedirectResponse
    {
        return self::answer($revision, $remark->storey, fn() => $this->action->unpin($revision, $user, $remark));
    }

    /** @param callable(): void $act */
    private static function answer(Revision $revision, string $storey, callable $act): RedirectResponse
    {
        $back = redirect()->route('review', ['revision' => $revision, 'storey' => $storey]);
        try {
            $act();
        } catch (RefusedRuling $e) {
            return $back->withErrors(['review' => $e->getMessage()]);
        }

        return $back;
    }
}
