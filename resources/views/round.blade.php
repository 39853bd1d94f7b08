@extends('layouts.page')
@section('title', __('In the round, :name', ['name' => $page->title]))
@section('body-class', $small ? 'page-round is-small' : 'page-round')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ $page->plan }}">{{ $page->title }}</a> <span aria-hidden="true">/</span> <h1>In the round</h1>
    <a class="masthead-note" href="{{ $page->model }}" download><span class="visually-hidden">The home as </span>Scene, glTF</a>
@endsection
@section('content')
    <div class="round" id="round" data-model="{{ $page->model }}" data-facts="{{ $page->facts }}" data-plan="{{ $page->plan }}" data-choose="{{ $page->choose }}" data-channel="{{ $page->channel }}" data-drawing="{{ $page->drawing }}" data-sun="{{ route('sun') }}">
        @include('round.scene')
        <aside class="round-side" aria-label="What is shown, and what was found">
            @include('round.shown')
            @include('round.sun')
            <section class="round-chosen" aria-live="polite">
                <h2>Chosen</h2>
                <p id="round-chosen">Nothing: point at something.</p>
            </section>
            <section class="round-findings">
                <h2>Found <b>{{ count($page->open) }}</b></h2>
                <ol id="round-findings">
                    @forelse ($page->open as $finding)
                        <li><button type="button" class="row-link" data-finding="{{ $finding->fingerprint() }}" data-storey="{{ $finding->outcome->witness[0]->storey ?? $finding->subject->storey() }}" aria-pressed="false">
                            <x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>
                            <span class="visually-hidden">{{ $finding->verdict()->words() }}:</span>
                            <span class="row-title">{{ $finding->rule->title }}</span>
                            <span class="row-subject">{{ $finding->subject->name() }}</span>
                            <span class="row-short">{{ $finding->missedBriefly() ? "{$finding->missedBriefly()} {$finding->missedWay()}" : '' }}</span>
                        </button></li>
                    @empty
                        <li class="rows-none">Nothing that wants looking at.</li>
                    @endforelse
                </ol>
            </section>
            @if ($page->taken !== [])
                <details class="round-taken">
                    <summary>Not known, and taken in a usual size: {{ count($page->taken) }}</summary>
                    <ul>@foreach ($page->taken as $taken)<li>{{ $taken }}</li>@endforeach</ul>
                </details>
            @endif
        </aside>
    </div>
@endsection
