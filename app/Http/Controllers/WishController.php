<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examination\BookCheck;
use App\Http\Requests\WishRequest;
use App\Models\Project;
use App\Pages\BriefPage;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\WishComposer;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** A wish before it counts: how it is understood and what the home has of it, and how it is put together from choices. */
final readonly class WishController
{
    public function __construct(private BookCheck $check) {}

    public function show(WishRequest $request, Project $project): View
    {
        return view('brief.reading', ['wish' => (new BriefPage($project, $this->check))->wish($request->sentence())]);
    }

    /** A row of the list with the wish that was put together; with nothing chosen, one to type in. */
    public function create(WishRequest $request, Project $project): View|Response
    {
        $page = new BriefPage($project, $this->check);
        try {
            $sentence = $request->chosen('about') === '' ? '' : (new WishComposer($page->home->layout->units))->compose(
                of: $request->chosen('of'),
                which: $request->chosen('which'),
                about: $request->chosen('about'),
                isNot: $request->boolean('not'),
                from: $request->chosen('from'),
                to: $request->chosen('to'),
                other: $request->chosen('other'),
                or: $request->chosen('or'),
            );
        } catch (UnreadableWish $e) {
            return response()->view('brief.refused', ['message' => $e->getMessage()], 422);
        }

        return view('brief.added', ['page' => $page, 'wish' => $page->wish($sentence)]);
    }
}
