@extends('layouts.page')
@section('title', __(':name on the board', ['name' => $page->scheme->project->name]))
@section('body-class', 'page-review page-board')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>{{ $page->scheme->project->name }}</h1>
    <span class="masthead-note">{{ $page->scheme->name }}, {{ $page->scheme->isDraft() ? __('a draft') : __('on the board') }}</span>
    <nav class="board-links" aria-label="Of this home"><a href="{{ route('project', $page->scheme->project) }}">Project</a> <a href="{{ route('brief', $page->scheme->project) }}">Brief</a> <a href="{{ route('compare', ['with' => ['s'.$page->scheme->id]]) }}">Compare</a> <a href="{{ route('board.elevations', $page->scheme) }}">Elevations</a> <a href="{{ route('board.round', $page->scheme) }}">In the round</a> <a href="{{ route('board.kitchen', $page->scheme) }}">Kitchen</a> <a href="{{ route('board.file', $page->scheme) }}">Files</a></nav>
@endsection
@section('guide')
    @include('guide', ['project' => $page->scheme->project])
@endsection
@section('content')
    @php($beneath = $page->pictureBeneath())
    <div class="review" id="board" data-channel="scheme {{ $page->scheme->id }}" data-address="{{ route('board', $page->scheme) }}" data-step="{{ $page->inspector->usual()->step() }}">
        <section class="plan" aria-label="Plan">
            <div class="tools" role="toolbar" aria-label="Tools">
                <button type="button" class="btn btn-tool" data-tool="choose" aria-pressed="true">Choose</button>
                <button type="button" class="btn btn-tool" data-tool="wall" aria-pressed="false">Wall</button>
                <button type="button" class="btn btn-tool" data-tool="rectangle" aria-pressed="false">Rectangle</button>
                <button type="button" class="btn btn-tool" data-tool="axes" aria-pressed="false">Axes</button>
                <button type="button" class="btn btn-tool" data-act="blocks" aria-expanded="false">Blocks</button>
                <button type="button" class="btn btn-tool" data-act="fixtures" data-pressed-for="fixture" aria-pressed="false" aria-haspopup="dialog">Fixture</button>
                <button type="button" class="btn btn-tool" data-tool="stair" aria-pressed="false">Stair</button>
                <button type="button" class="btn btn-tool" data-tool="void" aria-pressed="false">Floor opening</button>
                <button type="button" class="btn btn-tool" data-tool="section" aria-pressed="false">Section</button>
                <button type="button" class="btn btn-tool" data-tool="measure" aria-pressed="false">Measure</button>
                <button type="button" class="btn btn-tool" data-tool="picture" aria-pressed="false">Picture</button>
                <button type="button" class="btn btn-tool" data-act="dimensions" aria-expanded="false">Dimensions</button>
                <button type="button" class="btn btn-tool" data-act="sheet" aria-expanded="false">Sheet</button>
                <button type="button" class="btn btn-tool" data-act="list">List</button>
            </div>
            @include('board.options')
            @include('board.picture')
            <div class="plan-sheet" id="plan-sheet" tabindex="0" role="group" aria-label="Drawing board; arrow keys move what is chosen">
                @includeWhen($beneath !== null, 'board.picture-beneath', ['beneath' => $beneath, 'viewBox' => $page->sheet->viewBox()])
                @include('plan')
                @include('board.marks')
                @include('review.witness')
                <svg id="ghost" class="drawing drawing-witness" aria-hidden="true" viewBox="{{ $page->sheet->viewBox() }}"></svg>
            </div>
            @include('board.note')
            @include('board.storeys')
            <div class="plan-corner" aria-hidden="true">
                <div class="scale-bar" id="scale-bar" data-units="{{ $page->scheme->layout->units->value }}" data-typing="{{ $page->scheme->layout->typing->value }}"><span></span><b></b></div>
            </div>
            @include('round.beside', ['address' => route('board.round', $page->scheme)])
            @include('zoom', ['withKeys' => true])
        </section>
        <aside class="findings" aria-label="What is chosen, and the check">
            @include('board.state')
            <p class="board-changes" id="board-changes" role="status"></p>
            @include('board.message', ['message' => null])
            <div role="alert"><ul class="board-refusals" id="board-refusals" aria-label="Not made"></ul></div>
            @include('board.inspector', ['refusedField' => null, 'typed' => [], 'message' => null])
            @include('board.basis')
            @include('board.letter')
            @include('board.findings')
            @include('board.checked')
        </aside>
    </div>
@endsection
@section('after')
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div><dt><kbd>w</kbd> <kbd>b</kbd></dt><dd>draw walls one after the other, a rectangle of walls</dd></div>
            <div><dt><kbd>f</kbd></dt><dd>place a fixture from the list</dd></div>
            <div><dt><kbd>k</kbd></dt><dd>measure between two points</dd></div>
            <div><dt><kbd>←</kbd> <kbd>→</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>while drawing: move the cross, with <kbd>Shift</kbd> ten times as far; <kbd>Enter</kbd> sets a point</dd></div>
            <div><dt><kbd>0</kbd>…<kbd>9</kbd></dt><dd>while drawing: type the length in the direction of the cross, then <kbd>Enter</kbd></dd></div>
            <div><dt><kbd>Esc</kbd></dt><dd>end the chain, then the tool</dd></div>
            <div><dt><kbd>c</kbd></dt><dd>choose and move</dd></div>
            <div><dt><kbd>Shift</kbd></dt><dd>pointing: choose this too, or no more; dragging: choose all in a box</dd></div>
            <div><dt><kbd>Alt</kbd></dt><dd>pointing: choose what lies below what is chosen there</dd></div>
            <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>choose the element before, the next one</dd></div>
            <div><dt><kbd>e</kbd></dt><dd>choose from a list of all elements</dd></div>
            <div><dt><kbd>←</kbd> <kbd>→</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>move what is chosen, with <kbd>Shift</kbd> ten times as far; nothing chosen: move the plan</dd></div>
            <div><dt><kbd>Alt</kbd></dt><dd>while drawing or taping: catch nothing; while dragging a fixture: keep it off the walls</dd></div>
            <div><dt><kbd>i</kbd> <kbd>Shift</kbd> <kbd>i</kbd></dt><dd>type the next dimension on the plan, the one before</dd></div>
            <div><dt><kbd>h</kbd> <kbd>o</kbd></dt><dd>hang a door on its other jamb, swing it to the other side</dd></div>
            <div><dt><kbd>t</kbd> <kbd>m</kbd> <kbd>d</kbd></dt><dd>turn a fixture a quarter, mirror it, copy it to a place</dd></div>
            <div><dt><kbd>Delete</kbd></dt><dd>take it away</dd></div>
            <div><dt><kbd>u</kbd> <kbd>r</kbd></dt><dd>undo, redo</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd> <kbd>0</kbd> <kbd>z</kbd></dt><dd>closer, farther, all of the plan, what is chosen</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
        </dl>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
    <dialog class="keys fixtures" id="fixtures" aria-labelledby="fixtures-title">
        <h2 id="fixtures-title">Fixtures</h2>
        <label class="visually-hidden" for="fixtures-search">Search the list</label>
        <input id="fixtures-search" type="search" placeholder="Type what you look for" autocomplete="off">
        <div id="fixtures-list"></div>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
    <dialog class="keys elements" id="elements" aria-labelledby="elements-title">
        <h2 id="elements-title">What is drawn here</h2>
        <div id="elements-list"></div>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
@endsection
