<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Actions\StaleScheme;
use App\Http\Requests\RoomUsesRequest;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** What rooms are used for, chosen from a list for several at once. */
final class RoomUseController
{
    public function update(RoomUsesRequest $request, Scheme $scheme, #[CurrentUser] User $user, ChangeScheme $action): RedirectResponse
    {
        $uses = $request->uses();
        $edits = array_map(
            static fn(string $room, string $use): ChangeValues => new ChangeValues($room, ['use' => $use]),
            array_keys($uses),
            $uses,
        );
        try {
            $action->edit($scheme, $user, $request->integer('version'), new EditGroup($edits, __('Uses of rooms chosen')));
        } catch (RefusedEdit $e) {
            return redirect()->route('board.file', $scheme)->withErrors(['uses' => $e->getMessage()]);
        } catch (StaleScheme) {
            return redirect()->route('board.file', $scheme)
                ->withErrors(['uses' => __('Somebody else has changed this scheme since: look at it and choose again.')]);
        }

        return redirect()->route('board.file', $scheme)->with('status', __('The uses are set.'));
    }
}
