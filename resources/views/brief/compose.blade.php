<aside class="brief-compose">
    <form hx-get="{{ route('brief.wish.new', $page->project) }}" hx-target="#wishes" hx-swap="beforeend" data-composes>
        <h2>Put a wish together</h2>
        <label for="compose-of">Of</label>
        <select class="form-select form-select-sm" id="compose-of" name="of">
            @foreach (Heurema\Layout\Words\RoomUse::cases() as $use)<option value="{{ $use->value }}">{{ Heurema\Brief\RoomWords::saidPlural($use) }}</option>@endforeach
            <option value="{{ Heurema\Brief\WishComposer::EVERY_ROOM }}">every room</option>
            <option value="{{ Heurema\Brief\WishComposer::HOME }}">the home as a whole</option>
        </select>
        <label for="compose-which" data-part="which">Which</label>
        <select class="form-select form-select-sm" id="compose-which" name="which" data-part="which"><option value="every">each of them</option><option value="one">one of them</option><option value="largest">the largest</option></select>
        <label for="compose-about">is wished</label>
        <select class="form-select form-select-sm" id="compose-about" name="about">
            @foreach (Heurema\Brief\WishComposer::OF_ROOMS as $about => $asks)<option value="{{ $about }}" data-asks="{{ $asks }}" data-of="rooms">{{ Heurema\Brief\WishComposer::words($about) }}</option>@endforeach
            @foreach (Heurema\Brief\WishComposer::OF_HOME as $about => $asks)<option value="{{ $about }}" data-asks="{{ $asks }}" data-of="home">{{ Heurema\Brief\WishComposer::words($about) }}</option>@endforeach
        </select>
        <span class="compose-range" data-part="range">
            <label for="compose-from">from</label> <input class="form-control form-control-sm" id="compose-from" name="from" maxlength="40" autocomplete="off">
            <label for="compose-to">to</label> <input class="form-control form-control-sm" id="compose-to" name="to" maxlength="40" autocomplete="off">
        </span>
        @foreach ([
            'fixture' => Heurema\Brief\FixtureWords::choices(),
            'room' => Heurema\Brief\RoomWords::choices(),
            'side' => Heurema\Brief\WishComposer::choices(Heurema\Spatial\Compass::clockwise()),
            'place' => Heurema\Brief\WishComposer::choices(Heurema\Brief\WishComposer::places()),
        ] as $part => $choices)
            <label for="compose-{{ $part }}" data-part="{{ $part }}">what</label>
            <select class="form-select form-select-sm" id="compose-{{ $part }}" name="other" data-part="{{ $part }}">@foreach ($choices as $value => $words)<option value="{{ $value }}">{{ $words }}</option>@endforeach</select>
            <label for="compose-or-{{ $part }}" data-part="{{ $part }} or">or</label>
            <select class="form-select form-select-sm" id="compose-or-{{ $part }}" name="or" data-part="{{ $part }} or"><option value="">nothing else</option>@foreach ($choices as $value => $words)<option value="{{ $value }}">{{ $words }}</option>@endforeach</select>
        @endforeach
        <label class="compose-not" data-part="not"><input type="checkbox" name="not" value="1"> not so</label>
        <p class="field-error" id="compose-refused" role="alert"></p>
        <button class="btn btn-sm btn-tool">Add to the wishes</button>
    </form>
    <h2>Said so</h2>
    <ul class="brief-examples">
        @foreach (App\Pages\BriefPage::EXAMPLES[$page->home->layout->units->value] as $example)<li>{{ $example }}</li>@endforeach
    </ul>
</aside>
