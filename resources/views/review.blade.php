@extends('layouts.page')
@section('title', $page->revision->scheme->project->name)
@section('body-class', 'page-review')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>{{ $page->revision->scheme->project->name }}</h1>
    <span class="masthead-note">{{ $page->revision->scheme->name }}, revision {{ $page->revision->number }}</span>
    <a class="masthead-note" href="{{ route('board', $page->revision->scheme) }}">Open on the board</a>
@endsection
@section('content')
    <div class="review" id="review" data-address="{{ route('review', $page->revision) }}" data-show="{{ $page->show }}" data-book="{{ $page->book }}">
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
            @include('zoom')
        </section>
        <aside class="findings" aria-label="Findings">
            @include('review.books')
            @include('review.evidence')
            @include('review.list')
        </aside>
    </div>
@endsection
@section('after')
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div><dt><kbd>n</kbd> <kbd>↓</kbd></dt><dd>next finding</dd></div>
            <div><dt><kbd>p</kbd> <kbd>↑</kbd></dt><dd>finding before</dd></div>
            <div><dt><kbd>s</kbd></dt><dd>storey above, round again to the lowest</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd> <kbd>0</kbd></dt><dd>closer, farther, all of the plan</dd></div>
            <div><dt><kbd>f</kbd></dt><dd>back to what the finding shows</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
        </dl>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
@endsection
