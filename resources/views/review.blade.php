@extends('layouts.page')
@section('title', $page->revision->scheme->project->name)
@section('body-class', 'page-review')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1><a href="{{ route('project', $page->revision->scheme->project) }}">{{ $page->revision->scheme->project->name }}</a></h1>
    <span class="masthead-note">{{ $page->revision->scheme->name }}, revision {{ $page->revision->number }}</span>
    <a class="masthead-note" href="{{ route('board', $page->revision->scheme) }}">Open on the board</a>
    <a class="masthead-note" href="{{ route('review.elevations', $page->revision) }}">Elevations</a>
    <a class="masthead-note" href="{{ route('review.round', $page->revision) }}">In the round</a>
    <a class="masthead-note" href="{{ route('review.kitchen', $page->revision) }}">Kitchen</a>
    <details class="masthead-menu masthead-note">
        <summary>Files</summary>
        <div>
            <a href="{{ route('review.home', [$page->revision, 'json']) }}" download><span class="visually-hidden">The home as </span>Layout, JSON</a>
            <a href="{{ route('review.home', [$page->revision, 'ifc']) }}" download><span class="visually-hidden">The home as </span>Building model, IFC4</a>
            <a href="{{ route('review.home', [$page->revision, 'glb']) }}" download><span class="visually-hidden">The home as </span>Scene, glTF</a>
        </div>
    </details>
@endsection
@section('guide')
    @include('guide', ['project' => $page->revision->scheme->project])
@endsection
@section('content')
    <div class="review" id="review" data-channel="revision {{ $page->revision->id }}" data-address="{{ route('review', $page->revision) }}" data-show="{{ $page->show }}" data-book="{{ $page->book }}">
        <section class="plan" aria-label="Plan">
            <div class="plan-sheet" id="plan-sheet" tabindex="0" role="group" aria-label="Drawing; plus and minus zoom, arrow keys move, 0 shows all of it">
                @include('plan')
                @include('review.witness')
            </div>
            @include('review.storeys')
            <div class="plan-corner" aria-hidden="true">
                <svg class="north" viewBox="-20 -20 40 40"><g transform="rotate({{ $page->northTurn() }})"><path d="M0 -15L6 13L0 9L-6 13Z"/><text y="-17">N</text></g></svg>
                <div class="scale-bar" id="scale-bar" data-units="{{ $page->revision->layout->units->value }}"><span></span><b></b></div>
            </div>
            @include('round.beside', ['address' => route('review.round', $page->revision)])
            @include('zoom')
        </section>
        <aside class="findings" aria-label="Findings">
            @include('review.state')
            @include('review.books')
            @if ($page->revision->answer)<p class="designer-answer"><b>{{ $page->revision->submitter->name }} answers:</b> {{ $page->revision->answer }}</p>@endif
            @include('review.evidence')
            @include('review.list')
            @include('review.stated')
            @if ($page->remarks() !== [])
                <ol class="remarks" aria-label="Remarks on this storey">
                    @foreach ($page->remarks() as $remark)
                        <li>{{ $remark->words }} <span class="book-source">{{ $remark->user->name }}</span>
                            @can('update', $page->revision)@if ($page->revision->state->isOpen())<form method="post" action="{{ route('review.remarks.write', [$page->revision, $remark]) }}">@csrf @method('put')<button class="btn btn-link btn-sm">{{ $remark->in_letter ? __('Out of the letter') : __('Into the letter') }}</button></form><form method="post" action="{{ route('review.remarks.drop', [$page->revision, $remark]) }}">@csrf @method('delete')<button class="btn btn-link btn-sm">Unpin</button></form>@endif @endcan</li>
                    @endforeach
                </ol>
            @endif
        </aside>
    </div>
@endsection
@section('after')
    @if ($page->revision->state->isOpen() && auth()->user()?->can('update', $page->revision))
        <dialog class="keys" id="remark" aria-labelledby="remark-title">
            <h2 id="remark-title">Remark</h2>
            <form method="post" action="{{ route('review.remarks', $page->revision) }}">
                @csrf
                <input type="hidden" name="storey"><input type="hidden" name="x"><input type="hidden" name="y">
                <label class="visually-hidden" for="remark-words">Words</label>
                <textarea class="form-control" id="remark-words" name="words" rows="3" maxlength="1000" required></textarea>
                <p><button class="btn btn-primary">Pin it</button> <button class="btn btn-quiet" formmethod="dialog" formnovalidate>Leave it</button></p>
            </form>
        </dialog>
    @endif
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div><dt><kbd>n</kbd> <kbd>↓</kbd></dt><dd>next finding</dd></div>
            <div><dt><kbd>p</kbd> <kbd>↑</kbd></dt><dd>finding before</dd></div>
            <div><dt><kbd>s</kbd></dt><dd>storey above, round again to the lowest</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd> <kbd>0</kbd></dt><dd>closer, farther, all of the plan</dd></div>
            <div><dt><kbd>f</kbd></dt><dd>back to what the finding shows</dd></div>
            <div><dt><kbd>u</kbd> <kbd>e</kbd></dt><dd>uphold, settle the finding</dd></div>
            <div><dt><kbd>w</kbd> <kbd>a</kbd></dt><dd>waive it, ask about it: write the words, then Enter</dd></div>
            <div><dt><kbd>l</kbd></dt><dd>all of the same rule, or only this one</dd></div>
            <div><dt><kbd>z</kbd></dt><dd>take the last ruling back</dd></div>
            <div><dt><kbd>m</kbd></dt><dd>pin a remark to the plan where you then point</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
        </dl>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
@endsection
