@extends('layouts.page')
@section('title', __('Kitchen schedule, :name', ['name' => $page->title]))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ $page->back }}">{{ $page->title }}</a> <span aria-hidden="true">/</span> <h1>Kitchen schedule</h1>
@endsection
@section('content')
    @if ($page->schedule === null)
        <p class="kitchen-refused">No units stand in any room yet.</p>
    @else
        <div class="kitchen-schedule">
            <div class="schedule-head">
                <nav class="choices" aria-label="Rooms with units">
                    @foreach ($page->rooms() as $room)<a href="{{ $page->address }}?room={{ urlencode($room->id()) }}" @if ($room->id() === $page->room->id()) aria-current="true" @endif>{{ $room->name() }}</a>@endforeach
                </nav>
                <span><button class="btn btn-sm btn-quiet" data-copies="kitchen-units">Copy</button> <a href="{{ $page->address }}?room={{ urlencode($page->room->id()) }}&amp;format=csv">CSV</a> <a href="{{ $page->address }}?room={{ urlencode($page->room->id()) }}&amp;format=xlsx">XLSX</a></span>
            </div>
            <div class="kitchen-drawn">
                {!! $page->drawPlan() !!}
                <div>
                    <table class="kitchen-units" id="kitchen-units">
                        <caption>Units, run by run from left to right</caption>
                        <thead><tr><th scope="col">Mark</th><th scope="col">Kind</th><th scope="col">Width × depth × height</th><th scope="col">Underside</th><th scope="col">Doors</th><th scope="col">Hinged at</th></tr></thead>
                        <tbody>
                            @foreach ($page->schedule->units as $unit)
                                <tr><td>{{ $unit->mark }}</td><th scope="row">{{ $page->kind($unit) }}</th><td>{{ $page->size($unit) }}</td><td>@if ($unit->fixture->fixture->base !== null){{ $page->length($unit->fixture->fixture->base) }}@endif</td><td>@if ($unit->doors() !== 0){{ $unit->doors() ?? '?' }}@if ($unit->fixture->fixture->glassDoors), glass @endif @endif</td><td>{{ $unit->hinge()?->words() }}</td></tr>
                            @endforeach
                        </tbody>
                    </table>
                    @if ($page->schedule->worktops !== [])
                        <table class="kitchen-units">
                            <caption>Pieces of worktop</caption>
                            <thead><tr><th scope="col">Mark</th><th scope="col">Kind</th><th scope="col">Length × depth × thickness</th><th scope="col">Area</th><th scope="col">Upstand</th><th scope="col">Cut out</th></tr></thead>
                            <tbody>
                                @foreach ($page->schedule->worktops as $piece)
                                    <tr><td>{{ $page->pieceMark($piece) }}</td><th scope="row">{{ $page->kind($piece) }}</th><td>{{ $page->size($piece) }}@if (count($piece->parts) > 1), in one piece @endif</td><td>{{ $page->area($piece) }}</td><td>@if ($piece->upstand > 0.0){{ $page->length($piece->upstand) }}@endif</td><td>@foreach ($piece->cutOuts as $cut){{ $page->cutOut($cut) }}@if (!$loop->last); @endif @endforeach</td></tr>
                                @endforeach
                            </tbody>
                        </table>
                    @endif
                    <table class="kitchen-units">
                        <caption>Runs</caption>
                        <thead><tr><th scope="col">Run</th><th scope="col">Along its fronts</th><th scope="col">Corners</th><th scope="col">Left over at its left</th><th scope="col">At its right</th></tr></thead>
                        <tbody>@foreach ($page->schedule->runs as $run)<tr><th scope="row">{{ $loop->iteration }}</th><td>{{ $page->length($run->length) }}</td><td>{{ $page->corners($run) }}</td><td>{{ $run->left === null ? __('an open end') : $page->length($run->left) }}</td><td>{{ $run->right === null ? __('an open end') : $page->length($run->right) }}</td></tr>@endforeach</tbody>
                    </table>
                    <dl class="kitchen-lengths">@foreach ($page->lengths() as [$what, $length])<div><dt>{{ $what }}</dt><dd>{{ $length }}</dd></div>@endforeach</dl>
                </div>
            </div>
            @foreach ($page->drawWalls() as [$name, $drawing])
                <figure><figcaption>{{ $name }}</figcaption><div class="elevations-scroll" tabindex="0" role="group" aria-label="{{ $name }}">{!! $drawing !!}</div></figure>
            @endforeach
        </div>
    @endif
@endsection
