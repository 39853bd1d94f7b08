@extends('layouts.page')
@php([$project, $entries] = [$page->project, $page->entries])
@section('title', $project->name)
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>{{ $project->name }}</h1>
@endsection
@section('guide')
    @include('guide', ['project' => $project])
@endsection
@section('content')
    <div class="project-page">
        <form class="project-form" method="post" action="{{ route('project.update', $project) }}">
            @csrf @method('put')
            <div><label for="name">Name</label><input class="form-control form-control-sm" id="name" name="name" maxlength="200" required value="{{ old('name', $project->name) }}">@error('name')<p class="field-error" role="alert">{{ $message }}</p>@enderror</div>
            <div><label for="address">Address</label><input class="form-control form-control-sm" id="address" name="address" maxlength="200" value="{{ old('address', $project->address) }}"></div>
            <div><label for="kind">Kind of work</label><select class="form-select form-select-sm" id="kind" name="kind"><option value=""></option>@foreach (App\Models\ProjectKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old('kind', $project->kind?->value) === $kind->value)>{{ $kind->words() }}</option>@endforeach</select></div>
            <button class="btn btn-sm btn-primary">Set</button>
        </form>
        @foreach ($project->schemes as $scheme)
            <section class="scheme" aria-labelledby="scheme-{{ $scheme->id }}">
                <h2 id="scheme-{{ $scheme->id }}">{{ $scheme->name }}@if ($project->picked_scheme_id === $scheme->id) <span class="state state-signed_off">picked</span>@endif</h2>
                <p class="scheme-links"><a href="{{ route('board', $scheme) }}">Board</a> <a href="{{ route('board.file', $scheme) }}">Files</a></p>
                <ol class="scheme-steps">
                    @foreach ($page->steps($scheme) as $step)
                        <li>
                            <a href="{{ $step->address }}">{!! $step->plan !!}<b>{{ $step->title }}</b></a>
                            @if ($step->state)<span class="state state-{{ $step->state->value }}">{{ $step->state->words() }}</span>@endif
                            @if ($step->when !== '')<span class="step-when">{{ $step->when }}</span>@endif
                            @if ($step->counts !== [])<span class="step-counts">@foreach ([Heurema\Review\Verdict::Violated, Heurema\Review\Verdict::Advised, Heurema\Review\Verdict::Undetermined, Heurema\Review\Verdict::Met] as $verdict)<span><x-verdict :verdict="$verdict"/>{{ $step->counts[$verdict->value] ?? 0 }}<span class="visually-hidden"> {{ $verdict->words() }}</span></span> @endforeach</span>@endif
                            @if ($step->changes !== null)
                                <details><summary>{{ trans_choice('{0} Drawn as before|{1} One change|[2,*] :count changes', count($step->changes)) }}</summary><ul>@foreach (array_slice($step->changes, 0, 20) as $change)<li>{{ $change }}</li>@endforeach @if (count($step->changes) > 20)<li>and {{ count($step->changes) - 20 }} more</li>@endif</ul></details>
                            @endif
                        </li>
                    @endforeach
                </ol>
            </section>
        @endforeach
        <p><a href="{{ route('project.archive', $project) }}" download>The whole project as an archive</a>: schemes, revisions, rulings, letters, brief, rule books. It can be taken in on the desk, here or elsewhere.</p>
        @can('delete', $project)
            <details class="project-remove"><summary>Remove this home</summary>
                <form method="post" action="{{ route('project.remove', $project) }}">@csrf @method('delete')<p>Nobody sees it any more, its drawings, reviews and letters neither. It can be brought back from the desk for {{ App\Actions\RemoveHome::DAYS }} days; then it is gone.</p><button class="btn btn-sm btn-primary">Remove it</button></form>
            </details>
        @endcan
        <h2>Log</h2>
        <ol class="log">
            @foreach ($entries as $entry)
                <li><time datetime="{{ $entry->created_at->toIso8601String() }}">{{ $entry->created_at->translatedFormat(__('j F Y, H:i')) }}</time> <span>{{ $entry->user->name }}</span> <span>{{ $entry->words }}@if ($entry->revision), <a href="{{ route('review', $entry->revision->id) }}">revision {{ $entry->revision->number }}</a>@endif</span></li>
            @endforeach
        </ol>
        @if ($entries->hasPages())<p class="pages">@if ($entries->previousPageUrl())<a href="{{ $entries->previousPageUrl() }}">later</a>@endif @if ($entries->nextPageUrl())<a href="{{ $entries->nextPageUrl() }}">earlier</a>@endif</p>@endif
    </div>
@endsection
