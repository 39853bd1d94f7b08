@extends('layouts.page')
@section('title', $page->scheme->project->name.' on the board')
@section('body-class', 'page-review page-board')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>{{ $page->scheme->project->name }}</h1>
    <span class="masthead-note">{{ $page->scheme->name }}, on the board</span>
@endsection
@section('content')
    <div class="review" id="board" data-address="{{ route('board', $page->scheme) }}" data-step="{{ $page->step() }}">
        <section class="plan" aria-label="Plan">
            <div class="tools" role="toolbar" aria-label="Tools">
                <button type="button" class="btn btn-tool" data-tool="choose" aria-pressed="true">Choose</button>
                <button type="button" class="btn btn-tool" data-tool="wall" aria-pressed="false">Wall</button>
                <span class="tool-options" id="wall-options" hidden>
                    <label>Kind <select id="wall-type">@foreach (Heurema\Layout\Words\WallType::cases() as $type)<option value="{{ $type->value }}" @selected($type->value === 'interior')>{{ $type->value }}</option>@endforeach</select></label>
                    <label>Thickness <input id="wall-thickness" value="{{ $page->usualThickness() }}" size="8"></label>
                    <label>Length <input id="wall-length" size="10" placeholder="type, Enter" aria-describedby="wall-length-reading"></label>
                    <output id="wall-length-reading"></output>
                </span>
                <label class="tool-thing">Place <select id="thing-kind"><option value="">a thing…</option>@foreach (App\Board\Library::kinds() as $kind)<option value="{{ $kind }}">{{ str_replace('_', ' ', $kind) }}</option>@endforeach</select></label>
            </div>
            <div class="plan-sheet" id="plan-sheet" tabindex="0" role="group" aria-label="Drawing board; arrow keys move what is chosen">
                @include('plan')
                <svg id="ghost" class="drawing drawing-witness" aria-hidden="true" viewBox="{{ $page->sheet->viewBox() }}"></svg>
            </div>
            @include('board.storeys')
            <div class="plan-corner" aria-hidden="true">
                <div class="scale-bar" id="scale-bar" data-units="{{ $page->scheme->layout->units->value }}"><span></span><b></b></div>
            </div>
            @include('zoom')
        </section>
        <aside class="findings" aria-label="What is chosen, and the check">
            @include('board.state')
            <div id="board-message" class="board-message" role="alert"></div>
            @include('board.inspector', ['refusedField' => null, 'typed' => [], 'message' => null])
            @include('board.findings')
        </aside>
    </div>
@endsection
@section('after')
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div><dt><kbd>w</kbd></dt><dd>draw walls; <kbd>Esc</kbd> ends the chain</dd></div>
            <div><dt><kbd>c</kbd></dt><dd>choose and move</dd></div>
            <div><dt><kbd>←</kbd> <kbd>→</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>move what is chosen, with <kbd>Shift</kbd> ten times as far</dd></div>
            <div><dt><kbd>h</kbd> <kbd>o</kbd></dt><dd>hang a door on its other jamb, swing it to the other side</dd></div>
            <div><dt><kbd>t</kbd></dt><dd>turn a thing a quarter</dd></div>
            <div><dt><kbd>Delete</kbd></dt><dd>take it away</dd></div>
            <div><dt><kbd>u</kbd> <kbd>r</kbd></dt><dd>undo, redo</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd> <kbd>0</kbd></dt><dd>closer, farther, all of the plan</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
        </dl>
        <form method="dialog"><button class="btn btn-primary">Close</button></form>
    </dialog>
@endsection
