<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Actions\StaleScheme;
use App\Board\NewElements;
use App\Board\RefusedValue;
use App\Board\TypedValues;
use App\Http\Requests\BoardRequest;
use App\Models\Scheme;
use App\Pages\BoardPage;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditReader;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\SetHeights;
use Heurema\Layout\Layout;
use Heurema\Layout\UnreadableLayout;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallType;
use Heurema\Review\Examiner;
use Heurema\Rulebook\Shelf;
use Heurema\Units\LengthReader;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The board: every edit is answered with the plan, the chosen element and the findings as they now are. */
final readonly class BoardController
{
    public function __construct(private ChangeScheme $changes, private Examiner $examiner, private Shelf $shelf) {}

    public function show(Request $request, Scheme $scheme): Response
    {
        $page = $this->page($scheme, $request->string('storey')->value(), $request->string('select')->value());
        $isPart = $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request');

        return response()->view($isPart ? 'board.changed' : 'board', ['page' => $page, 'message' => null]);
    }

    public function edit(BoardRequest $request, Scheme $scheme): Response
    {
        return $this->answer($request, $scheme, static fn(): Edit => (new EditReader())->read($request->string('edit')->value()));
    }

    public function values(BoardRequest $request, Scheme $scheme, string $element): Response
    {
        $request->merge(['select' => $element]);

        return $this->answer($request, $scheme, static function (Layout $layout) use ($request, $element): Edit {
            $values = (new TypedValues($layout->units))->read((new Draft($layout))->find($element), $request->fields());

            return self::isHeights($layout, $element, $values) ? new SetHeights($element, $values['ceiling'] ?? null, $values['floor_thickness'] ?? null) : new ChangeValues($element, $values);
        });
    }

    /** A wall from a point in a direction over a typed length, or to a point. */
    public function wall(BoardRequest $request, Scheme $scheme): Response
    {
        return $this->answer($request, $scheme, function (Layout $layout) use ($request): Edit {
            $from = $request->point('from');
            $reader = new LengthReader($layout->units);
            $length = $request->string('length')->trim()->value();
            $to = $length === '' ? $request->point('to') : $from->plus(Point::towards($request->float('towards'))->times($reader->read($length)->mm));
            $thickness = $reader->read($request->string('thickness')->value())->mm;

            return $this->elements($layout, $request)->wall($from, $to, $thickness, WallType::tryFrom($request->string('type')->value()) ?? WallType::Interior);
        }, 'w');
    }

    public function opening(BoardRequest $request, Scheme $scheme): Response
    {
        $kind = OpeningKind::tryFrom($request->string('kind')->value()) ?? OpeningKind::Door;

        return $this->answer($request, $scheme, fn(Layout $layout): Edit => $this->elements($layout, $request)->opening($request->string('wall')->value(), $kind), $kind === OpeningKind::Window ? 'n' : 'd');
    }

    public function fixture(BoardRequest $request, Scheme $scheme): Response
    {
        $kind = FixtureKind::tryFrom($request->string('kind')->value()) ?? FixtureKind::Table;

        return $this->answer($request, $scheme, fn(Layout $layout): Edit => $this->elements($layout, $request)->fixture($kind, $request->point('at')), 'f');
    }

    public function room(BoardRequest $request, Scheme $scheme): Response
    {
        $use = RoomUse::tryFrom($request->string('use')->value()) ?? RoomUse::Other;
        $name = $request->string('name')->trim()->value();
        $name = $name === '' ? ucfirst(str_replace('_', ' ', $use->value)) : $name;

        return $this->answer($request, $scheme, fn(Layout $layout): Edit => $this->elements($layout, $request)->room($request->point('at'), $name, $use), 'r');
    }

    /** A storey on top, with the outer walls of the highest one. */
    public function storey(BoardRequest $request, Scheme $scheme): Response
    {
        return $this->answer($request, $scheme, fn(Layout $layout): Edit => $this->elements($layout, $request)->storeyAbove(), 's');
    }

    public function undo(BoardRequest $request, Scheme $scheme): Response
    {
        return $this->guarded($request, $scheme, fn(): Scheme => $this->changes->undo($scheme, $request->version()));
    }

    public function redo(BoardRequest $request, Scheme $scheme): Response
    {
        return $this->guarded($request, $scheme, fn(): Scheme => $this->changes->redo($scheme, $request->version()));
    }

    /**
     * Heights of a storey carry the storeys above along, unless one is taken away or other values change with them.
     *
     * @param array<string, mixed> $values
     *
     * @phpstan-assert-if-true array{ceiling?: float, floor_thickness?: float} $values
     */
    private static function isHeights(Layout $layout, string $element, array $values): bool
    {
        return $values !== [] && $layout->storey($element) !== null
            && array_diff_key($values, ['ceiling' => 0, 'floor_thickness' => 0]) === []
            && array_filter($values, is_float(...)) === $values;
    }

    /**
     * @param callable(Layout): Edit $edit
     * @param string|null            $newLetter what is newly drawn gets the next id of this letter and is chosen
     */
    private function answer(BoardRequest $request, Scheme $scheme, callable $edit, ?string $newLetter = null): Response
    {
        $storey = $scheme->layout->storeys[0] ?? null;
        $select = $newLetter === null || $storey === null ? $request->select() : (new NewElements($scheme->layout, $storey))->nextId($newLetter);

        return $this->guarded($request, $scheme, fn(): Scheme => $this->changes->edit($scheme, $request->person(), $request->version(), $edit($scheme->layout)), $select);
    }

    /**
     * Refusals come back as 422, a stale version as 409, both with the board as it is and the reason beside it.
     *
     * @param callable(): Scheme $change
     */
    private function guarded(BoardRequest $request, Scheme $scheme, callable $change, ?string $select = null): Response
    {
        [$status, $message, $field] = [200, null, null];
        try {
            $scheme = $change();
        } catch (StaleScheme) {
            [$status, $message, $scheme] = [409, 'Somebody else has changed this scheme. It is shown as it is now; what you did is not made yet.', $scheme->fresh() ?? $scheme];
        } catch (RefusedValue $e) {
            [$status, $message, $field] = [422, $e->getMessage(), $e->key];
        } catch (RefusedEdit|UnreadableLayout|UnreadableLength $e) {
            [$status, $message] = [422, $e->getMessage()];
        }
        $page = $this->page($scheme, $request->storey(), $status === 200 ? ($select ?? $request->select()) : $request->select());

        return response()->view('board.changed', ['page' => $page, 'message' => $message, 'refusedField' => $field, 'typed' => $request->fields(), 'isStale' => $status === 409], $status);
    }

    private function elements(Layout $layout, BoardRequest $request): NewElements
    {
        return new NewElements($layout, $layout->storey($request->storey()) ?? throw new RefusedEdit("There is no storey \"{$request->storey()}\"."));
    }

    private function page(Scheme $scheme, string $storey, string $select): BoardPage
    {
        return BoardPage::of($scheme, $this->examiner, $this->shelf, $storey, $select);
    }
}
