@extends('layouts.page')
@section('title', __('Letter'))
@section('body-class', 'page-letter')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('review', $draft->revision) }}">{{ $draft->revision->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Letter</h1>
    <span class="masthead-note">{{ $draft->revision->scheme->name }}, revision {{ $draft->revision->number }}, {{ $draft->revision->state->words() }}</span>
@endsection
@section('guide')
    @include('guide', ['project' => $draft->revision->scheme->project])
@endsection
@section('content')
    @php($waiting = count(array_filter($draft->report->findings, $rulings->isWaiting(...))))
    @php($as = fn (array $change = []): array => [$draft->revision, ...array_filter(['by' => $draft->groupedBy, 'round' => $draft->isInRound ? 1 : null, ...$change])])
    <div class="letter-page">
        <iframe class="letter-paper" title="The letter as it would go out" src="{{ route('review.letter.paper', $as()) }}"></iframe>
        <aside class="letter-side">
            <p class="letter-count"><b>{{ count($draft->items) }}</b> {{ count($draft->items) === 1 ? __('item') : __('items') }}@if ($waiting > 0), <a href="{{ route('review', ['revision' => $draft->revision, 'show' => 'waiting']) }}">{{ $waiting }} open findings not ruled on</a>@endif</p>
            @error('letter')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <nav aria-label="In which order">
                <a href="{{ route('review.letter', $as(['by' => 'room'])) }}" @if ($draft->groupedBy === 'room') aria-current="true" @endif>By room</a>
                <a href="{{ route('review.letter', $as(['by' => 'clause'])) }}" @if ($draft->groupedBy === 'clause') aria-current="true" @endif>By clause</a>
            </nav>
            <nav aria-label="What is drawn">
                <a href="{{ route('review.letter', $as(['round' => null])) }}" @if (! $draft->isInRound) aria-current="true" @endif>Plans</a>
                <a href="{{ route('review.letter', $as(['round' => 1])) }}" @if ($draft->isInRound) aria-current="true" @endif>Plans and in the round</a>
            </nav>
            @can('update', $draft->revision)
                @if ($draft->revision->state->isOpen())
                    <form method="post" action="{{ route('review.letter.send', $draft->revision) }}">@csrf<input type="hidden" name="by" value="{{ $draft->groupedBy }}"><input type="hidden" name="round" value="{{ (int) $draft->isInRound }}"><button class="btn btn-primary">Send to {{ $draft->revision->submitter->name }}</button></form>
                @endif
            @endcan
            <h2>As a file</h2>
            <p class="letter-files">@foreach (['pdf' => 'PDF', 'bcf' => 'BCF 2.1', 'bcf3' => 'BCF 3.0', 'csv' => 'CSV', 'json' => 'JSON'] as $format => $name)<a href="{{ route('review.letter.file', [...$as(), 'format' => $format]) }}">{{ $name }}</a>@endforeach</p>
            @if ($letters->isNotEmpty())
                <h2>Sent</h2>
                <ul class="letter-sent">@foreach ($letters as $letter)<li><a href="{{ route('letters.show', $letter) }}">{{ $letter->created_at->translatedFormat(__('j F Y, H:i')) }}</a> by {{ $letter->user->name }}, <a href="{{ route('letters.pdf', $letter) }}">PDF</a></li>@endforeach</ul>
            @endif
        </aside>
    </div>
@endsection
