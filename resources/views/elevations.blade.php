@extends('layouts.page')
@section('title', "Elevations, {$page->title}")
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ $page->back }}">{{ $page->title }}</a> <span aria-hidden="true">/</span> <h1>Elevations</h1>
@endsection
@section('content')
    <div class="elevations">
        <nav aria-label="Rooms">
            <ol>
                @foreach ($page->rooms() as $room)
                    <li><a href="{{ $page->address }}?room={{ urlencode($room->id()) }}" @if ($room === $page->room) aria-current="page" @endif>{{ $room->name() }}</a> <span class="soft">{{ $page->storey($room) }}</span></li>
                @endforeach
            </ol>
        </nav>
        <div class="elevations-walls">
            @if ($page->room === null)
                <p>There is no room that walls close around yet.</p>
            @else
                <h2>{{ $page->room->name() }}</h2>
                <p class="soft">Its walls as one sees them when one turns around in it to the right, from the one that lies highest on the plan. What stands before a wall is drawn with broken lines.</p>
                @if (($heights = $page->heights()) !== [])<h3>Heights that nearly agree</h3><ul class="elevations-said">@foreach ($heights as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
                @foreach ($page->walls as $number => $wall)
                    <figure>
                        <figcaption>{{ $page->name($number) }}</figcaption>
                        <div class="elevations-scroll" tabindex="0" role="group" aria-label="{{ $page->name($number) }}">{!! $page->draw($number) !!}</div>
                        @if (($crossings = $page->crossings($number)) !== [])<ul class="elevations-said">@foreach ($crossings as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
                        @if ($page->missing($number))<p class="soft">{{ $page->missing($number) }}</p>@endif
                    </figure>
                @endforeach
            @endif
        </div>
    </div>
@endsection
