<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginDrawing;
use App\Actions\PlacePictureBeneath;
use App\Http\Requests\NewDrawing;
use App\Intake\UnreadableHomeFile;
use App\Models\User;
use App\Pages\Desk;
use App\Pictures\PdfPage;
use Heurema\Layout\Intake\UnreadableRoomList;
use Heurema\Layout\Schema\UnreadableLayout;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Homes that are begun on the board. */
final class DrawingController
{
    /** A home begun on the board; a list of rooms that cannot be read comes back with every line that is wrong. */
    public function store(
        NewDrawing $drawing,
        #[CurrentUser]
        User $user,
        BeginDrawing $action,
        PlacePictureBeneath $pictures,
    ): RedirectResponse|Response {
        try {
            $picture = $drawing->picture();
            $file = $drawing->homeFile();
            $layout = $file?->layout->named($drawing->name()) ?? $drawing->layout();
            $scheme = $action->begin($user, $layout, $drawing->country()->books(), $file?->imported());
        } catch (ValidationException|UnreadableHomeFile|UnreadableLayout $e) {
            return response()->view('desk', ['desk' => Desk::of($user->office), 'refusedDrawing' => [$e->getMessage()]], 422);
        } catch (UnreadableRoomList $e) {
            $problems = array_map(
                static fn(int $line, string $problem): string => __('Line :line: :problem', ['line' => $line, 'problem' => $problem]),
                array_keys($e->problems),
                $e->problems,
            );

            return response()->view('desk', ['desk' => Desk::of($user->office), 'refusedDrawing' => $problems], 422);
        }

        if ($picture !== null) {
            $storey = $scheme->layout->storeys[0]->id;
            $picture instanceof PdfPage ? $pictures->layPage($scheme, $storey, $picture) : $pictures->lay($scheme, $storey, $picture);
        }

        return $file?->import !== null
            ? redirect()->route('board.file', $scheme)
            : redirect()->route('board', ['scheme' => $scheme->id, ...($picture === null ? [] : ['picture' => 'yes'])]);
    }
}
