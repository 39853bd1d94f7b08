@extends('layouts.page')
@section('title', 'Brief')
@section('body-class', 'page-schedule')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> @if ($project->latestRevision)<a href="{{ route('review', $project->latestRevision) }}">{{ $project->name }}</a>@else{{ $project->name }}@endif <span aria-hidden="true">/</span> <h1>Brief</h1>
@endsection
@section('content')
    <form class="brief schedule-page" method="post" action="{{ route('brief.update', $project) }}">
        @csrf @method('put')
        <p>What the client wishes, checked on every revision like a rule book. Leave blank what does not matter. Amounts with their units: <code>12 m2</code>, <code>120 sq ft</code>, <code>2.4 m</code>, <code>8 ft</code>.</p>
        @if ($errors->any())<div role="alert">@foreach ($errors->all() as $problem)<p class="field-error">{{ $problem }}</p>@endforeach</div>@endif
        <div class="brief-table">
        <table class="schedule">
            <thead><tr><th scope="col">Rooms</th><th scope="col">From</th><th scope="col">To</th><th scope="col">Area from</th><th scope="col">to</th><th scope="col">Least side</th><th scope="col">Ceiling</th><th scope="col">Windows</th><th scope="col">Door</th><th scope="col">Bathroom</th><th scope="col">Fixtures in it</th><th scope="col">Lies in the</th><th scope="col">not in the</th></tr></thead>
            <tbody>
                @for ($i = 0; $i < count($brief->rooms) + 3; ++$i)
                    @php($wish = $brief->rooms[$i] ?? null)
                    <tr>
                        <th scope="row"><select class="form-select form-select-sm" name="rooms[{{ $i }}][use]" aria-label="Rooms, row {{ $i + 1 }}"><option value=""></option>@foreach (Heurema\Layout\Words\RoomUse::cases() as $use)<option value="{{ $use->value }}" @selected(old("rooms.{$i}.use", $wish?->use) === $use->value)>{{ str_replace('_', ' ', $use->value) }}</option>@endforeach</select></th>
                        @foreach (['count_from' => 'At least so many', 'count_to' => 'At most so many', 'area_from' => 'Area from', 'area_to' => 'Area to', 'side' => 'Least side', 'ceiling' => 'Ceiling', 'windows' => 'Windows', 'door' => 'Door width'] as $key => $label)
                            <td><input class="form-control form-control-sm" name="rooms[{{ $i }}][{{ $key }}]" aria-label="{{ $label }}, row {{ $i + 1 }}" maxlength="40" value="{{ old("rooms.{$i}.{$key}", $wish?->amounts[$key] ?? '') }}" @error("rooms.{$i}.{$key}") aria-invalid="true" @enderror></td>
                        @endforeach
                        <td><select class="form-select form-select-sm" name="rooms[{{ $i }}][bath]" aria-label="Bathroom, row {{ $i + 1 }}">@foreach (['' => '', 'attached' => 'attached', 'common' => 'for all'] as $value => $words)<option value="{{ $value }}" @selected(old("rooms.{$i}.bath", $wish?->bath ?? '') === $value)>{{ $words }}</option>@endforeach</select></td>
                        <td><input class="form-control form-control-sm" name="rooms[{{ $i }}][things]" aria-label="Things, row {{ $i + 1 }}" maxlength="300" value="{{ old("rooms.{$i}.things", $wish === null ? '' : implode(', ', array_map(fn ($kind, $count) => str_replace('_', ' ', $kind)." {$count}", array_keys($wish->fixtures), $wish->fixtures))) }}" @error("rooms.{$i}.things") aria-invalid="true" @enderror></td>
                        <td><input class="form-control form-control-sm" name="rooms[{{ $i }}][in]" aria-label="Sectors, row {{ $i + 1 }}" maxlength="200" value="{{ old("rooms.{$i}.in", implode(', ', $wish?->in ?? [])) }}" placeholder="south, south-east"></td>
                        <td><input class="form-control form-control-sm" name="rooms[{{ $i }}][out]" aria-label="Sectors it must not lie in, row {{ $i + 1 }}" maxlength="200" value="{{ old("rooms.{$i}.out", implode(', ', $wish?->out ?? [])) }}"></td>
                    </tr>
                @endfor
            </tbody>
        </table>
        </div>
        <fieldset class="brief-total"><legend>All rooms together</legend>
            <label>from <input class="form-control form-control-sm" name="total[from]" maxlength="40" value="{{ old('total.from', $brief->total['from'] ?? '') }}"></label>
            <label>to <input class="form-control form-control-sm" name="total[to]" maxlength="40" value="{{ old('total.to', $brief->total['to'] ?? '') }}"></label>
        </fieldset>
        <details @if ($brief->free !== '' || $errors->has('free')) open @endif>
            <summary>Rules of your own</summary>
            <label for="free">A YAML list of rules, as the rule books have them</label>
            <textarea class="form-control" id="free" name="free" rows="8" maxlength="20000" spellcheck="false" placeholder="- { id: tall-living, clause: brief, title: A tall living room, subject: room, when: room.use == 'living', measure: room.ceiling_height, at_least: 2.7 m, why: The client wishes it., source: the client }">{{ old('free', $brief->free) }}</textarea>
        </details>
        @php($latest = $project->latestRevision)
        @if ($latest === null || ($latest->state->isOpen() && auth()->user()?->can('update', $latest)))
            <p><button class="btn btn-primary">Hold the home against it</button></p>
        @else
            <p class="field-help">{{ $latest->state->isOpen() ? 'Reviewers change the brief once the home has been handed in.' : "The revision is {$latest->state->words()}: the brief that it was decided on stays." }}</p>
        @endif
    </form>
@endsection
