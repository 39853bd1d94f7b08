@extends('layouts.page')
@section('title', 'Log')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> @if ($project->latestRevision)<a href="{{ route('review', $project->latestRevision) }}">{{ $project->name }}</a>@else{{ $project->name }}@endif <span aria-hidden="true">/</span> <h1>Log</h1>
@endsection
@section('content')
    <ol class="log">
        @foreach ($entries as $entry)
            <li><time datetime="{{ $entry->created_at->toIso8601String() }}">{{ $entry->created_at->format('j F Y, H:i') }}</time> <span>{{ $entry->user->name }}</span> <span>{{ $entry->words }}@if ($entry->revision), <a href="{{ route('review', $entry->revision) }}">revision {{ $entry->revision->number }}</a>@endif</span></li>
        @endforeach
    </ol>
    @if ($entries->hasPages())<p class="pages">@if ($entries->previousPageUrl())<a href="{{ $entries->previousPageUrl() }}">later</a>@endif @if ($entries->nextPageUrl())<a href="{{ $entries->nextPageUrl() }}">earlier</a>@endif</p>@endif
@endsection
