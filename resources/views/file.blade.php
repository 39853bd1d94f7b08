@extends('layouts.page')
@section('title', __('Files of :name', ['name' => $page->scheme->project->name]))
@section('body-class', 'page-schedule page-file')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('board', $page->scheme) }}">{{ $page->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Files</h1>
    <span class="masthead-note">{{ $page->scheme->name }}</span>
@endsection
@section('content')
    <div class="schedule-page file-page">
        @if (session('status'))<p class="page-status" role="status">{{ session('status') }}</p>@endif
        @if (($rooms = $page->withoutUse()) !== [])
            <form class="file-uses" method="post" action="{{ route('board.uses', $page->scheme) }}">
                @csrf @method('put')
                <input type="hidden" name="version" value="{{ $page->scheme->version }}">
                <h2>What are these rooms used for?</h2>
                <p>The file does not tell. Rules that ask for it stay undetermined until somebody says.</p>
                @error('uses')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                @error('uses.*')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <div class="fields">
                    @foreach ($rooms as $storey => $list)@foreach ($list as $room)
                        <label for="use-{{ $room->id }}">{{ $room->name }}, {{ $storey }}</label>
                        <select class="form-select form-select-sm" id="use-{{ $room->id }}" name="uses[{{ $room->id }}]"><option value="">not known</option>@foreach (Heurema\Layout\Words\RoomUse::cases() as $use)<option value="{{ $use->value }}">{{ $use->words() }}</option>@endforeach</select>
                    @endforeach @endforeach
                </div>
                <button class="btn btn-primary">Set the uses</button>
            </form>
        @endif
        @if ($page->summary())
            <h2>What became of the building model</h2>
            <p>{{ $page->summary() }}</p>
            @foreach ($page->elements() as $outcome => $elements)
                <details @if ($loop->first && $elements[0]->outcome !== 'taken') open @endif>
                    <summary>{{ $outcome }}: {{ count($elements) }}</summary>
                    <table class="schedule">
                        <thead><tr><th scope="col">Element</th><th scope="col">Name</th><th scope="col">Why</th></tr></thead>
                        <tbody>@foreach ($elements as $element)<tr><td>{{ $element->type }}</td><th scope="row">{{ $element->name }}</th><td>{{ implode(' ', $element->reasons) }}</td></tr>@endforeach</tbody>
                    </table>
                </details>
            @endforeach
        @endif
        <h2>The next file</h2>
        <form class="file-next" method="post" action="{{ route('board.file.take', $page->scheme) }}" enctype="multipart/form-data">
            @csrf<x-once/>
            <input type="hidden" name="version" value="{{ $page->scheme->version }}">
            <label class="form-label" for="file">A building model (.ifc, .ifczip) or a layout document that takes the place of what is drawn</label>
            <input class="form-control @error('file') is-invalid @enderror" id="file" name="file" type="file" accept=".json,.ifc,.ifczip,application/json" required aria-describedby="file-help @error('file') file-error @enderror">
            @error('file')<p class="field-error" id="file-error" role="alert">{{ $message }}</p>@enderror
            <p class="field-help" id="file-help">Elements keep their identities from file to file, so rulings go on to hold where nothing changed. It is one edit: undo brings back what was there.</p>
            <button class="btn btn-primary">Take it over</button>
        </form>
        @if ($page->hasLetter())
            <h2>Answers to the letter</h2>
            <form class="file-next" method="post" action="{{ route('board.issues', $page->scheme) }}" enctype="multipart/form-data">
                @csrf
                <label class="form-label" for="issues">Issues (.bcf, 2.1 or 3.0) that were commented on elsewhere</label>
                <input class="form-control @error('issues') is-invalid @enderror" id="issues" name="issues" type="file" accept=".bcf,.bcfzip" required aria-describedby="issues-help @error('issues') issues-error @enderror">
                @error('issues')<p class="field-error" id="issues-error" role="alert">{{ $message }}</p>@enderror
                <p class="field-help" id="issues-help">The last comment on each item of the letter becomes its answer, below what is answered already. Issues that are no items of the letter are left out.</p>
                <button class="btn btn-primary">Take the answers</button>
            </form>
        @endif
        <h2>Take along</h2>
        <p>As it is drawn now: <a href="{{ route('board.home', [$page->scheme, 'json']) }}">the layout document (JSON)</a>, <a href="{{ route('board.home', [$page->scheme, 'ifc']) }}">a building model (IFC4)</a>, <a href="{{ route('board.home', [$page->scheme, 'glb']) }}">a scene in the round (glTF 2.0)</a>. The first two can be handed in again; what the standard has no place for stands beside it in the model.</p>
        <p><a href="{{ route('board', $page->scheme) }}">To the board</a></p>
    </div>
@endsection
