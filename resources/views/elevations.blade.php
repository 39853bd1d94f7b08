@extends('layouts.page')
@section('title', __('Elevations, :name', ['name' => $page->title]))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ $page->back }}">{{ $page->title }}</a> <span aria-hidden="true">/</span> <h1>Elevations</h1>
@endsection
@section('content')
    <div class="elevations">
        <nav aria-label="Elevations and sections">
            <h2>From outside</h2>
            <ol>
                @foreach ($page->sides as $side)
                    <li><a href="{{ $page->address }}?face={{ $side->key }}" @if ($page->asked === "face {$side->key}") aria-current="page" @endif>{{ $page->sideName($side) }}</a></li>
                @endforeach
            </ol>
            <h2>Sections</h2>
            @if ($page->home->layout->sections === [])<p class="soft">None: draw the line of one on the plan with <i>Section</i> on the board.</p>@endif
            <ol>
                @foreach ($page->home->layout->sections as $section)
                    <li><a href="{{ $page->address }}?section={{ urlencode($section->id) }}" @if ($page->asked === "section {$section->id}") aria-current="page" @endif>Section {{ $section->name }}</a></li>
                @endforeach
            </ol>
            <h2>Rooms</h2>
            <ol>
                @foreach ($page->rooms() as $room)
                    <li><a href="{{ $page->address }}?room={{ urlencode($room->id()) }}" @if ($room === $page->room) aria-current="page" @endif>{{ $room->name() }}</a> <span class="soft">{{ $page->storey($room) }}</span></li>
                @endforeach
            </ol>
        </nav>
        <div class="elevations-walls">
            @includeWhen($page->figure !== null, 'elevations.upright')
            @includeWhen($page->figure === null, 'elevations.room')
        </div>
    </div>
@endsection
