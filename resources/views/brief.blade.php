@extends('layouts.page')
@section('title', __('Brief, :name', ['name' => $page->project->name]))
@section('body-class', 'page-brief')
@php($project = $page->project)
@php($latest = $project->latestRevision)
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('project', $project) }}">{{ $project->name }}</a> <span aria-hidden="true">/</span> <h1>Brief</h1>
    @if ($latest)<a class="masthead-note" href="{{ route('review', [$latest, 'book' => Heurema\Brief\Brief::ID]) }}">On the plan</a>@else<a class="masthead-note" href="{{ route('board', $project->firstScheme) }}">Board</a>@endif
@endsection
@section('content')
    @php($isOpen = $latest === null || ($latest->state->isOpen() && auth()->user()?->can('update', $latest)))
    @php($refused = [])
    @foreach ($errors->getMessages() as $field => $messages)@if (str_starts_with($field, 'wishes.'))@php($refused[(int) substr($field, 7)] = $messages[0])@endif @endforeach
    @php($wishes = $page->wishes(old('wishes'), $refused))
    <div class="brief">
        <form class="brief-wishes" method="post" action="{{ route('brief.update', $project) }}">
            @csrf @method('put')
            <div class="brief-head">
                <p>What the client wishes, one wish a line, as one says it. It is checked on every revision like a rule book; the verdicts are of {{ $latest ? "revision {$latest->number}" : __('the draft') }} as it stands.</p>
                @if ($isOpen)<button class="btn btn-primary">Save the brief</button>@endif
            </div>
            @if (session('saved'))<p class="brief-saved" role="status">Saved.</p>@endif
            @error('brief')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            @error('wishes')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            @if ($refused !== [])<p class="field-error" role="alert">{{ trans_choice('{1} One wish is not understood; nothing is saved yet.|[2,*] :count wishes are not understood; nothing is saved yet.', count($refused)) }}</p>@endif
            <ol class="wishes" id="wishes">
                @foreach ($wishes as $wish)@include('brief.wish', ['locked' => !$isOpen, 'isSaved' => old('wishes') === null])@endforeach
                @if ($isOpen)@include('brief.wish', ['wish' => new App\Pages\ReadWish('')])@endif
            </ol>
            @if (!$isOpen)<p class="field-help">{{ $latest->state->isOpen() ? __('Reviewers change the brief once the home has been handed in.') : __('The revision is :state: the brief that it was decided on stays.', ['state' => $latest->state->words()]) }}</p>
            @else<button type="button" class="btn btn-sm btn-tool" hx-get="{{ route('brief.wish.new', $project) }}" hx-target="#wishes" hx-swap="beforeend">Another wish</button>@endif
            <details class="brief-free" @if (old('free', $page->free()) !== '' || $errors->has('free')) open @endif>
                <summary>Rules of your own</summary>
                <label for="free">A YAML list of rules, as the rule books have them</label>
                <textarea class="form-control" id="free" name="free" rows="6" maxlength="20000" spellcheck="false" @disabled(!$isOpen) @error('free') aria-invalid="true" aria-describedby="free-refused" @enderror placeholder="- { id: tall-living, clause: brief, title: A tall living room, subject: room, when: room.use == 'living', measure: room.ceiling_height, at_least: 2.7 m, why: The client wishes it., source: the client }">{{ old('free', $page->free()) }}</textarea>
                @error('free')<p class="field-error" id="free-refused">{{ $message }}</p>@enderror
            </details>
        </form>
        @if ($isOpen)@include('brief.compose')@endif
    </div>
@endsection
