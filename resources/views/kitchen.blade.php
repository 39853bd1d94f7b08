@extends('layouts.page')
@section('title', __('Kitchen, :name', ['name' => $page->scheme->project->name]))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('board', $page->scheme) }}">{{ $page->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Kitchen</h1>
    <a class="masthead-note" href="{{ route('board.kitchen.schedule', $page->scheme) }}">Schedule</a>
@endsection
@section('content')
    @error('kitchen')<p class="field-error kitchen-refused" role="alert">{{ $message }}</p>@enderror
    @if ($page->kitchen === null)
        <p class="kitchen-refused">There is no room that walls close around yet: draw one on the board first.</p>
    @else
        <div class="kitchen">
            <form id="kitchen-form" class="kitchen-asked" method="get" action="{{ route('board.kitchen', $page->scheme) }}" hx-get="{{ route('board.kitchen', $page->scheme) }}" hx-trigger="change, submit" hx-target="#kitchen-result" hx-swap="outerHTML" hx-push-url="true" hx-sync="this:queue last">
                <label class="form-label" for="kitchen-room">Room</label>
                <select class="form-select form-select-sm" id="kitchen-room" name="room" data-reloads>@foreach ($page->rooms() as $room)<option value="{{ $room->id() }}" @selected($room->id() === $page->kitchen->room->id())>{{ $room->name() }}</option>@endforeach</select>
                <fieldset>
                    <legend>Along</legend>
                    @forelse ($page->kitchen->stretches as $stretch)
                        <label class="kitchen-choice"><input type="checkbox" name="walls[]" value="{{ $stretch->key() }}" @checked($page->isChosen($stretch))> {{ $page->stretchName($stretch) }}</label>
                    @empty<p class="soft">No wall of this room has room for units.</p>
                    @endforelse
                    <p class="kitchen-part">
                        <label for="kitchen-from">from</label> <input class="form-control form-control-sm" id="kitchen-from" name="from" maxlength="40" value="{{ $page->value('from') }}" placeholder="its left end">
                        <label for="kitchen-to">to</label> <input class="form-control form-control-sm" id="kitchen-to" name="to" maxlength="40" value="{{ $page->value('to') }}" placeholder="its right end">
                    </p>
                    <input type="hidden" name="island" value="0">
                    <label class="kitchen-choice"><input type="checkbox" name="island" value="1" @checked($page->isOn('island', false))> an island before that wall instead</label>
                    <p class="kitchen-part">
                        <label for="kitchen-aisle">aisle</label> <input class="form-control form-control-sm" id="kitchen-aisle" name="aisle" maxlength="40" value="{{ $page->value('aisle') }}" placeholder="{{ $page->length($page->usualAisle()) }}">
                        <label for="kitchen-length">length</label> <input class="form-control form-control-sm" id="kitchen-length" name="length" maxlength="40" value="{{ $page->value('length') }}" placeholder="{{ $page->length($page->usualIsland()) }}">
                    </p>
                </fieldset>
                <fieldset>
                    <legend>To hold, from left to right</legend>
                    <ol class="kitchen-wanted">
                        @foreach ($page->rows() as $number => [$kind, $width, $place])
                            <li data-wanted>
                                <select class="form-select form-select-sm" name="kinds[{{ $number }}]" aria-label="Fixture {{ $number + 1 }}"><option value="">nothing more</option>@foreach ($page->kinds() as $value => $words)<option value="{{ $value }}" @selected($value === $kind)>{{ $words }}</option>@endforeach</select>
                                <input class="form-control form-control-sm" name="widths[{{ $number }}]" maxlength="40" value="{{ $width }}" placeholder="{{ $page->usualWidth($kind) }}" aria-label="Width of fixture {{ $number + 1 }}">
                                <select class="form-select form-select-sm" name="places[{{ $number }}]" aria-label="Place of fixture {{ $number + 1 }}">@foreach ($page->places() as $value => $words)<option value="{{ $value }}" @selected($value === $place)>{{ $words }}</option>@endforeach</select>
                                <button type="button" class="btn btn-sm btn-quiet" data-earlier @disabled($number === 0) aria-label="Fixture {{ $number + 1 }} earlier">↑</button>
                            </li>
                        @endforeach
                    </ol>
                </fieldset>
                <fieldset>
                    <legend>Units</legend>
                    <p class="kitchen-part">
                        <label for="kitchen-least">widths from</label> <input class="form-control form-control-sm" id="kitchen-least" name="least" maxlength="40" value="{{ $page->value('least') }}" placeholder="{{ $page->length($page->kitchen->usualWidths->least) }}">
                        <label for="kitchen-greatest">to</label> <input class="form-control form-control-sm" id="kitchen-greatest" name="greatest" maxlength="40" value="{{ $page->value('greatest') }}" placeholder="{{ $page->length($page->kitchen->usualWidths->greatest) }}">
                        <label for="kitchen-step">by</label> <input class="form-control form-control-sm" id="kitchen-step" name="step" maxlength="40" value="{{ $page->value('step') }}" placeholder="{{ $page->length($page->kitchen->usualWidths->step) }}">
                    </p>
                    <p class="kitchen-part">
                        <label for="kitchen-filler">filler at each wall</label> <input class="form-control form-control-sm" id="kitchen-filler" name="filler" maxlength="40" value="{{ $page->value('filler') }}" placeholder="none">
                        <label for="kitchen-beside">beside a range</label> <input class="form-control form-control-sm" id="kitchen-beside" name="beside" maxlength="40" value="{{ $page->value('beside') }}" placeholder="{{ $page->length($page->usualBeside()) }}">
                        <label for="kitchen-fillers">what is left over</label> <select class="form-select form-select-sm" id="kitchen-fillers" name="fillers">@foreach ($page->fillerPlaces() as $value => $words)<option value="{{ $value }}" @selected($value === $page->value('fillers'))>{{ $words }}</option>@endforeach</select>
                    </p>
                    <label class="form-label" for="kitchen-corner">Corners</label>
                    <select class="form-select form-select-sm" id="kitchen-corner" name="corner">@foreach ($page->corners() as $value => $words)<option value="{{ $value }}" @selected($value === $page->value('corner'))>{{ $words }}</option>@endforeach</select>
                </fieldset>
                <fieldset>
                    <legend>Worktops</legend>
                    <p class="kitchen-part">
                        <label for="kitchen-over-fronts">over fronts</label> <input class="form-control form-control-sm" id="kitchen-over-fronts" name="over_fronts" maxlength="40" value="{{ $page->value('over_fronts') }}" placeholder="{{ $page->length($page->kitchen->usualSizes->overhang) }}">
                        <label for="kitchen-over-ends">over open ends</label> <input class="form-control form-control-sm" id="kitchen-over-ends" name="over_ends" maxlength="40" value="{{ $page->value('over_ends') }}" placeholder="{{ $page->length($page->kitchen->usualSizes->overhang) }}">
                        <label for="kitchen-upstand">upstand</label> <input class="form-control form-control-sm" id="kitchen-upstand" name="upstand" maxlength="40" value="{{ $page->value('upstand') }}" placeholder="none">
                    </p>
                    <input type="hidden" name="one_piece" value="0">
                    <label class="kitchen-choice"><input type="checkbox" name="one_piece" value="1" @checked($page->isOn('one_piece', false))> in one piece around corners</label>
                </fieldset>
                <fieldset>
                    <legend>Above</legend>
                    @foreach (['hung' => [__('wall units and a hood'), true], 'glass' => [__('glass doors'), false], 'deep' => [__('a unit as deep as base units over a refrigerator'), true]] as $name => [$words, $usual])
                        <input type="hidden" name="{{ $name }}" value="0">
                        <label class="kitchen-choice"><input type="checkbox" name="{{ $name }}" value="1" @checked($page->isOn($name, $usual))> {{ $words }}</label>
                    @endforeach
                </fieldset>
                <button class="btn btn-sm btn-primary">Lay out</button>
            </form>
            @include('kitchen.result')
        </div>
    @endif
@endsection
