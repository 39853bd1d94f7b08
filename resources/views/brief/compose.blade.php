<aside class="brief-compose">
    <form hx-get="{{ route('brief.wish.new', $page->project) }}" hx-target="#wishes" hx-swap="beforeend" data-composes>
        <h2>Put a wish together</h2>
        <label for="compose-of">Of</label>
        <select class="form-select form-select-sm" id="compose-of" name="of">
            @foreach (Heurema\Brief\RoomWords::uses() as $use)<option value="{{ $use->value }}">{{ Heurema\Brief\RoomWords::plural($use) }}</option>@endforeach
            <option value="{{ Heurema\Brief\WishComposer::EVERY_ROOM }}">every room</option>
            <option value="{{ Heurema\Brief\WishComposer::HOME }}">the home as a whole</option>
        </select>
        <label for="compose-which" data-shown-for="rooms">Which</label>
        <select class="form-select form-select-sm" id="compose-which" name="which" data-shown-for="rooms"><option value="every">each of them</option><option value="one">one of them</option><option value="largest">the largest</option></select>
        <label for="compose-about">is wished</label>
        <select class="form-select form-select-sm" id="compose-about" name="about">
            @foreach (Heurema\Brief\WishComposer::OF_ROOMS as $about => $words)<option value="{{ $about }}" data-of="rooms">{{ $words }}</option>@endforeach
            @foreach (Heurema\Brief\WishComposer::OF_HOME as $about => $words)<option value="{{ $about }}" data-of="home">{{ $words }}</option>@endforeach
        </select>
        <span class="compose-range" data-shown-for="count area side length ceiling windows door total circulation storage storeys">
            <label for="compose-from">from</label> <input class="form-control form-control-sm" id="compose-from" name="from" maxlength="40" autocomplete="off">
            <label for="compose-to">to</label> <input class="form-control form-control-sm" id="compose-to" name="to" maxlength="40" autocomplete="off">
        </span>
        @foreach ([
            ['has', Heurema\Brief\FixtureWords::choices()],
            ['own opens beside through overlooks', Heurema\Brief\RoomWords::choices()],
            ['faces sector', array_combine(Heurema\Brief\RoomClauses::sides(), Heurema\Brief\RoomClauses::sides())],
        ] as $number => [$for, $choices])
            <label for="compose-other-{{ $number }}" data-shown-for="{{ $for }}">what</label>
            <select class="form-select form-select-sm" id="compose-other-{{ $number }}" name="other" data-shown-for="{{ $for }}">@foreach ($choices as $value => $words)<option value="{{ $value }}">{{ $words }}</option>@endforeach</select>
            <label for="compose-or-{{ $number }}" data-shown-for="{{ str_replace(['own ', ' through'], '', $for) }}">or</label>
            <select class="form-select form-select-sm" id="compose-or-{{ $number }}" name="or" data-shown-for="{{ str_replace(['own ', ' through'], '', $for) }}"><option value="">nothing else</option>@foreach ($choices as $value => $words)<option value="{{ $value }}">{{ $words }}</option>@endforeach</select>
        @endforeach
        <label class="compose-not" data-shown-for="has own opens beside outside overlooks faces sector"><input type="checkbox" name="not" value="1"> not so</label>
        <p class="field-error" id="compose-refused" role="alert"></p>
        <button class="btn btn-sm btn-tool">Add to the wishes</button>
    </form>
    <h2>Said so</h2>
    <ul class="brief-examples">
        @foreach (App\Pages\BriefPage::EXAMPLES[$page->home->layout->units->value] as $example)<li>{{ $example }}</li>@endforeach
    </ul>
</aside>
